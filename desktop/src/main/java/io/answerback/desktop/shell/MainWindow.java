package io.answerback.desktop.shell;

import io.answerback.core.engine.finding.Stop;
import io.answerback.desktop.control.FocusKeeper;
import io.answerback.desktop.control.IntoView;
import io.answerback.desktop.control.PartPane;
import io.answerback.desktop.live.PracticeSession;
import io.answerback.desktop.present.FindingsPresentation;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.collections.ListChangeListener;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// The window's fixed parts, always in the same place: head and route line above, points on the left, the open
/// bench in the middle, the side sheet on the right, the signal chain below. Where the window is narrow for
/// its size of text, the side sheet moves below the bench.
public final class MainWindow {
    private static final double NARROW = 1050;
    private static final double LOW = 600;

    private final OpenJob openJob;
    private final Look look;
    private final Map<Stop, Supplier<Bench>> benches;
    private final Map<Stop, Bench> open = new EnumMap<>(Stop.class);
    private final Header header;
    private final RouteLine route;
    private final PointList points;
    private final PartPane findings;
    private final ChainStrip chain;
    private final Palette palette;
    private final NoticeLine notice;
    private final VBox foot = new VBox();
    private final VBox side = new VBox();
    private final VBox middle = new VBox();
    private final ScrollPane sideScroll = scroll(side, "side");
    private final ScrollPane middleScroll = scroll(middle, "middle");
    private final BorderPane body = new BorderPane();
    private final FrontSheets fronts;
    private final Scene scene;
    private boolean waiting;
    private boolean rearrange;
    private boolean arrangedNarrow;
    private WindowState shown;

    /// The window's content.
    ///
    /// @param benches makes the bench of each stop when it is first opened
    /// @param sheets every sheet of every bench
    /// @param fronts what may lie over everything
    /// @param conflict says what somebody else did to the file
    /// @param open takes a file that is opened or dropped
    /// @param recent the job files opened lately
    public MainWindow(
            OpenJob openJob,
            PracticeSession practice,
            Look look,
            Commands commands,
            Map<Stop, Supplier<Bench>> benches,
            List<SheetPlace> sheets,
            FrontSheets fronts,
            ConflictStrip conflict,
            Consumer<Path> open,
            Supplier<List<String>> recent,
            InstantSource clock) {
        this.openJob = openJob;
        this.look = look;
        this.benches = benches;
        this.fronts = fronts;
        this.points = new PointList(openJob, look);
        this.palette = new Palette(openJob, commands.all(), sheets, points::focusList);
        commands.does(steps -> bench(openJob.now().stop()).turn(steps), palette::openNext, this::nextPane);
        this.header = new Header(commands, openJob.busy(), palette::open, recent, open, clock);
        this.route = new RouteLine(openJob, look);
        this.findings = new PartPane(look, "findings");
        this.chain = new ChainStrip(openJob, practice, look, points.keyboardOnList());
        this.notice = new NoticeLine(openJob);
        body.setTop(new VBox(header, route, conflict));
        body.setLeft(points);
        body.setBottom(foot);
        body.visibleProperty().bind(fronts.none());
        StackPane root = new StackPane(body);
        root.getChildren().addAll(fronts.sheets());
        root.getChildren().addAll(notice.words(), palette);
        root.getStyleClass().add("window");
        scene = new Scene(root, 1280, 800);
        look.dress(scene);
        notice.watch(scene);
        new WindowKeys(scene, openJob, fronts, palette, points, notice)
                .install(commands, palette::open, points::focusFilter);
        installDrop(open);
        follow(practice);
    }

    private static ScrollPane scroll(Node content, String style) {
        ScrollPane pane = new ScrollPane(content);
        pane.setFitToWidth(true);
        pane.setFitToHeight(true);
        pane.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        pane.getStyleClass().add(style);
        pane.setFocusTraversable(false);
        return pane;
    }

    /// The scene, ready to be shown.
    public Scene scene() {
        return scene;
    }

    /// Puts the keyboard where work begins.
    public void focus() {
        points.focusList();
    }

    /// From the list to the sheet, from there to the side sheet, and back to the list.
    private void nextPane() {
        Bench bench = bench(openJob.now().stop());
        Node now = scene.getFocusOwner();
        if (points.listHasKeyboard() && bench.sheet() instanceof Parent sheet) {
            FocusKeeper.first(sheet, ".sheet")
                    .or(() -> FocusKeeper.first(sheet, "*"))
                    .ifPresent(Node::requestFocus);
        } else if (now != null && within(now, bench.sheet())) {
            FocusKeeper.first(side, "*").ifPresentOrElse(Node::requestFocus, points::focusList);
        } else {
            points.focusList();
        }
    }

    private static boolean within(Node node, Node outer) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at == outer) {
                return true;
            }
        }
        return false;
    }

    private void follow(PracticeSession practice) {
        openJob.state().subscribe(this::showSoon);
        practice.run().subscribe(this::showSoon);
        practice.panel().subscribe(this::showSoon);
        practice.progress().subscribe(this::showSoon);
        practice.settings().subscribe(this::showSoon);
        practice.roll().addListener((ListChangeListener<Object>) change -> showSoon());
        scene.heightProperty().subscribe(height -> chain.fold(low()));
        look.textPercent().subscribe(percent -> chain.fold(low()));
        scene.widthProperty().subscribe(width -> points.within(width()));
        look.textPercent().subscribe(percent -> points.within(width()));
        scene.widthProperty().subscribe(width -> {
            if (narrow() != arrangedNarrow) {
                rearrangeSoon();
            }
        });
        scene.focusOwnerProperty().subscribe(focused -> {
            if (focused != null) {
                IntoView.scroll(focused);
            }
        });
        look.textPercent().subscribe(this::rearrangeSoon);
        openJob.wholeWindow().subscribe(this::rearrangeSoon);
        rearrange = true;
        show(openJob.now());
    }

    /// Whatever changes before the next picture is shown at once with it.
    private void showSoon() {
        if (!waiting) {
            waiting = true;
            Platform.runLater(() -> show(openJob.now()));
        }
    }

    private void rearrangeSoon() {
        rearrange = true;
        showSoon();
    }

    private Bench bench(Stop stop) {
        return open.computeIfAbsent(stop, its -> benches.get(its).get());
    }

    /// In pixels at 100 % text.
    private double width() {
        return scene.getWidth() / look.px(1);
    }

    private boolean low() {
        return scene.getHeight() / look.px(1) < LOW;
    }

    private boolean narrow() {
        return width() < NARROW;
    }

    private void arrange(Bench bench) {
        VBox.setVgrow(bench.sheet(), Priority.ALWAYS);
        boolean narrow = narrow();
        arrangedNarrow = narrow;
        side.getChildren().setAll(bench.instrument(), findings);
        side.getStyleClass().setAll("side-sheet");
        if (narrow && !openJob.wholeWindow().get()) {
            // else the scrolling pane believes that it still has it, and shows nothing when it gets it back
            sideScroll.setContent(null);
            middle.getChildren().setAll(bench.sheet(), side);
        } else {
            middle.getChildren().setAll(bench.sheet());
            sideScroll.setContent(side);
        }
        body.setCenter(middleScroll);
        boolean whole = openJob.wholeWindow().get();
        body.setLeft(whole ? null : points);
        foot.getChildren().setAll(whole ? List.of(notice.room()) : List.of(chain, notice.room()));
        body.setRight(whole || narrow ? null : sideScroll);
        header.setVisible(!whole);
        header.setManaged(!whole);
        route.setVisible(!whole);
        route.setManaged(!whole);
    }

    private void show(WindowState state) {
        waiting = false;
        Node focused = scene.getFocusOwner();
        Bench bench = bench(state.stop());
        if (!bench.mayFillWindow()) {
            openJob.wholeWindow().set(false);
        }
        if (rearrange || !middle.getChildren().contains(bench.sheet())) {
            arrange(bench);
        }
        if (rearrange || state != shown) {
            showState(state, bench);
        }
        rearrange = false;
        shown = state;
        bench.showPassing();
        chain.show(state);
        keepFocus(focused, bench);
    }

    /// Where the keyboard was on something that was only moved, it goes back there; where that is gone, it goes to
    /// the first field of the sheet, and without one to the points.
    private void keepFocus(Node focused, Bench bench) {
        boolean there = focused != null && focused.getScene() == scene;
        Node now = scene.getFocusOwner();
        boolean moved = now != null && (within(now, bench.sheet()) || within(now, side) || within(now, points));
        boolean lost = now == null || focused != null && !there && !moved;
        if (lost && !fronts.visible() && !palette.isVisible()) {
            Optional<Node> first = bench.sheet() instanceof Parent sheet && focused != null
                    ? FocusKeeper.firstField(sheet)
                    : Optional.empty();
            if (there) {
                focused.requestFocus();
            } else {
                first.ifPresentOrElse(Node::requestFocus, points::focusList);
            }
        }
    }

    private void showState(WindowState state, Bench bench) {
        header.show(state);
        route.show(state);
        points.show(state);
        bench.show(state);
        findings.show(FindingsPresentation.of(openJob, state));
        notice.show(state.notice());
    }

    private void installDrop(Consumer<Path> open) {
        scene.setOnDragOver(drag -> {
            if (drag.getDragboard().hasFiles()) {
                drag.acceptTransferModes(TransferMode.COPY);
            }
        });
        scene.setOnDragDropped(drop -> {
            drop.getDragboard().getFiles().stream().findFirst().ifPresent(file -> open.accept(file.toPath()));
            drop.setDropCompleted(true);
        });
    }
}
