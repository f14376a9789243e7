package io.answerback.desktop.survey;

import io.answerback.core.common.Figures;
import io.answerback.core.device.PointKind;
import io.answerback.core.profile.Conductor;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.Point;
import io.answerback.core.survey.EntryLine;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.core.survey.NewPoint;
import io.answerback.core.survey.PointDraft;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.work.OpenJob;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;

/// The line into which points are typed. It shows what it understood before Enter; Tab takes the first word it
/// offers.
final class EntryBox extends VBox {
    private static final String EXAMPLE = "roller door dock 2, contact, dock, immediate, 62 m";

    private final TextField line = new TextField();
    private final Flow understood = new Flow();
    private final OpenJob openJob;
    private final KindCatalogue kinds;
    private final Conductor conductor;

    EntryBox(OpenJob openJob, KindCatalogue kinds, Conductor conductor) {
        this.openJob = openJob;
        this.kinds = kinds;
        this.conductor = conductor;
        getStyleClass().add("entry-box");
        line.getStyleClass().add("entry-line");
        line.setPromptText("Type a point: " + EXAMPLE);
        line.setAccessibleText("Type a point");
        line.textProperty().subscribe(this::explain);
        line.setOnAction(enter -> take());
        line.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        understood.getStyleClass().add("understood");
        getChildren().addAll(line, understood);
    }

    /// Puts the cursor into the line.
    void focusLine() {
        line.requestFocus();
    }

    /// Types a line in place of what stands there.
    void type(String text) {
        line.setText(text);
        line.end();
    }

    private void key(KeyEvent key) {
        if (line.getText().isEmpty() && key.isShortcutDown()) {
            jobKey(key);
        } else if (key.getCode() == KeyCode.TAB
                && !key.isShiftDown()
                && !completions().isEmpty()) {
            line.setText(completions().getFirst());
            line.end();
            key.consume();
        } else if (key.getCode() == KeyCode.ESCAPE) {
            line.clear();
            key.consume();
        }
    }

    /// In an empty line there is nothing of its own to undo: the keys mean the job.
    private void jobKey(KeyEvent key) {
        if (key.getCode() == KeyCode.Z) {
            openJob.undo();
            key.consume();
        } else if (key.getCode() == KeyCode.Y) {
            openJob.redo();
            key.consume();
        }
    }

    private EntryLine reader() {
        Optional<Integer> area = openJob.now()
                .job()
                .point(openJob.now().selected())
                .map(Point::surveyed)
                .flatMap(surveyed -> surveyed.area());
        return new EntryLine(kinds, openJob.now().job(), area);
    }

    private List<String> completions() {
        return reader().completions(line.getText());
    }

    private void take() {
        if (line.getText().isBlank()) {
            return;
        }
        PointDraft point = reader().read(line.getText());
        if (point.complete() && openJob.apply(NewPoint.add(point, conductor), point.id())) {
            line.clear();
        }
    }

    /// Says again what the line means; the job may have changed under it.
    void explain() {
        understood.getChildren().clear();
        if (line.getText().isBlank()) {
            understood
                    .getChildren()
                    .add(Words.quiet("Name first, then what it is, where, what it does and its cable, in any order."));
            return;
        }
        PointDraft point = reader().read(line.getText());
        chip(point.id().text(), "number", point.assumed().contains(PointDraft.Part.NUMBER));
        chip(point.name(), "name", false);
        point.kind()
                .map(PointKind::name)
                .ifPresent(kind -> chip(kind, "kind", point.assumed().contains(PointDraft.Part.KIND)));
        point.area()
                .ifPresent(place -> chip(area(place), "area", point.assumed().contains(PointDraft.Part.AREA)));
        point.type()
                .map(ZoneType::words)
                .ifPresent(type -> chip(type, "type", point.assumed().contains(PointDraft.Part.TYPE)));
        if (point.wayIn()) {
            chip("way in", "use", false);
        }
        point.metres().ifPresent(metres -> chip(Figures.plain(metres) + " m", "cable", false));
        point.problems().forEach(problem -> understood.getChildren().add(Words.of("entry-problem", problem)));
        completions().stream()
                .limit(1)
                .forEach(next -> understood
                        .getChildren()
                        .add(Words.quiet("Tab: "
                                + next.substring(next.lastIndexOf(',') + 1).strip())));
        if (point.complete()) {
            understood.getChildren().add(Words.of("entry-ready", "Enter adds it"));
        }
    }

    private static String area(PointDraft.Place place) {
        return "%02d %s%s".formatted(place.number(), place.name(), place.fresh() ? " (new)" : "");
    }

    private void chip(String text, String what, boolean assumed) {
        if (text.isEmpty()) {
            return;
        }
        Label chip = Words.of("chip", text);
        if (assumed) {
            chip.getStyleClass().add("chip-assumed");
        }
        chip.setAccessibleText(what + " " + text + (assumed ? ", assumed" : ""));
        understood.getChildren().add(chip);
    }
}
