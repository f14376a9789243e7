package io.answerback.desktop.survey;

import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.FigureReader;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.core.survey.KindFacts;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;

/// What can be changed about the picked points, each value where it stands. One change is one step back.
final class PickedStrip {
    private static final int MOST_NAMED = 6;

    private final Actions actions;
    private final KindCatalogue kinds;
    private final Conductor conductor;
    private final PointCommands commands;
    private final Job job;
    private final List<Point> picked;
    private final Parts strip = Parts.flow();

    PickedStrip(Actions actions, WindowState state, KindCatalogue kinds, Conductor conductor) {
        this.actions = actions;
        this.kinds = kinds;
        this.conductor = conductor;
        this.commands = new PointCommands(actions);
        this.job = state.job();
        this.picked =
                job.points().stream().filter(point -> state.picks(point.id())).toList();
        strip.style("picked-strip");
        fill();
    }

    Part part() {
        Parts part = Parts.column(strip);
        part.style("picked-part");
        if (picked.size() == 1) {
            PointKind kind = picked.getFirst().kind();
            part.add(Words.wrapped(Words.quiet(kind.name() + ": " + KindFacts.of(kind))));
        }
        return part.group();
    }

    private void fill() {
        if (picked.isEmpty()) {
            strip.add(Words.quiet(
                    job.points().isEmpty()
                            ? "Points that are picked can be changed here, one or many at a time."
                            : "Pick a point to change it; with Ctrl or Shift, pick several."));
            return;
        }
        if (picked.size() == 1) {
            one(picked.getFirst());
        } else {
            strip.add(several());
        }
        strip.add(kind(), type(), area(), wayIn(), scheme(), cable());
        strip.add(tools());
    }

    private void one(Point point) {
        Value number = Value.of(
                "Number of point " + point.id(), point.id().text(), typed -> commands.renumber(point.id(), typed));
        Value name = Value.of(
                "Name of point " + point.id(),
                point.name(),
                typed -> actions.apply(PointEdits.name(point.id(), typed)));
        strip.add(number, name.styled("picked-name"));
    }

    private Part several() {
        List<PointId> ids = picked.stream().map(Point::id).toList();
        String named = Text.listed(ids.subList(0, Math.min(MOST_NAMED, ids.size())));
        return Words.whole(Words.of(
                "picked-several", picked.size() + " points: " + named + (ids.size() > MOST_NAMED ? ", …" : "")));
    }

    /// What all picked points have in common; empty when they differ.
    private <T> Optional<T> common(Function<Point, T> what) {
        List<T> all = picked.stream().map(what).distinct().toList();
        return all.size() == 1 ? Optional.of(all.getFirst()) : Optional.empty();
    }

    private <T> Part choice(
            String name, List<T> options, Function<Point, T> what, Function<T, String> words, Consumer<T> take) {
        return Choice.of(
                name, options, common(what).orElse(null), name.toLowerCase(Locale.ROOT) + "s differ", words, take);
    }

    private Part kind() {
        List<PointKind> options =
                kinds.entries().stream().map(KindCatalogue.Entry::kind).toList();
        return choice(
                "Kind",
                options,
                Point::kind,
                PointKind::name,
                kind -> actions.apply(PointEdits.change(name("kind of "), ids(), point -> point.withKind(kind))));
    }

    private Part type() {
        return choice(
                "Type",
                Arrays.asList(ZoneType.values()),
                point -> point.surveyed().type(),
                ZoneType::words,
                type -> actions.apply(
                        PointEdits.surveyed(name("type of "), ids(), surveyed -> surveyed.withType(type))));
    }

    private Part area() {
        List<Optional<Integer>> options = new ArrayList<>();
        job.areas().forEach(area -> options.add(Optional.of(area.number())));
        options.add(Optional.empty());
        return choice(
                "Area",
                options,
                point -> point.surveyed().area(),
                this::areaWords,
                area -> actions.apply(
                        PointEdits.surveyed(name("area of "), ids(), surveyed -> surveyed.withArea(area))));
    }

    private String areaWords(Optional<Integer> number) {
        return number.flatMap(job::area).map(PickedStrip::areaWords).orElse("no area");
    }

    private static String areaWords(Area area) {
        return "%02d %s".formatted(area.number(), area.name());
    }

    private Part wayIn() {
        return choice(
                "Use",
                List.of(true, false),
                point -> point.surveyed().wayIn(),
                yes -> yes ? "way in" : "not a way in",
                yes -> actions.apply(PointEdits.surveyed(name("use of "), ids(), surveyed -> surveyed.withWayIn(yes))));
    }

    private Part scheme() {
        return choice(
                "Scheme",
                Arrays.asList(SchemeKind.values()),
                point -> point.loop().scheme(),
                SchemeKind::words,
                scheme -> actions.applyToPicked(
                        "scheme", picked.getFirst().id(), id -> LoopEdits.schemeOfWired(id, scheme)));
    }

    private Part cable() {
        Point point = picked.getFirst();
        if (picked.size() > 1) {
            Set<Double> metres = picked.stream()
                    .flatMap(its -> job.cableTo(its.id()).stream())
                    .map(Cable::metres)
                    .collect(Collectors.toSet());
            return Value.of(
                    "Cable to each of these points",
                    metres.size() == 1 ? Figures.plain(metres.iterator().next()) + " m" : "cable lengths differ",
                    typed -> actions.applyToPicked("cable length", point.id(), length(typed)));
        }
        if (point.kind().radio()) {
            return Words.quiet("by radio");
        }
        Optional<Cable> cable = job.cableTo(point.id());
        return Value.of(
                "Cable to point " + point.id(),
                cable.map(run -> run.lengthKnown() ? Figures.plain(run.metres()) + " m" : "no length yet")
                        .orElse("no cable yet"),
                typed -> actions.applyToPicked("cable length", point.id(), length(typed)));
    }

    private Typed<Function<PointId, Edit>> length(String typed) {
        return FigureReader.read(typed, "cable length in metres")
                .then(metres -> id -> PointEdits.cable(id, metres, conductor));
    }

    private Part tools() {
        Parts tools = Parts.row(
                Tool.of("Copy", "the same once more, under the next number (Ctrl+Shift+D)", commands::duplicate),
                Tool.arrow("↑", "Up", "further up the list (Alt+Up)", () -> commands.move(-1)),
                Tool.arrow("↓", "Down", "further down the list (Alt+Down)", () -> commands.move(1)),
                Tool.of("Remove", "off the list, with cable, proof and readings (Ctrl+Delete)", commands::remove));
        tools.style("tools");
        return tools.group();
    }

    private List<PointId> ids() {
        return picked.stream().map(Point::id).toList();
    }

    private String name(String what) {
        return what + (picked.size() == 1 ? "point " + picked.getFirst().id() : picked.size() + " points");
    }
}
