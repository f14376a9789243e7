package io.answerback.desktop.survey;

import io.answerback.core.assess.CoverageQuestion;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Kept;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;

/// What is watched: a line to type points into, and the areas as rooms.
final class RoomsSheet extends PartSheet {
    private final Actions actions;
    private final KindCatalogue kinds;
    private final Conductor conductor;
    private final EntryBox entry;
    private final Kept<List<Part>> asked = new Kept<>();
    private final Map<PointId, Room.Shown> tiles = new HashMap<>();

    /// @param table brings in a table that was pasted into the line for points
    RoomsSheet(Actions actions, KindCatalogue kinds, Conductor conductor, Consumer<String> table) {
        this.actions = actions;
        this.kinds = kinds;
        this.conductor = conductor;
        this.entry = new EntryBox(actions, kinds, conductor, this::showAgain, table);
    }

    /// Types into the line for points.
    void type(String line) {
        entry.type(line);
    }

    @Override
    public String title() {
        return "What is watched";
    }

    @Override
    public String about(WindowState state) {
        return counts(state.job());
    }

    /// Puts the cursor into the line for points.
    void focusEntry() {
        entry.focusLine();
    }

    @Override
    public List<Part> middle(WindowState state) {
        Part strip = new PickedStrip(actions, state, kinds, conductor).part();
        List<Part> rooms = rooms(state);
        return List.of(
                entry.part(),
                strip,
                rooms.isEmpty()
                        ? nothing()
                        : Group.of(Group.Layout.COLUMNS, rooms).style("rooms"));
    }

    private static Part nothing() {
        return Group.column(
                Words.empty("Nothing is watched yet. Type the first point above and press Enter."),
                Words.wrapped(
                        Words.quiet(
                                "An area that is new is made with its first point. A table from a spreadsheet can be dropped on the window.")));
    }

    private static String counts(Job job) {
        long waysIn =
                job.points().stream().filter(point -> point.surveyed().wayIn()).count();
        return "%s in %s · %s in"
                .formatted(
                        some(job.points().size(), "point"),
                        some(job.areas().size(), "area"),
                        some((int) waysIn, "way"));
    }

    private static String some(int count, String thing) {
        return count + " " + thing + (count == 1 ? "" : "s");
    }

    private List<Part> rooms(WindowState state) {
        Room room = new Room(actions, state, tiles);
        List<Part> all = new ArrayList<>();
        for (Area area : state.job().areas()) {
            all.add(room.of(
                    Optional.of(area),
                    points(
                            state.job(),
                            number -> number.filter(its -> its == area.number()).isPresent())));
        }
        List<Point> nowhere = points(state.job(), Optional::isEmpty);
        if (!nowhere.isEmpty()) {
            all.add(room.of(Optional.empty(), nowhere));
        }
        return all;
    }

    private static List<Point> points(Job job, Predicate<Optional<Integer>> area) {
        return job.points().stream()
                .filter(point -> area.test(point.surveyed().area()))
                .toList();
    }

    @Override
    public List<Part> beside(WindowState state) {
        return asked.of(state.assessment(), () -> {
            List<Part> parts = new ArrayList<>();
            parts.add(Words.title("Asked before you leave"));
            CoverageQuestion.of(state.assessment()).forEach(question -> parts.add(row(question)));
            return List.of(Group.column(parts).style("questions"));
        });
    }

    private Part row(CoverageQuestion question) {
        boolean clear = question.findings().isEmpty();
        Mark well = question.arises() ? Mark.SOUND : Mark.NOT_DONE;
        Mark mark = clear ? well : Marks.of(question.findings().getFirst().grade());
        String yes = question.arises() ? "yes" : "nothing it is about yet";
        String answer = clear ? yes : question.findings().getFirst().says();
        Parts words = Parts.column(Words.wrapped(Words.of("question", question.asks())));
        if (!clear) {
            words.add(Words.wrapped(Words.of("finding-why", more(question.findings()))));
        }
        return Press.of(
                        question.asks() + " " + answer,
                        () -> question.findings().stream().findFirst().ifPresent(actions::follow),
                        Marks.of(mark, mark.word(), 5),
                        words.group().growing())
                .hint(answer);
    }

    private static String more(List<Finding> findings) {
        Finding first = findings.getFirst();
        String says = first.headline();
        return findings.size() == 1 ? says : "%s, and %d more".formatted(says, findings.size() - 1);
    }
}
