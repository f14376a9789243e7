package io.answerback.desktop.loop;

import io.answerback.core.common.Figures;
import io.answerback.core.profile.Meaning;
import io.answerback.core.scheme.FaultKind;
import io.answerback.desktop.drawing.Words;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/// What a meter should show in the case the bench's switches say, and what the panel makes of it.
final class Meter {
    private Meter() {}

    static List<Node> of(LoopView view) {
        String device = view.word(view.device());
        String state = view.fault().kind() == FaultKind.SOUND
                ? device
                : device + ", " + FaultLabel.of(view.fault(), view.fitted());
        double ohms = view.shown().range().nominalOhms();
        Label figure = new Label(Figures.ohms(ohms));
        figure.getStyleClass().add("meter-figure");
        VBox meter = new VBox(figure);
        meter.getStyleClass().add("meter");
        String volts = Figures.volts(view.wired().model().volts(ohms));
        String reads = view.shown()
                .reads()
                .map(Meaning::word)
                .map(word -> "The panel reads %s.".formatted(word))
                .orElse("Between bands: what the panel does is not promised.");
        Label conclusion = Words.wrapped(new Label(reads));
        conclusion.getStyleClass().add(view.shown().safe() ? "meter-safe" : "meter-unsafe");
        return List.of(
                Words.title("What a meter should show"),
                Words.wrapped(new Label("At the input, cores lifted: " + state)),
                meter,
                Words.wrapped(new Label("Connected: %s at the terminals.".formatted(volts))),
                conclusion);
    }
}
