package io.answerback.core.panel;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Learned;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Zone;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// A panel's steps for what hangs on its bus and what it hears by radio.
///
/// @param job the site's programming
record BusReducer(Parts job) {
    private static final String MODULE_LOST = "333";
    static final String MODULE_TAMPER = "145";
    private static final String SUPERVISION_LOST = "381";

    /// A module that is polled and does not answer is reported under its address, once.
    PanelStep moduleChanges(PanelState state, PanelInput.ModuleChanges change) {
        BusMemory bus = state.bus();
        return ofModule(
                state,
                change.module(),
                bus.lost().contains(change.module()) == change.lost(),
                bus.withLost(change.module(), change.lost()),
                change.lost(),
                MODULE_LOST);
    }

    /// The cover of a module that is polled and answers is reported under its address, once.
    PanelStep coverChanges(PanelState state, PanelInput.CoverChanges change) {
        BusMemory bus = state.bus();
        if (bus.lost().contains(change.module())) {
            return PanelStep.silent(
                    state, Text.of("%s does not answer: its tamper is not seen", job.nameOf(change.module())));
        }
        return ofModule(
                state,
                change.module(),
                bus.open().contains(change.module()) == change.open(),
                bus.withOpen(change.module(), change.open()),
                change.open(),
                MODULE_TAMPER);
    }

    private PanelStep ofModule(
            PanelState state, ModuleId module, boolean same, BusMemory next, boolean begins, String event) {
        Optional<Integer> address = new BusView(job).polled(module);
        if (address.isEmpty()) {
            return PanelStep.silent(
                    state, Text.of("the panel has not learned %s: it does not miss it", job.nameOf(module)));
        }
        return same
                ? PanelStep.of(state)
                : report(state.withBus(next), begins ? Qualifier.NEW : Qualifier.RESTORE, event, address.get());
    }

    private PanelStep report(PanelState state, Qualifier qualifier, String event, int number) {
        return PanelReducer.firstAccount(job)
                .map(account -> PanelStep.send(state, new Signal(account, qualifier, event, 0, number)))
                .orElseGet(() -> PanelStep.silent(state, "no area has an account: nothing is sent"));
    }

    /// The panel looks at every address and learns whoever answers; what it has learned before stays.
    PanelStep scan(PanelState state) {
        List<Learned> found = new BusView(job).strangers(state.bus().lost());
        return new PanelStep(
                state, found.stream().<Effect>map(Effect.Learns::new).toList());
    }

    /// A wireless input is heard: one that was missed is reported back. An input on wires gives no signs of
    /// life.
    PanelStep signOfLife(PanelState state, InputId inputId, Instant now) {
        RadioView radio = new RadioView(job);
        Optional<Input> input = input(inputId).filter(radio::carries);
        if (input.isEmpty()) {
            return PanelStep.of(state);
        }
        Optional<String> deaf = radio.deafTo(input.get());
        if (deaf.isPresent()) {
            return PanelStep.silent(state, deaf.get());
        }
        PanelState heard = state.withBus(state.bus().withHeard(inputId, now));
        return state.bus().missing().contains(inputId)
                ? supervision(heard, input.get(), Qualifier.RESTORE)
                : PanelStep.of(heard);
    }

    /// Every wireless input that was silent for longer than the panel waits is missed, once.
    PanelStep silent(PanelState state, Instant now) {
        Optional<Duration> patience = new RadioView(job).patience();
        PanelStep step = PanelStep.of(state);
        if (patience.isEmpty()) {
            return step;
        }
        for (InputId id : state.bus().heard().keySet().stream()
                .sorted(Comparator.comparing(InputId::text))
                .toList()) {
            boolean late = now.isAfter(state.bus().heard().get(id).plus(patience.get()));
            Optional<Input> input = input(id);
            if (late && input.isPresent() && !state.bus().missing().contains(id)) {
                PanelState missed = step.state().withBus(step.state().bus().withMissing(id));
                step = new PanelStep(missed, step.effects()).then(supervision(missed, input.get(), Qualifier.NEW));
            }
        }
        return step;
    }

    private PanelStep supervision(PanelState state, Input input, Qualifier qualifier) {
        int zone = new RadioView(job).zone(input);
        Optional<Area> area = job.zone(zone).flatMap(Zone::area).flatMap(job::area);
        Optional<String> account = area.map(Area::account).filter(its -> !its.isEmpty());
        return account.map(its -> PanelStep.send(
                        state,
                        new Signal(its, qualifier, SUPERVISION_LOST, area.get().number(), zone)))
                .orElseGet(() -> report(state, qualifier, SUPERVISION_LOST, zone));
    }

    private Optional<Input> input(InputId inputId) {
        return job.inputs().stream().filter(its -> its.id().equals(inputId)).findFirst();
    }
}
