package io.answerback.desktop.cable;

import io.answerback.core.cabling.RunStep;
import io.answerback.core.cabling.StepRun;
import io.answerback.desktop.drawing.OwnKeys;
import io.answerback.desktop.drawing.Words;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;

/// The one thing to do now, in large letters.
final class RunCard extends OwnKeys {
    RunCard() {
        getStyleClass().add("run-card");
        setOnMouseClicked(click -> requestFocus());
    }

    void show(StepRun<? extends RunStep> run, int from, boolean whole, boolean cables) {
        Optional<? extends RunStep> next = run.next(from);
        getChildren().clear();
        getStyleClass().setAll(whole ? List.of("run-card", "run-card-whole") : List.of("run-card"));
        if (next.isPresent()) {
            show(run, next.get());
            return;
        }
        String every = cables ? "Every cable is in and labelled" : "Everything is terminated";
        getChildren()
                .add(Words.of(
                        "run-order",
                        run.steps().isEmpty()
                                ? cables ? "There is no cable yet" : "Nothing has a place here yet"
                                : every));
        setAccessibleText(every);
    }

    private void show(StepRun<? extends RunStep> run, RunStep step) {
        getChildren()
                .add(Words.quiet("%d of %d"
                        .formatted(run.steps().indexOf(step) + 1, run.steps().size())));
        step.colour().ifPresent(colour -> {
            Region chip = new Region();
            chip.getStyleClass().addAll("run-chip", "core-chip-" + CoreColour.style(colour));
            getChildren().add(chip);
        });
        Label mind = Words.wrapped(Words.of(step.caution() ? "caution" : "run-mind", step.mind()));
        String copper = step.colour().isPresent() ? "Bare copper just enough to be gripped. Tug it. " : "";
        getChildren()
                .addAll(
                        Words.wrapped(Words.of("run-order", step.order())),
                        mind,
                        Words.wrapped(Words.quiet(copper + "Enter: done · Down: later · Backspace: take back")));
        setAccessibleText(step.order() + ". " + step.mind());
    }
}
