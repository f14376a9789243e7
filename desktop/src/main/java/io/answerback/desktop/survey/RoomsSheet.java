package io.answerback.desktop.survey;

import io.answerback.core.assess.CoverageQuestion;
import io.answerback.core.chain.Mark;
import io.answerback.core.finding.Finding;
import io.answerback.core.profile.Conductor;
import io.answerback.core.site.Area;
import io.answerback.core.site.Job;
import io.answerback.core.site.Point;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.desktop.drawing.Hint;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.RowButton;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// What is watched: a line to type points into, and the areas as rooms.
final class RoomsSheet extends Sheet {
    private static final double NARROW = 560;
    private static final double WIDE = 1000;

    private final OpenJob openJob;
    private final Look look;
    private final KindCatalogue kinds;
    private final Conductor conductor;
    private final EntryBox entry;
    private final StackPane strip = new StackPane();
    private final HBox rooms = new HBox();
    private List<Room> shown = List.of();
    private int columns;

    RoomsSheet(OpenJob openJob, Look look, KindCatalogue kinds, Conductor conductor) {
        this.openJob = openJob;
        this.look = look;
        this.kinds = kinds;
        this.conductor = conductor;
        this.entry = new EntryBox(openJob, kinds, conductor);
        rooms.getStyleClass().add("rooms");
        instrument.getStyleClass().add("questions");
        sheet.getChildren().addAll(entry, strip, rooms);
        rooms.widthProperty().subscribe(this::arrangeWhenWidthAsks);
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
    public void show(WindowState state) {
        entry.explain();
        strip.getChildren().setAll(new PickedStrip(openJob, state, kinds, conductor).node());
        shown = rooms(state);
        arrange();
        showQuestions(state);
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

    private List<Room> rooms(WindowState state) {
        List<Room> all = new ArrayList<>();
        for (Area area : state.job().areas()) {
            all.add(new Room(
                    openJob,
                    state,
                    look,
                    Optional.of(area),
                    points(
                            state.job(),
                            number -> number.filter(its -> its == area.number()).isPresent())));
        }
        List<Point> nowhere = points(state.job(), Optional::isEmpty);
        if (!nowhere.isEmpty()) {
            all.add(new Room(openJob, state, look, Optional.empty(), nowhere));
        }
        return all;
    }

    private static List<Point> points(Job job, Predicate<Optional<Integer>> area) {
        return job.points().stream()
                .filter(point -> area.test(point.surveyed().area()))
                .toList();
    }

    private void arrangeWhenWidthAsks() {
        if (columnsThereAre() != columns) {
            arrange();
        }
    }

    private int columnsThereAre() {
        double width = rooms.getWidth() / look.px(1);
        return width < NARROW ? 1 : width < WIDE ? 2 : 3;
    }

    /// Each room goes to the column that is shorter so far.
    private void arrange() {
        columns = columnsThereAre();
        List<VBox> stacks = new ArrayList<>();
        int[] heights = new int[columns];
        for (int i = 0; i < columns; i++) {
            VBox stack = new VBox();
            stack.getStyleClass().add("room-column");
            stack.setMinWidth(0);
            stack.setPrefWidth(0);
            HBox.setHgrow(stack, Priority.ALWAYS);
            stacks.add(stack);
        }
        for (Room room : shown) {
            int shortest = shortest(heights);
            heights[shortest] += room.size();
            stacks.get(shortest).getChildren().add(room);
        }
        rooms.getChildren().setAll(stacks);
        if (shown.isEmpty()) {
            VBox nothing = new VBox(
                    Words.wrapped(
                            Words.of("empty", "Nothing is watched yet. Type the first point above and press Enter.")),
                    Words.wrapped(
                            Words.quiet(
                                    "An area that is new is made with its first point. A table from a spreadsheet can be dropped on the window.")));
            rooms.getChildren().setAll(nothing);
        }
    }

    private static int shortest(int[] heights) {
        int best = 0;
        for (int i = 1; i < heights.length; i++) {
            best = heights[i] < heights[best] ? i : best;
        }
        return best;
    }

    private void showQuestions(WindowState state) {
        instrument.getChildren().setAll(Words.title("Asked before you leave"));
        for (CoverageQuestion question : CoverageQuestion.of(state.assessment())) {
            instrument.getChildren().add(row(question));
        }
    }

    private Node row(CoverageQuestion question) {
        boolean clear = question.findings().isEmpty();
        Mark well = question.arises() ? Mark.SOUND : Mark.NOT_DONE;
        Mark mark = clear ? well : Marks.of(question.findings().getFirst().grade());
        String yes = question.arises() ? "yes" : "nothing it is about yet";
        String answer = clear ? yes : question.findings().getFirst().says();
        VBox words = new VBox(Words.wrapped(Words.of("question", question.asks())));
        if (!clear) {
            words.getChildren().add(Words.wrapped(Words.of("finding-why", more(question.findings()))));
        }
        HBox.setHgrow(words, Priority.ALWAYS);
        RowButton row = new RowButton(
                question.asks() + " " + answer,
                () -> question.findings().stream().findFirst().ifPresent(openJob::follow),
                Marks.of(mark, mark.word(), look.px(5)),
                words);
        Hint.on(row, answer);
        return row;
    }

    private static String more(List<Finding> findings) {
        Finding first = findings.getFirst();
        String says = first.headline();
        return findings.size() == 1 ? says : "%s, and %d more".formatted(says, findings.size() - 1);
    }
}
