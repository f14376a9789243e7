package io.answerback.desktop.survey;

import io.answerback.core.edit.AreaEdits;
import io.answerback.core.edit.Edits;
import io.answerback.core.site.Area;
import io.answerback.core.site.PanelModule;
import io.answerback.core.site.Point;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Hint;
import io.answerback.desktop.drawing.ValueField;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/// An area drawn as a room: its wall with what is watched in it, and what watches the space inside.
final class Room extends VBox {
    private static final int HEAD_ROWS = 3;

    private final OpenJob openJob;
    private final WindowState state;
    private final Look look;
    private final int size;

    /// The room of an area, or of the points that are in none.
    Room(OpenJob openJob, WindowState state, Look look, Optional<Area> area, List<Point> points) {
        this.openJob = openJob;
        this.state = state;
        this.look = look;
        this.size = HEAD_ROWS + points.size();
        getStyleClass().add("room");
        if (area.isEmpty()) {
            getStyleClass().add("room-none");
        }
        getChildren().add(area.map(this::head).orElseGet(() -> new Flow(Words.title("In no area yet"))));
        List<Point> openings =
                points.stream().filter(point -> point.kind().family().opening()).toList();
        VBox walled = new VBox();
        walled.getStyleClass().add("room-walls");
        openings.forEach(point -> walled.getChildren().add(tile(point, "tile-in-wall")));
        points.stream()
                .filter(point -> !openings.contains(point))
                .forEach(point -> walled.getChildren().add(tile(point, "tile-inside")));
        if (points.isEmpty()) {
            walled.getChildren().add(empty(area.orElseThrow()));
        }
        getChildren().add(walled);
    }

    /// About how many rows it takes.
    int size() {
        return size;
    }

    private PointTile tile(Point point, String style) {
        PointTile tile = new PointTile(openJob, state, point, look);
        tile.getStyleClass().add(style);
        return tile;
    }

    private Flow head(Area area) {
        Label number = Words.of("room-number", "%02d".formatted(area.number()));
        ValueField name = new ValueField(
                "Name of area " + area.number(),
                area.name(),
                typed -> openJob.apply(AreaEdits.name(area.number(), typed)));
        name.getStyleClass().add("room-name");
        ValueField account = new ValueField(
                "Account of area " + area.number(),
                area.account().isEmpty() ? "no account" : area.account(),
                typed -> openJob.apply(Edits.account(area.number(), typed)));
        Label keys = Words.quiet(setFrom(area));
        Hint.on(keys, "Where this area is made to watch. Changed on the sheet Inputs.");
        Flow head = new Flow(number, name, account, keys);
        head.getStyleClass().add("room-head");
        return head;
    }

    private String setFrom(Area area) {
        String modules = state.job().modules().stream()
                .filter(module -> module.areas().contains(area.number()))
                .map(PanelModule::name)
                .collect(Collectors.joining(", "));
        return modules.isEmpty() ? "no keypad" : modules.toLowerCase(java.util.Locale.ROOT);
    }

    private VBox empty(Area area) {
        Hyperlink remove = new Hyperlink("Take this area away");
        remove.getStyleClass().add("next-finding");
        remove.setOnAction(click -> openJob.apply(AreaEdits.remove(area.number())));
        VBox words = new VBox(Words.quiet("Nothing is watched here yet."), remove);
        words.setAlignment(Pos.TOP_LEFT);
        words.getStyleClass().add("room-empty");
        return words;
    }
}
