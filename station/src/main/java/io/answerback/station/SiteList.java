package io.answerback.station;

import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/// The operator's list of a site, and what was open at it before: besides what the list says of a signal, an
/// end without its beginning is a problem. Safe to share between connections.
public final class SiteList implements Function<Signal, List<String>> {
    private static final int MOST_OPEN = 10_000;

    private final Function<Signal, List<String>> list;
    private final EventTable events;
    private final Set<String> open = new HashSet<>();

    /// @param list what is wrong with a signal by itself
    public SiteList(Function<Signal, List<String>> list, EventTable events) {
        this.list = list;
        this.events = events;
    }

    @Override
    public List<String> apply(Signal signal) {
        List<String> problems = new ArrayList<>(list.apply(signal));
        if (endsNothing(signal)) {
            problems.add("restore without alarm: nothing is open at " + signal.event() + ", area " + signal.areaDigits()
                    + ", zone " + signal.zoneDigits());
        }
        return problems;
    }

    private synchronized boolean endsNothing(Signal signal) {
        String key = String.join(" ", signal.account(), signal.event(), signal.areaDigits(), signal.zoneDigits());
        if (signal.qualifier() != Qualifier.RESTORE) {
            if (open.size() < MOST_OPEN) {
                open.add(key);
            }
            return false;
        }
        return !open.remove(key) && events.group(signal) == EventGroup.RESTORE;
    }
}
