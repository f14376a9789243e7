package io.answerback.desktop.shell;

import io.answerback.desktop.control.PartPane;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// What a bench is made of: the switch between its sheets, the title of the one that lies on top, and the sheet.
public final class SheetFrame {
    private static final double WIDE = 1100;

    private final Look look;
    private final VBox bench = new VBox();
    private final PartPane head;
    private final HBox middle = new HBox();
    private final VBox companion = new VBox();
    private final PartPane companionHead;
    private final StackPane instrument = new StackPane();
    private final Map<PartSheet, SheetView> views = new HashMap<>();
    private PartSheet onTop;
    private Optional<Part> switches = Optional.empty();

    /// An empty frame.
    public SheetFrame(Look look) {
        this.look = look;
        this.head = new PartPane(look, "bench-head");
        this.companionHead = new PartPane(look, "bench-head");
        middle.getStyleClass().add("sheets-beside");
        companion.getStyleClass().add("companion");
        HBox.setHgrow(companion, Priority.ALWAYS);
        bench.getStyleClass().add("bench");
        VBox.setVgrow(middle, Priority.ALWAYS);
        bench.getChildren().addAll(head, middle);
    }

    /// Whether there is room for a second sheet beside the one that lies on top.
    public boolean wide() {
        return bench.getWidth() / look.px(1) >= WIDE;
    }

    /// Does something whenever there comes to be room for a second sheet, or no longer is.
    void whenever(Runnable again) {
        bench.widthProperty().subscribe((before, now) -> {
            double wide = look.px(WIDE);
            if (before.doubleValue() >= wide != now.doubleValue() >= wide) {
                Platform.runLater(again);
            }
        });
    }

    /// What stands in the middle.
    public Node bench() {
        return bench;
    }

    /// What stands at the head of the side sheet.
    public Node instrument() {
        return instrument;
    }

    /// Lays a sheet on top and shows a state on it.
    ///
    /// @param above what stands above the title, where no title however long moves it: the switch between the
    ///     sheets
    /// @param beside what stands beside it where there is room; empty for nothing
    public void show(PartSheet sheet, WindowState state, Optional<Part> above, Optional<PartSheet> beside) {
        onTop = sheet;
        switches = above;
        title(sheet, state);
        SheetView view = view(sheet);
        Optional<SheetView> second = beside.filter(its -> wide()).map(this::view);
        List<Node> wanted = second.isPresent() ? List.of(view.middle(), companion) : List.of(view.middle());
        if (!middle.getChildren().equals(wanted)) {
            companion.getChildren().clear();
            HBox.setHgrow(view.middle(), Priority.ALWAYS);
            middle.getChildren().setAll(wanted);
            instrument.getChildren().setAll(view.beside());
        }
        // both have the same room, whatever they hold
        view.middle().setPrefWidth(second.isPresent() ? 1 : Region.USE_COMPUTED_SIZE);
        view.show(state);
        second.ifPresent(its -> companion(its, beside.get(), state));
    }

    private void companion(SheetView view, PartSheet sheet, WindowState state) {
        companion.setPrefWidth(1);
        companionHead.show(List.of(Words.title(sheet.title())));
        view.middle().setPrefWidth(Region.USE_COMPUTED_SIZE);
        VBox.setVgrow(view.middle(), Priority.ALWAYS);
        companion.getChildren().setAll(companionHead, view.middle());
        view.show(state);
    }

    private SheetView view(PartSheet sheet) {
        return views.computeIfAbsent(sheet, its -> new SheetView(its, look, later -> title(its, later)));
    }

    /// A sheet that is not on top has no title to show.
    private void title(PartSheet sheet, WindowState state) {
        if (sheet != onTop) {
            return;
        }
        Part title = Group.flow(
                        Words.wrapped(Words.of("bench-title", sheet.title())),
                        Words.wrapped(Words.of("bench-about", sheet.about(state))))
                .style("headline");
        head.show(switches.<List<Part>>map(its -> List.of(Group.row(its).style("sheet-switches"), title))
                .orElse(List.of(title)));
    }
}
