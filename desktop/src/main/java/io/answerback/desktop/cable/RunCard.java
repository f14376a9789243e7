package io.answerback.desktop.cable;

import io.answerback.core.wiring.cabling.RunStep;
import io.answerback.core.wiring.cabling.StepRun;
import io.answerback.desktop.part.Card;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Words;
import java.util.ArrayList;
import java.util.List;

/// The one thing to do now, in large letters.
///
/// @param whole whether it has the whole window
/// @param keys what its keys do
/// @param called how often it was to get the keyboard
record RunCard(boolean whole, Card.Keys keys, int called) {
    /// The card of the next step of a run.
    ///
    /// @param cables whether it is about pulling cables in
    Card of(StepRun<? extends RunStep> run, int from, boolean cables) {
        return run.next(from).map(step -> of(run, step)).orElseGet(() -> finished(run, cables));
    }

    private Card finished(StepRun<? extends RunStep> run, boolean cables) {
        String every = cables ? "Every cable is in and labelled" : "Everything is terminated";
        String nothing = cables ? "There is no cable yet" : "Nothing has a place here yet";
        return new Card(
                whole, every, List.of(Words.of("run-order", run.steps().isEmpty() ? nothing : every)), keys, called);
    }

    private Card of(StepRun<? extends RunStep> run, RunStep step) {
        List<Part> parts = new ArrayList<>();
        parts.add(Words.quiet(
                "%d of %d".formatted(run.steps().indexOf(step) + 1, run.steps().size())));
        step.colour()
                .ifPresent(
                        colour -> parts.add(Group.space().style("run-chip", "core-chip-" + CoreColour.style(colour))));
        String copper = step.colour().isPresent() ? "Bare copper just enough to be gripped. Tug it. " : "";
        parts.add(Words.wrapped(Words.of("run-order", step.order())));
        parts.add(Words.wrapped(Words.of(step.caution() ? "caution" : "run-mind", step.mind())));
        parts.add(Words.wrapped(Words.quiet(copper + "Enter: done · Down: later · Backspace: take back")));
        return new Card(whole, step.order() + ". " + step.mind(), parts, keys, called);
    }
}
