package io.answerback.core.panel;

import io.answerback.core.signal.event.Signal;
import java.util.ArrayList;
import java.util.List;

/// What one input made of a panel.
///
/// @param state what it remembers now
/// @param effects what it did, in order
public record PanelStep(PanelState state, List<Effect> effects) {
    public PanelStep {
        effects = List.copyOf(effects);
    }

    static PanelStep of(PanelState state, Effect... effects) {
        return new PanelStep(state, List.of(effects));
    }

    static PanelStep silent(PanelState state, String why) {
        return of(state, new Effect.Silent(why));
    }

    static PanelStep send(PanelState state, Signal signal) {
        return of(state, new Effect.Send(signal));
    }

    /// This step and then `next`, as one.
    PanelStep then(PanelStep next) {
        List<Effect> all = new ArrayList<>(effects);
        all.addAll(next.effects());
        return new PanelStep(next.state(), all);
    }

    /// The signals it sent, in order.
    public List<Signal> signals() {
        return effects.stream()
                .filter(Effect.Send.class::isInstance)
                .map(effect -> ((Effect.Send) effect).signal())
                .toList();
    }
}
