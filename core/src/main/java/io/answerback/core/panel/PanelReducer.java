package io.answerback.core.panel;

import io.answerback.core.common.Text;
import io.answerback.core.event.Qualifier;
import io.answerback.core.event.Signal;
import io.answerback.core.profile.Meaning;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.setup.Intent;
import io.answerback.core.site.Area;
import io.answerback.core.site.Input;
import io.answerback.core.site.Parts;
import io.answerback.core.site.SystemPoint;
import io.answerback.core.site.Zone;
import io.answerback.core.wording.Terms;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/// A panel programmed as the job says: a pure step from what it remembers and what happens to what it does.
///
/// @param job the site's programming
public record PanelReducer(Parts job) {
    private static final String SET_OR_UNSET_BY_USER = "401";
    private static final String FAILED_TO_SET = "454";
    private static final String TAMPER = "137";

    /// One step. Entry times that ran out by `now` are dealt with first.
    ///
    /// @param state what the panel remembers
    /// @param input what happens to it
    /// @param now when it happens
    public PanelStep step(PanelState state, PanelInput input, Instant now) {
        BusReducer bus = new BusReducer(job);
        PanelStep entered = entriesRunOut(state, now);
        PanelStep overdue = entered.then(bus.silent(entered.state(), now));
        PanelState current = overdue.state();
        return overdue.then(
                switch (input) {
                    case PanelInput.SetArea set -> setArea(current, set.area(), SET_OR_UNSET_BY_USER, set.user());
                    case PanelInput.UnsetArea unset ->
                        unsetArea(current, unset.area(), SET_OR_UNSET_BY_USER, unset.user());
                    case PanelInput.ZoneReads zone -> zoneReads(current, zone, now);
                    case PanelInput.InputReads reads -> inputReads(current, reads, now);
                    case PanelInput.ModuleChanges module -> bus.moduleChanges(current, module);
                    case PanelInput.CoverChanges cover -> bus.coverChanges(current, cover);
                    case PanelInput.SignOfLife life -> bus.signOfLife(current, life.inputId(), now);
                    case PanelInput.Scan scan -> bus.scan(current);
                    case PanelInput.SystemChanges system -> systemChanges(current, system);
                    case PanelInput.TimePasses passes -> PanelStep.of(current);
                });
    }

    private PanelStep entriesRunOut(PanelState state, Instant now) {
        PanelStep step = PanelStep.of(state);
        for (var running : state.entries().entrySet()) {
            if (!now.isBefore(running.getValue().until())) {
                PanelState ended = step.state().withEntry(running.getKey(), Optional.empty());
                step = step.then(job.zone(running.getValue().zone())
                        .map(zone -> alarm(ended, zone))
                        .orElse(PanelStep.of(ended)));
            }
        }
        return step;
    }

    private PanelStep setArea(PanelState state, int area, String event, int user) {
        List<Integer> open = job.zones().stream()
                .filter(zone -> zone.area().filter(its -> its == area).isPresent())
                .filter(zone -> zone.type() != ZoneType.NOT_USED && !zone.type().switches())
                .map(Zone::number)
                .filter(number -> state.reads(number) != Meaning.NORMAL)
                .toList();
        if (!open.isEmpty()) {
            return report(state, area, Qualifier.NEW, FAILED_TO_SET, user)
                    .then(PanelStep.silent(
                            state, "not " + Terms.of(job.practice()).set() + ": zones " + open + " are open"));
        }
        return report(state.withSet(area, true), area, Qualifier.RESTORE, event, user);
    }

    private PanelStep unsetArea(PanelState state, int area, String event, int user) {
        return report(state.withSet(area, false), area, Qualifier.NEW, event, user);
    }

    private PanelStep inputReads(PanelState state, PanelInput.InputReads read, Instant now) {
        Optional<Input> input = job.inputs().stream()
                .filter(its -> its.id().equals(read.inputId()))
                .findFirst();
        if (input.isEmpty()) {
            return PanelStep.silent(state, "there is no input " + read.inputId());
        }
        RadioView radio = new RadioView(job);
        Optional<String> deaf =
                new BusView(job).deafTo(input.get(), state.bus().lost()).or(() -> radio.deafTo(input.get()));
        if (deaf.isPresent()) {
            return PanelStep.silent(state, deaf.get());
        }
        PanelStep alive = new BusReducer(job).signOfLife(state, read.inputId(), now);
        return alive.then(
                zoneReads(alive.state(), new PanelInput.ZoneReads(radio.zone(input.get()), read.reads()), now));
    }

    private PanelStep zoneReads(PanelState state, PanelInput.ZoneReads read, Instant now) {
        Optional<Zone> programmed = job.zone(read.zone()).filter(zone -> zone.type() != ZoneType.NOT_USED);
        if (programmed.isEmpty()) {
            return PanelStep.silent(state, "zone " + read.zone() + " is off: not monitored");
        }
        if (programmed.get().type() == ZoneType.LOG_ONLY) {
            return PanelStep.silent(state, "zone " + read.zone() + " is log only: nothing is sent");
        }
        if (read.reads().isEmpty()) {
            return PanelStep.silent(state, "the loop reads between bands: what the panel does is not promised");
        }
        if (programmed.get().area().isEmpty()) {
            return PanelStep.silent(state, "zone " + read.zone() + " has no area: nothing is sent");
        }
        Meaning meaning = read.reads().get();
        PanelState seen = state.withRead(read.zone(), meaning);
        return switch (meaning) {
            case NORMAL -> restore(seen, programmed.get());
            case ALARM, SECOND_ZONE, BOTH_ZONES -> opens(seen, programmed.get(), now);
            case TAMPER, FAULT, MASKED -> tamper(seen, programmed.get());
        };
    }

    private PanelStep opens(PanelState state, Zone zone, Instant now) {
        int area = zone.area().orElseThrow();
        boolean set = state.setAreas().contains(area);
        if (zone.type() == ZoneType.KEY_SWITCH) {
            return set
                    ? unsetArea(state, area, zone.event(), zone.number())
                    : setArea(state, area, zone.event(), zone.number());
        }
        if (zone.type() == ZoneType.KEY_SWITCH_HELD) {
            return set ? PanelStep.of(state) : setArea(state, area, zone.event(), zone.number());
        }
        if (!set && !zone.type().watchesAlways()) {
            return PanelStep.silent(
                    state,
                    Text.of(
                            "area %02d is %s: nothing is sent",
                            area, Terms.of(job.practice()).unset()));
        }
        boolean entering = state.entries().containsKey(area);
        if (entering && zone.type() == ZoneType.ENTRY_ROUTE) {
            return PanelStep.silent(state, "the entry time runs: the entry route is silent");
        }
        if (zone.type() == ZoneType.ENTRY_EXIT) {
            return entering ? PanelStep.of(state) : entry(state, zone, area, now);
        }
        return alarm(state, zone);
    }

    private PanelStep entry(PanelState state, Zone zone, int area, Instant now) {
        int seconds = (int) Math.round(new Intent(job).entrySeconds(area));
        var entry = new PanelState.Entry(zone.number(), now.plusSeconds(seconds));
        return PanelStep.of(state.withEntry(area, Optional.of(entry)), new Effect.EntryStarted(area, seconds));
    }

    private PanelStep alarm(PanelState state, Zone zone) {
        return zoneEvent(state.withAlarm(zone.number(), true), zone, Qualifier.NEW, zone.event());
    }

    private PanelStep tamper(PanelState state, Zone zone) {
        return zoneEvent(state.withTamper(zone.number(), true), zone, Qualifier.NEW, TAMPER);
    }

    private PanelStep restore(PanelState state, Zone zone) {
        int area = zone.area().orElseThrow();
        if (zone.type() == ZoneType.KEY_SWITCH_HELD && state.setAreas().contains(area)) {
            return unsetArea(state, area, zone.event(), zone.number());
        }
        PanelStep step = PanelStep.of(state);
        if (state.tampers().contains(zone.number())) {
            step = step.then(zoneEvent(step.state().withTamper(zone.number(), false), zone, Qualifier.RESTORE, TAMPER));
        }
        if (state.alarms().contains(zone.number())) {
            step = step.then(
                    zoneEvent(step.state().withAlarm(zone.number(), false), zone, Qualifier.RESTORE, zone.event()));
        }
        return step;
    }

    private PanelStep systemChanges(PanelState state, PanelInput.SystemChanges change) {
        if (state.failed().contains(change.point()) == change.failed()) {
            return PanelStep.of(state);
        }
        Qualifier qualifier = change.failed() ? Qualifier.NEW : Qualifier.RESTORE;
        PanelState next = state.withFailed(change.point(), change.failed());
        return systemSignal(change.point(), qualifier)
                .map(signal -> PanelStep.send(next, signal))
                .orElseGet(() -> PanelStep.silent(next, "no area has an account: nothing is sent"));
    }

    /// What a system point sends: the first account there is, area and zone 0. Empty when no area has an
    /// account.
    public Optional<Signal> systemSignal(SystemPoint point, Qualifier qualifier) {
        return firstAccount().map(account -> new Signal(account, qualifier, point.event(), 0, 0));
    }

    private Optional<String> firstAccount() {
        return firstAccount(job);
    }

    /// The account for what is in no area; empty when no area has one.
    static Optional<String> firstAccount(Parts job) {
        return job.areas().stream()
                .map(Area::account)
                .filter(account -> !account.isEmpty())
                .findFirst();
    }

    /// What a zone sends when it goes into alarm, if its area is watching. Empty when the zone is off or has no
    /// area, or its area has no account.
    public Optional<Signal> zoneSignal(Zone zone, Qualifier qualifier) {
        return zone.event().isEmpty()
                ? Optional.empty()
                : zone.area().flatMap(job::area).flatMap(area -> signal(area, qualifier, zone.event(), zone.number()));
    }

    private PanelStep zoneEvent(PanelState state, Zone zone, Qualifier qualifier, String event) {
        return report(state, zone.area().orElseThrow(), qualifier, event, zone.number());
    }

    private PanelStep report(PanelState state, int area, Qualifier qualifier, String event, int zone) {
        return job.area(area)
                .flatMap(known -> signal(known, qualifier, event, zone))
                .map(signal -> PanelStep.send(state, signal))
                .orElseGet(() -> PanelStep.silent(state, Text.of("area %02d has no account: nothing is sent", area)));
    }

    private static Optional<Signal> signal(Area area, Qualifier qualifier, String event, int zone) {
        return area.account().isEmpty()
                ? Optional.empty()
                : Optional.of(new Signal(area.account(), qualifier, event, area.number(), zone));
    }
}
