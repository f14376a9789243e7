package io.answerback.desktop.survey;

import io.answerback.core.cable.Cable;
import io.answerback.core.common.FigureReader;
import io.answerback.core.common.Figures;
import io.answerback.core.common.Text;
import io.answerback.core.device.PointKind;
import io.answerback.core.edit.PointEdits;
import io.answerback.core.id.PointId;
import io.answerback.core.profile.Conductor;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.Area;
import io.answerback.core.site.Job;
import io.answerback.core.site.Point;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.core.survey.KindFacts;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.ValueField;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// What can be changed about the picked points, each value where it stands. One change is one step back.
final class PickedStrip {
    private static final int MOST_NAMED = 6;

    private final OpenJob openJob;
    private final KindCatalogue kinds;
    private final Conductor conductor;
    private final PointCommands commands;
    private final Job job;
    private final List<Point> picked;
    private final Flow strip = new Flow();

    PickedStrip(OpenJob openJob, WindowState state, KindCatalogue kinds, Conductor conductor) {
        this.openJob = openJob;
        this.kinds = kinds;
        this.conductor = conductor;
        this.commands = new PointCommands(openJob);
        this.job = state.job();
        this.picked = job.points().stream()
                .filter(point -> state.picked().contains(point.id()))
                .toList();
        strip.getStyleClass().add("picked-strip");
        fill();
    }

    Node node() {
        VBox part = new VBox(strip);
        part.getStyleClass().add("picked-part");
        if (picked.size() == 1) {
            PointKind kind = picked.getFirst().kind();
            part.getChildren().add(Words.wrapped(Words.quiet(kind.name() + ": " + KindFacts.of(kind))));
        }
        return part;
    }

    private void fill() {
        if (picked.isEmpty()) {
            strip.getChildren()
                    .add(Words.quiet(
                            job.points().isEmpty()
                                    ? "Points that are picked can be changed here, one or many at a time."
                                    : "Pick a point to change it; with Ctrl or Shift, pick several."));
            return;
        }
        if (picked.size() == 1) {
            one(picked.getFirst());
        } else {
            strip.getChildren().add(several());
        }
        strip.getChildren().addAll(kind(), type(), area(), wayIn());
        if (picked.size() == 1) {
            strip.getChildren().add(cable(picked.getFirst()));
        }
        strip.getChildren().add(tools());
    }

    private void one(Point point) {
        ValueField number = new ValueField(
                "Number of point " + point.id(), point.id().text(), typed -> commands.renumber(point.id(), typed));
        ValueField name = new ValueField(
                "Name of point " + point.id(),
                point.name(),
                typed -> openJob.apply(PointEdits.name(point.id(), typed)));
        name.getStyleClass().add("picked-name");
        strip.getChildren().addAll(number, name);
    }

    private Label several() {
        List<PointId> ids = picked.stream().map(Point::id).toList();
        String named = Text.listed(ids.subList(0, Math.min(MOST_NAMED, ids.size())));
        Label label = Words.of(
                "picked-several", picked.size() + " points: " + named + (ids.size() > MOST_NAMED ? ", …" : ""));
        label.setMinWidth(Label.USE_PREF_SIZE);
        return label;
    }

    /// What all picked points have in common; empty when they differ.
    private <T> Optional<T> common(Function<Point, T> what) {
        List<T> all = picked.stream().map(what).distinct().toList();
        return all.size() == 1 ? Optional.of(all.getFirst()) : Optional.empty();
    }

    private <T> Node choice(
            String name, List<T> options, Function<Point, T> what, Function<T, String> words, Consumer<T> take) {
        return Choice.of(
                name,
                options,
                common(what).orElse(null),
                name.toLowerCase(java.util.Locale.ROOT) + "s differ",
                words,
                take);
    }

    private Node kind() {
        List<PointKind> options =
                kinds.entries().stream().map(KindCatalogue.Entry::kind).toList();
        return choice(
                "Kind",
                options,
                Point::kind,
                PointKind::name,
                kind -> openJob.apply(PointEdits.change(name("kind of "), ids(), point -> point.withKind(kind))));
    }

    private Node type() {
        return choice(
                "Type",
                Arrays.asList(ZoneType.values()),
                point -> point.surveyed().type(),
                ZoneType::words,
                type -> openJob.apply(
                        PointEdits.surveyed(name("type of "), ids(), surveyed -> surveyed.withType(type))));
    }

    private Node area() {
        List<Optional<Integer>> options = new java.util.ArrayList<>();
        job.areas().forEach(area -> options.add(Optional.of(area.number())));
        options.add(Optional.empty());
        return choice(
                "Area",
                options,
                point -> point.surveyed().area(),
                this::areaWords,
                area -> openJob.apply(
                        PointEdits.surveyed(name("area of "), ids(), surveyed -> surveyed.withArea(area))));
    }

    private String areaWords(Optional<Integer> number) {
        return number.flatMap(job::area).map(PickedStrip::areaWords).orElse("no area");
    }

    private static String areaWords(Area area) {
        return "%02d %s".formatted(area.number(), area.name());
    }

    private Node wayIn() {
        return choice(
                "Use",
                List.of(true, false),
                point -> point.surveyed().wayIn(),
                yes -> yes ? "way in" : "not a way in",
                yes -> openJob.apply(PointEdits.surveyed(name("use of "), ids(), surveyed -> surveyed.withWayIn(yes))));
    }

    private Node cable(Point point) {
        if (point.kind().radio()) {
            return Words.quiet("by radio");
        }
        Optional<Cable> cable = job.cableTo(point.id());
        return new ValueField(
                "Cable to point " + point.id(),
                cable.map(run -> Figures.plain(run.metres()) + " m").orElse("no cable yet"),
                typed -> openJob.apply(FigureReader.read(typed, "cable length in metres")
                        .then(metres -> PointEdits.cable(point.id(), metres, conductor))));
    }

    private Node tools() {
        HBox tools = new HBox(
                Tool.of("Copy", "the same once more, under the next number (Ctrl+Shift+D)", commands::duplicate),
                Tool.arrow("↑", "Up", "further up the list (Alt+Up)", () -> commands.move(-1)),
                Tool.arrow("↓", "Down", "further down the list (Alt+Down)", () -> commands.move(1)),
                Tool.of("Remove", "off the list, with cable, proof and readings (Ctrl+Delete)", commands::remove));
        tools.getStyleClass().add("tools");
        return tools;
    }

    private List<PointId> ids() {
        return picked.stream().map(Point::id).toList();
    }

    private String name(String what) {
        return what + (picked.size() == 1 ? "point " + picked.getFirst().id() : picked.size() + " points");
    }
}
