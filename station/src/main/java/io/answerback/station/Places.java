package io.answerback.station;

import java.io.IOException;
import java.net.Socket;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.LongSupplier;

/// The connections of a station. There is always a place for a new caller: where there would be none, the
/// connection that has been without a whole frame for the longest is closed, first among those of the same
/// address where that has its share; one whose bytes are waiting to be read is passed over. Idle, trickling and
/// never-reading callers therefore cannot keep others out.
final class Places {
    private static final Duration NOT_TAKING = Duration.ofMillis(500);

    private final StationRules.Limits limits;
    private final BiConsumer<Place, String> closed;
    private final LongSupplier nanos;
    private final Set<Place> open = new LinkedHashSet<>();

    /// @param closed told of each connection that is closed, with the reason
    /// @param nanos a clock that never goes back, in nanoseconds
    Places(StationRules.Limits limits, BiConsumer<Place, String> closed, LongSupplier nanos) {
        this.limits = limits;
        this.closed = closed;
        this.nanos = nanos;
    }

    /// One connection.
    static final class Place {
        private final Socket socket;
        private final String caller;
        private volatile long quietSince;
        private volatile long writingSince;
        private volatile boolean writing;

        private Place(Socket socket, long now) {
            this.socket = socket;
            this.caller = socket.getInetAddress().getHostAddress();
            this.quietSince = now;
        }

        Socket socket() {
            return socket;
        }

        String caller() {
            return caller;
        }
    }

    Place admit(Socket socket) {
        List<Place> gone = new ArrayList<>();
        Place place = new Place(socket, nanos.getAsLong());
        String why;
        synchronized (this) {
            List<Place> same =
                    open.stream().filter(its -> its.caller.equals(place.caller)).toList();
            why = same.size() >= limits.mostOfOneCaller()
                    ? "%d connections of %s are the most of one address"
                            .formatted(limits.mostOfOneCaller(), place.caller)
                    : "%d connections are the most there are".formatted(limits.mostConnections());
            if (same.size() >= limits.mostOfOneCaller()) {
                gone.add(quietest(same));
            } else if (open.size() >= limits.mostConnections()) {
                gone.add(quietest(open));
            }
            gone.forEach(open::remove);
            open.add(place);
        }
        gone.forEach(
                old -> close(
                        old,
                        why
                                + "; this one took no answer, or was without a whole frame for the longest, and is closed for a new one"));
        return place;
    }

    /// A caller that has not taken its answer for half a second goes first, the longest of these before the
    /// others. Many callers at once may be admitted before the frame of one of them is read: what waits to be
    /// read is given a chance.
    private Place quietest(Collection<Place> places) {
        Optional<Place> stuck =
                notTaking(places, NOT_TAKING).stream().min(Comparator.comparingLong(place -> place.writingSince));
        if (stuck.isPresent()) {
            return stuck.get();
        }
        List<Place> byQuiet = places.stream()
                .map(Quiet::now)
                .sorted(Comparator.comparingLong(Quiet::since))
                .map(Quiet::place)
                .toList();
        return byQuiet.stream().filter(place -> !hasSent(place)).findFirst().orElseGet(byQuiet::getFirst);
    }

    /// Since when a place has been quiet, read once: it changes while places are put in order.
    private record Quiet(Place place, long since) {
        static Quiet now(Place place) {
            return new Quiet(place, place.quietSince);
        }
    }

    private static boolean hasSent(Place place) {
        try {
            return place.socket.getInputStream().available() > 0;
        } catch (IOException gone) {
            return false;
        }
    }

    /// A whole frame came.
    void heard(Place place) {
        place.quietSince = nanos.getAsLong();
    }

    void writes(Place place) {
        place.writingSince = nanos.getAsLong();
        place.writing = true;
    }

    void wrote(Place place) {
        place.writing = false;
    }

    /// Closes the connections whose callers have not taken their answer in time.
    void closeStuck() {
        List<Place> stuck;
        synchronized (this) {
            stuck = notTaking(open, limits.longestWrite());
            stuck.forEach(open::remove);
        }
        stuck.forEach(place -> close(
                place,
                "%s did not take its answer in %d s; the connection is closed"
                        .formatted(place.caller, limits.longestWrite().toSeconds())));
    }

    /// Those whose answer has waited for longer than this.
    private List<Place> notTaking(Collection<Place> places, Duration longest) {
        long now = nanos.getAsLong();
        return places.stream()
                .filter(place -> place.writing && now - place.writingSince > longest.toNanos())
                .toList();
    }

    private void close(Place place, String why) {
        shut(place);
        closed.accept(place, why);
    }

    private static void shut(Place place) {
        try {
            place.socket.close();
        } catch (IOException gone) {
            return;
        }
    }

    synchronized void leave(Place place) {
        open.remove(place);
    }

    void closeAll() {
        List<Place> all;
        synchronized (this) {
            all = List.copyOf(open);
            open.clear();
        }
        all.forEach(Places::shut);
    }
}
