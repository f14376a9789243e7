package io.answerback.desktop.shell;

import io.answerback.core.engine.finding.Stop;
import io.answerback.desktop.present.RoutePresentation;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.util.EnumMap;
import java.util.Map;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;

/// The stops in the order of work, as one line with a mark and a figure each: the way around and the progress
/// at once.
final class RouteLine extends StackPane {
    private final Map<Stop, StopButton> buttons = new EnumMap<>(Stop.class);

    RouteLine(OpenJob openJob, Look look) {
        getStyleClass().add("route-line");
        HBox stops = new HBox();
        for (Stop stop : Stop.values()) {
            StopButton button = new StopButton(look);
            button.setOnAction(click -> openJob.go(stop));
            buttons.put(stop, button);
            stops.getChildren().add(button);
        }
        getChildren().add(stops);
    }

    void show(WindowState state) {
        RoutePresentation.of(state.assessment(), state.stop())
                .stops()
                .forEach(stop -> buttons.get(stop.stop()).show(stop));
    }
}
