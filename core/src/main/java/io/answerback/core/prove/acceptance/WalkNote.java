package io.answerback.core.prove.acceptance;

import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.shown.FoundOnWalk;
import io.answerback.core.model.site.Link;
import io.answerback.core.signal.event.Signal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// What a signal that arrived on a live walk shows, said at the moment it arrives.
///
/// @param kind what sort of thing it is
/// @param lineId the line it belongs to; empty for none
/// @param otherId another line it belongs to as well; empty for none
/// @param says in one line, to be read across a room
/// @param why what explains it, and what to do; empty where nothing is wrong
/// @param link the link that explains it; empty where nothing is wrong or nobody can say
/// @param entry what has to be typed anew; empty where typing does not help
/// @param number of which zone or area that entry is; 0 for none
public record WalkNote(
        Kind kind,
        Optional<String> lineId,
        Optional<String> otherId,
        String says,
        String why,
        Optional<Link> link,
        Optional<Decision> entry,
        int number) {
    /// What sort of thing it is.
    public enum Kind {
        /// It begins a line, whose end is still to come.
        BEGUN(false),
        /// It completes a line.
        SHOWN(false),
        /// The same once more.
        AGAIN(false),
        /// The end of something that never began; it shows nothing.
        OUT_OF_TURN(false),
        /// A line's signal came, and somebody is at another point.
        OTHER_DEVICE(true),
        /// Two devices answer for each other.
        SWAPPED(true),
        /// The zone is in another area.
        WRONG_AREA(true),
        /// The zone behaves otherwise.
        WRONG_EVENT(true),
        /// The number is another.
        WRONG_NUMBER(true),
        /// It came under another account.
        WRONG_ACCOUNT(true),
        /// A restore that never came.
        NO_RESTORE(true),
        /// The station did not take it, as with a wrong clock.
        REFUSED(true),
        /// It fits no line.
        UNKNOWN(true),
        /// It is part of the traffic of every site, such as a test.
        TRAFFIC(false);

        private final boolean wrong;

        Kind(boolean wrong) {
            this.wrong = wrong;
        }

        /// Whether something is wrong.
        public boolean wrong() {
            return wrong;
        }
    }

    static WalkNote well(Kind kind, AcceptanceLine line, String says) {
        return new WalkNote(
                kind, Optional.of(line.id()), Optional.empty(), says, "", Optional.empty(), Optional.empty(), 0);
    }

    /// Something that the station did not take: it shows nothing, whatever it says.
    ///
    /// @param what what came, such as a signal or the kind of a frame
    /// @param problems why it was not taken, in words
    public static WalkNote refused(String what, List<String> problems) {
        return new WalkNote(
                Kind.REFUSED,
                Optional.empty(),
                Optional.empty(),
                what + " was not taken",
                problems.isEmpty() ? "The station gave no answer." : String.join(" ", problems),
                Optional.of(Link.STATION),
                Optional.empty(),
                0);
    }

    /// A signal that this station has taken and the site's own receivers would refuse: it shows nothing.
    ///
    /// @param what what came, such as the kind of a frame
    /// @param unlike what they would not take, in words
    public static WalkNote unlike(String what, List<String> unlike) {
        return new WalkNote(
                Kind.REFUSED,
                Optional.empty(),
                Optional.empty(),
                what + ": the monitoring station would refuse it",
                String.join("; ", unlike) + ".",
                Optional.of(Link.STATION),
                Optional.empty(),
                0);
    }

    static WalkNote wrong(Kind kind, Optional<AcceptanceLine> line, String says, String why, Link link) {
        return new WalkNote(
                kind,
                line.map(AcceptanceLine::id),
                Optional.empty(),
                says,
                why,
                Optional.ofNullable(link),
                Optional.empty(),
                0);
    }

    WalkNote alsoOf(AcceptanceLine other) {
        return new WalkNote(kind, lineId, Optional.of(other.id()), says, why, link, entry, number);
    }

    /// The lines it belongs to.
    public List<String> lineIds() {
        return Stream.concat(lineId.stream(), otherId.stream()).toList();
    }

    /// What a job keeps of it where it is wrong: for each of its lines, or for none where it belongs to none.
    ///
    /// @param came the signal that came; empty where the fault is that none did
    /// @param plan what had to come
    /// @param by who walks
    /// @param at when it was found
    public List<FoundOnWalk> found(Optional<Signal> came, AcceptancePlan plan, String by, Instant at) {
        if (!kind.wrong()) {
            return List.of();
        }
        String arrived = came.map(Expected::of).map(Expected::words).orElse("");
        List<FoundOnWalk> all = lineIds().stream()
                .map(id -> new FoundOnWalk(
                        id,
                        by,
                        at,
                        says,
                        arrived,
                        plan.line(id).map(WalkNote::wanted).orElse(""),
                        ""))
                .toList();
        return all.isEmpty() ? List.of(new FoundOnWalk("", by, at, says, arrived, "", "")) : all;
    }

    private static String wanted(AcceptanceLine line) {
        return line.expects().stream().map(Expected::words).collect(Collectors.joining(", "));
    }

    WalkNote mendedBy(Decision decision, int of) {
        return new WalkNote(kind, lineId, otherId, says, why, link, Optional.of(decision), of);
    }
}
