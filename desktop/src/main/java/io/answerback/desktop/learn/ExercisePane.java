package io.answerback.desktop.learn;

import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.ExerciseKind;
import io.answerback.core.model.site.Job;
import io.answerback.core.signal.sound.Call;
import io.answerback.desktop.control.PartPane;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.report.SoundOut;
import io.answerback.desktop.shell.FrontSheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.FileQuestions;
import io.answerback.desktop.work.OpenJob;
import io.answerback.files.learning.ExerciseMaterial;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// Exercises over the whole window. The job under it is out of reach, and nothing on it knows the answer, so
/// nothing can give it away.
public final class ExercisePane extends FrontSheet {
    private static final double KINDS_WIDTH = 190;
    private static final double STAND_WIDTH = 290;
    private static final List<Part> WAITING = List.of(Words.empty("The exercise is being made…"));

    private final Look look;
    private final Background background;
    private final ApprenticeShelf shelf;
    private final Consumer<Job> plan;
    private final Learning learning;
    private final ExerciseParts exercise;
    private final TeacherParts teacher;
    private final PartPane head;
    private final PartPane kinds;
    private final BorderPane content = new BorderPane();
    private final VBox column = new VBox();
    private final PartPane middle;
    private final PartPane stand;
    private final ScrollPane scroll;
    private final ScrollPane kindsScroll;
    private final ScrollPane standScroll;
    private Runnable back = () -> {};
    private Optional<Exercise> shown = Optional.empty();
    private boolean reading;

    /// The sheet of a window.
    ///
    /// @param folder where the application keeps what it remembers
    /// @param plan opens the plan of an exercise as a job, and then does something
    public static ExercisePane of(
            Look look,
            Background background,
            Path folder,
            OpenJob openJob,
            BiConsumer<Job, Runnable> plan,
            FileQuestions files) {
        return new ExercisePane(
                look,
                background,
                folder,
                new SoundOut(openJob, background, files)::play,
                new TeacherFiles(openJob, background, files, () -> openJob.now().assessment()),
                job -> plan.accept(
                        job,
                        () -> openJob.tell("This is the plan of the exercise that waits. Ctrl+L leads back to it.")));
    }

    private ExercisePane(
            Look look,
            Background background,
            Path folder,
            Consumer<Call> play,
            TeacherFiles teach,
            Consumer<Job> plan) {
        this.look = look;
        this.background = background;
        this.plan = plan;
        this.shelf = new ApprenticeShelf(folder, background);
        this.learning = new Learning(
                ApprenticeShelf.nobody(), this::showAgain, shelf::keep, background::compute, System::nanoTime);
        this.exercise = new ExerciseParts(learning, play, this::room);
        this.teacher = new TeacherParts(learning, shelf, teach, this::showAgain);
        this.head = new PartPane(look, "learn-head");
        this.kinds = new PartPane(look, "learn-kinds");
        this.middle = new PartPane(look, "learn-middle");
        this.stand = new PartPane(look, "learn-side");
        this.scroll = scroll(column);
        this.kindsScroll = scroll(kinds);
        this.standScroll = scroll(stand);
        getStyleClass().add("start");
        VBox.setVgrow(middle, Priority.ALWAYS);
        look.textPercent().subscribe(this::arrangeAgain);
        widthProperty().subscribe((before, now) -> {
            if (ExerciseParts.columns(before.doubleValue() / look.px(1)) != ExerciseParts.columns(room())) {
                Platform.runLater(this::arrangeAgain);
            }
        });
        addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                leave();
                key.consume();
            }
        });
    }

    private Node content() {
        content.setCenter(scroll);
        content.setTop(head);
        content.setLeft(kindsScroll);
        return content;
    }

    /// The width of the window in pixels at 100 % text.
    private double room() {
        return getWidth() / look.px(1);
    }

    private void arrangeAgain() {
        arrange();
        showAgain();
    }

    /// How it stands is at the right, or below the exercise where there is room for one column only.
    private void arrange() {
        fixed(kindsScroll, KINDS_WIDTH);
        fixed(standScroll, STAND_WIDTH);
        if (ExerciseParts.columns(room()) > 1) {
            column.getChildren().setAll(middle);
            standScroll.setContent(stand);
            content.setRight(standScroll);
        } else {
            content.setRight(null);
            standScroll.setContent(null);
            column.getChildren().setAll(middle, stand);
        }
    }

    private static ScrollPane scroll(Region content) {
        ScrollPane pane = new ScrollPane(content);
        pane.setFitToWidth(true);
        pane.setFitToHeight(true);
        pane.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        pane.getStyleClass().add("start-scroll");
        pane.setFocusTraversable(false);
        return pane;
    }

    private void fixed(Region pane, double width) {
        pane.setPrefWidth(look.px(width));
        pane.setMinWidth(look.px(width));
        pane.setMaxWidth(look.px(width));
    }

    /// Shows the sheet. Until the first time there is nothing on it, and no site of an exercise is read.
    ///
    /// @param under the sheet it may be opened from, which is shown again afterwards
    /// @param otherwise what happens afterwards when it was opened from elsewhere
    public void show(FrontSheet under, Runnable otherwise) {
        if (isVisible()) {
            return;
        }
        back = under.isVisible() ? under::showAsItWas : otherwise;
        under.hide();
        getChildren().setAll(content());
        arrange();
        showAsItWas();
        showAgain();
        if (learning.exercises().isEmpty() && !reading) {
            reading = true;
            shelf.read(learning.apprentice().name(), learning::learn);
            background.compute(ExerciseMaterial::exercises, learning::ready);
        }
        Platform.runLater(kinds::requestFocus);
    }

    /// Shows an exercise by its seed once the sites are read.
    public void take(ExerciseKind kind, int grade, long seed) {
        learning.take(kind, grade, seed);
    }

    private void plan(Job job) {
        hide();
        plan.accept(job);
    }

    /// Does something on site in the exercise that is shown.
    public void step(String id) {
        learning.step(id);
    }

    /// Whether there is an exercise on it.
    public boolean ready() {
        return learning.exercise().isPresent();
    }

    private void leave() {
        hide();
        back.run();
    }

    private void showAgain() {
        if (!isVisible()) {
            return;
        }
        head.show(head());
        kinds.show(Arrays.stream(ExerciseKind.values())
                .map(kind -> ExerciseParts.kind(kind, learning))
                .toList());
        middle.show(learning.exercise().map(this::middle).orElse(WAITING));
        stand.show(learning.exercise()
                .filter(its -> !teacher.open())
                .map(its -> StandParts.of(learning, its, this::plan))
                .orElse(List.of()));
        if (!shown.equals(learning.exercise())) {
            shown = learning.exercise();
            scroll.setVvalue(0);
        }
    }

    private List<Part> middle(Exercise its) {
        return teacher.open() ? teacher.parts() : exercise.of(its);
    }

    private List<Part> head() {
        List<Part> parts = new ArrayList<>();
        parts.add(Group.row(
                        Words.of("start-name", "Exercises"),
                        Words.of("start-about", "Learning: "),
                        Value.of("Apprentice", learning.apprentice().name(), this::rename),
                        Group.space().growing(),
                        Tool.of(
                                teacher.open() ? "Back to the exercise" : "For the teacher",
                                "how the group stands, and sheets to print",
                                teacher::turn),
                        Tool.of("Leave", "back to the jobs (Escape)", this::leave))
                .style("learn-head-row"));
        return parts;
    }

    private boolean rename(String name) {
        boolean given = !name.isBlank();
        if (given) {
            shelf.read(name, learning::learn);
        }
        return given;
    }
}
