package io.answerback.station;

import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/// Which events began and have not ended within a while, so that an operator asks. Knows no clock.
public final class OverdueRestores {
    private static final int MOST = 10_000;

    private final Duration longest;
    private final Predicate<Signal> ends;
    private final Map<Signal, Instant> open = new LinkedHashMap<>();

    /// @param longest how long an event may stand
    /// @param ends whether the end of an event is reported, so that it can be waited for
    public OverdueRestores(Duration longest, Predicate<Signal> ends) {
        this.longest = longest;
        this.ends = ends;
    }

    /// A signal has arrived.
    public synchronized void arrived(Signal signal, Instant at) {
        Signal begins = new Signal(signal.account(), Qualifier.NEW, signal.event(), signal.area(), signal.zone());
        switch (signal.qualifier()) {
            case NEW -> {
                if (ends.test(signal) && open.size() < MOST) {
                    open.putIfAbsent(begins, at);
                }
            }
            case RESTORE -> open.remove(begins);
            case STILL_PRESENT -> {}
        }
    }

    /// The events that have stood for too long by now; each is said once.
    public synchronized List<Signal> overdue(Instant now) {
        List<Signal> late = new ArrayList<>();
        open.forEach((signal, since) -> {
            if (since.plus(longest).isBefore(now)) {
                late.add(signal);
            }
        });
        late.forEach(open::remove);
        return List.copyOf(late);
    }
}
