package io.answerback.core.panel;

import io.answerback.core.profile.Meaning;
import io.answerback.core.site.Area;
import io.answerback.core.site.Parts;
import io.answerback.core.site.SystemPoint;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/// What a panel remembers. Never changes; each step makes another.
///
/// @param setAreas numbers of the areas that are set
/// @param reads what each zone read last; a zone not in it read normal
/// @param alarms zones that sent an alarm and have not sent its restore
/// @param tampers zones that sent a tamper and have not sent its restore
/// @param entries by area, the entry time that runs
/// @param failed system points that have failed
/// @param bus what hangs on its bus and what it hears by radio
public record PanelState(
        Set<Integer> setAreas,
        Map<Integer, Meaning> reads,
        Set<Integer> alarms,
        Set<Integer> tampers,
        Map<Integer, Entry> entries,
        Set<SystemPoint> failed,
        BusMemory bus) {
    /// An entry time that runs.
    ///
    /// @param zone the zone that started it
    /// @param until when it runs out
    public record Entry(int zone, Instant until) {}

    public PanelState {
        setAreas = Set.copyOf(setAreas);
        reads = Map.copyOf(reads);
        alarms = Set.copyOf(alarms);
        tampers = Set.copyOf(tampers);
        entries = Map.copyOf(entries);
        failed = Set.copyOf(failed);
    }

    /// A panel with every area unset and everything at rest.
    public static PanelState unset() {
        return new PanelState(Set.of(), Map.of(), Set.of(), Set.of(), Map.of(), Set.of(), BusMemory.QUIET);
    }

    /// A panel with every area of `job` set and everything at rest.
    public static PanelState allSet(Parts job) {
        Set<Integer> all = job.areas().stream().map(Area::number).collect(Collectors.toSet());
        return new PanelState(all, Map.of(), Set.of(), Set.of(), Map.of(), Set.of(), BusMemory.QUIET);
    }

    /// What a zone read last.
    public Meaning reads(int zone) {
        return reads.getOrDefault(zone, Meaning.NORMAL);
    }

    PanelState withSet(int area, boolean set) {
        Map<Integer, Entry> running = new HashMap<>(entries);
        running.remove(area);
        return new PanelState(BusMemory.changed(setAreas, area, set), reads, alarms, tampers, running, failed, bus);
    }

    PanelState withRead(int zone, Meaning meaning) {
        Map<Integer, Meaning> next = new HashMap<>(reads);
        next.put(zone, meaning);
        return new PanelState(setAreas, next, alarms, tampers, entries, failed, bus);
    }

    PanelState withAlarm(int zone, boolean alarm) {
        return new PanelState(setAreas, reads, BusMemory.changed(alarms, zone, alarm), tampers, entries, failed, bus);
    }

    PanelState withTamper(int zone, boolean tamper) {
        return new PanelState(setAreas, reads, alarms, BusMemory.changed(tampers, zone, tamper), entries, failed, bus);
    }

    PanelState withEntry(int area, Optional<Entry> entry) {
        Map<Integer, Entry> next = new HashMap<>(entries);
        next.remove(area);
        entry.ifPresent(running -> next.put(area, running));
        return new PanelState(setAreas, reads, alarms, tampers, next, failed, bus);
    }

    PanelState withFailed(SystemPoint point, boolean fails) {
        return new PanelState(setAreas, reads, alarms, tampers, entries, BusMemory.changed(failed, point, fails), bus);
    }

    PanelState withBus(BusMemory other) {
        return new PanelState(setAreas, reads, alarms, tampers, entries, failed, other);
    }
}
