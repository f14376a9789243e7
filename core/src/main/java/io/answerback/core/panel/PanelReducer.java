package io.answerback.core.panel;

import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.SystemPoint;
import io.answerback.core.model.site.Zone;
import io.answerback.core.panel.operation.Act;
import io.answerback.core.panel.operation.AreaMode;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.HowSet;
import io.answerback.core.panel.operation.Operation;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationState;
import io.answerback.core.panel.operation.Timer;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// A panel programmed as the job says, with what hangs on its bus: a pure step from what it remembers and what
/// happens to what it does.
///
/// @param job the site's programming
public record PanelReducer(Parts job) {
    private static final long SECOND = 1000;
    private static final Set<Timer.Kind> WAITED =
            EnumSet.of(Timer.Kind.EXIT, Timer.Kind.LAST_DOOR, Timer.Kind.ENTRY, Timer.Kind.REPORT);

    /// One step. What came due by `now` is dealt with first.
    ///
    /// @param state what the panel remembers
    /// @param input what happens to it
    /// @param now when it happens; a time before the last step counts as that
    public PanelStep step(PanelState state, PanelInput input, Instant now) {
        BusReducer bus = new BusReducer(job);
        PanelStep passed = operates(state, new Happening.TimePasses(), now);
        PanelStep overdue = passed.then(bus.silent(passed.state(), now));
        PanelState current = overdue.state();
        return overdue.then(
                switch (input) {
                    case PanelInput.SetArea set ->
                        operates(
                                current,
                                new Happening.SetAsked(set.area(), HowSet.CODE, set.user(), false, false),
                                now);
                    case PanelInput.UnsetArea unset ->
                        operates(
                                current, new Happening.UnsetAsked(unset.area(), HowSet.CODE, unset.user(), false), now);
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

    /// One step of a panel that is left alone until what the input began has come to its end: exit and entry times
    /// and reports that wait are waited out in the panel's own time, without waiting here.
    public PanelStep stepToTheEnd(PanelState state, PanelInput input, Instant now) {
        PanelStep step = step(state, input, now);
        for (Optional<Timer> next = waits(step); next.isPresent(); next = waits(step)) {
            Instant due = Instant.ofEpochMilli(next.get().dueMillis());
            step = step.then(operates(step.state(), new Happening.TimePasses(), due));
        }
        return step;
    }

    private static Optional<Timer> waits(PanelStep step) {
        return step.state().operation().timers().stream()
                .filter(timer -> WAITED.contains(timer.kind()))
                .findFirst();
    }

    private PanelStep operates(PanelState state, Happening happening, Instant now) {
        OperationState from = state.operation();
        long at = Math.max(from.atMillis(), now.toEpochMilli());
        Operation.Step step = new Operation(OperationRules.of(job)).step(from, happening, at);
        List<Effect> effects = new ArrayList<>();
        step.log().forEach(line -> effect(line.act()).ifPresent(effects::add));
        step.state().timers().stream()
                .filter(timer ->
                        timer.kind() == Timer.Kind.ENTRY && !from.timers().contains(timer))
                .map(timer -> new Effect.EntryStarted(timer.number(), (int) ((timer.dueMillis() - at) / SECOND)))
                .forEach(effects::add);
        return new PanelStep(state.withOperation(step.state()), effects);
    }

    private Optional<Effect> effect(Act act) {
        return switch (act) {
            case Act.Sends sends -> Optional.of(new Effect.Send(sends.signal()));
            case Act.Waits waits -> Optional.of(new Effect.Silent("no path works: it waits for one"));
            case Act.Unsent unsent -> Optional.of(new Effect.Silent(unsent.why()));
            case Act.Nothing nothing -> Optional.of(new Effect.Silent(nothing.why()));
            case Act.Refused refused -> Optional.of(new Effect.Silent(refused.text()));
            case Act.Shows shows -> Optional.empty();
            case Act.Sounds sounds -> Optional.empty();
            case Act.Switches switches -> Optional.empty();
            case Act.Beeps beeps -> Optional.empty();
        };
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
        if (programmed.get().area().isEmpty()) {
            return PanelStep.silent(state, "zone " + read.zone() + " has no area: nothing is sent");
        }
        PanelStep step = operates(state, new Happening.ZoneReads(read.zone(), read.reads()), now);
        return step.effects().isEmpty() ? quiet(step, programmed.get(), read) : step;
    }

    /// Why nothing was done about a zone that opened.
    private PanelStep quiet(PanelStep step, Zone zone, PanelInput.ZoneReads read) {
        int area = zone.area().orElseThrow();
        boolean opened =
                read.reads().filter(meaning -> meaning != Meaning.NORMAL).isPresent();
        AreaMode mode = step.state().operation().area(area).mode();
        if (!opened || zone.type().switches()) {
            return step;
        }
        String why = mode.unset()
                ? Text.of(
                        "area %02d is %s: nothing is sent",
                        area, Terms.of(job.practice()).unset())
                : Text.of("area %02d: %s, the zone waits", area, mode.words());
        return step.then(PanelStep.silent(step.state(), why));
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

    /// What the panel sends when the lid of a module is lifted or closed; empty for a module it has not learned, or
    /// when no area has an account.
    public Optional<Signal> coverSignal(ModuleId module, Qualifier qualifier) {
        return new BusView(job)
                .polled(module)
                .flatMap(address -> firstAccount()
                        .map(account -> new Signal(account, qualifier, BusReducer.MODULE_TAMPER, 0, address)));
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

    private static Optional<Signal> signal(Area area, Qualifier qualifier, String event, int zone) {
        return area.account().isEmpty()
                ? Optional.empty()
                : Optional.of(new Signal(area.account(), qualifier, event, area.number(), zone));
    }
}
