package io.answerback.desktop.survey;

import io.answerback.core.model.common.Figures;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Point;
import io.answerback.core.survey.EntryLine;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.core.survey.NewPoint;
import io.answerback.core.survey.PointDraft;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Line;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/// The line into which points are typed. It shows what it understood before Enter; Tab takes the first word it
/// offers.
final class EntryBox {
    private static final String EXAMPLE = "roller door dock 2, contact, dock, immediate, 62 m";

    private final Actions actions;
    private final KindCatalogue kinds;
    private final Conductor conductor;
    private final Runnable showAgain;
    private final Consumer<String> table;
    private String text = "";
    private int puts;
    private int calls;

    /// @param table brings in a table that was pasted
    EntryBox(Actions actions, KindCatalogue kinds, Conductor conductor, Runnable showAgain, Consumer<String> table) {
        this.table = table;
        this.actions = actions;
        this.kinds = kinds;
        this.conductor = conductor;
        this.showAgain = showAgain;
    }

    /// Puts the cursor into the line.
    void focusLine() {
        calls++;
        showAgain.run();
    }

    /// Types a line in place of what stands there.
    void type(String line) {
        text = line;
        puts++;
        showAgain.run();
    }

    Part part() {
        Line line = new Line(
                "Type a point",
                "Type a point: " + EXAMPLE,
                new Line.Put(text, puts, calls),
                new Line.Keys(
                        this::typed,
                        this::take,
                        typed -> completions(typed).stream().findFirst(),
                        actions::undo,
                        actions::redo,
                        pasted -> {
                            table.accept(pasted);
                            return true;
                        }));
        return Group.column(line, understood()).style("entry-box");
    }

    private void typed(String line) {
        text = line;
        showAgain.run();
    }

    private EntryLine reader() {
        Optional<Integer> area = actions.now()
                .job()
                .point(actions.now().selected())
                .map(Point::surveyed)
                .flatMap(surveyed -> surveyed.area());
        return new EntryLine(kinds, actions.now().job(), area);
    }

    private List<String> completions(String line) {
        return reader().completions(line);
    }

    private boolean take(String line) {
        if (line.isBlank()) {
            return false;
        }
        PointDraft point = reader().read(line);
        return point.complete() && actions.apply(NewPoint.add(point, conductor), point.id());
    }

    /// What the line means; the job may have changed under it.
    private Group understood() {
        Parts understood = Parts.flow().style("understood");
        if (text.isBlank()) {
            return understood
                    .add(Words.quiet("Name first, then what it is, where, what it does and its cable, in any order."))
                    .group();
        }
        PointDraft point = reader().read(text);
        chip(understood, point.id().text(), "number", point.assumed().contains(PointDraft.Part.NUMBER));
        chip(understood, point.name(), "name", false);
        point.kind()
                .map(PointKind::name)
                .ifPresent(
                        kind -> chip(understood, kind, "kind", point.assumed().contains(PointDraft.Part.KIND)));
        point.area()
                .ifPresent(place ->
                        chip(understood, area(place), "area", point.assumed().contains(PointDraft.Part.AREA)));
        point.type()
                .map(ZoneType::words)
                .ifPresent(
                        type -> chip(understood, type, "type", point.assumed().contains(PointDraft.Part.TYPE)));
        if (point.wayIn()) {
            chip(understood, "way in", "use", false);
        }
        point.metres().ifPresent(metres -> chip(understood, Figures.plain(metres) + " m", "cable", false));
        point.problems().forEach(problem -> understood.add(Words.of("entry-problem", problem)));
        completions(text).stream()
                .limit(1)
                .forEach(next -> understood.add(Words.quiet(
                        "Tab: " + next.substring(next.lastIndexOf(',') + 1).strip())));
        if (point.complete()) {
            understood.add(Words.of("entry-ready", "Enter adds it"));
        }
        return understood.group();
    }

    private static String area(PointDraft.Place place) {
        return "%02d %s%s".formatted(place.number(), place.name(), place.fresh() ? " (new)" : "");
    }

    private static void chip(Parts understood, String text, String what, boolean assumed) {
        if (!text.isEmpty()) {
            understood.add(Words.of(assumed ? "chip chip-assumed" : "chip", text)
                    .saying(what + " " + text + (assumed ? ", assumed" : "")));
        }
    }
}
