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
import javafx.scene.Node;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// What a bench is made of: the switch between its sheets, the title of the one that lies on top, and the sheet.
public final class SheetFrame {
    private final Look look;
    private final VBox bench = new VBox();
    private final PartPane head;
    private final StackPane middle = new StackPane();
    private final StackPane instrument = new StackPane();
    private final Map<PartSheet, SheetView> views = new HashMap<>();
    private PartSheet onTop;
    private Optional<Part> switches = Optional.empty();

    /// An empty frame.
    public SheetFrame(Look look) {
        this.look = look;
        this.head = new PartPane(look, "bench-head");
        bench.getStyleClass().add("bench");
        VBox.setVgrow(middle, Priority.ALWAYS);
        bench.getChildren().addAll(head, middle);
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
    public void show(PartSheet sheet, WindowState state, Optional<Part> above) {
        onTop = sheet;
        switches = above;
        title(sheet, state);
        SheetView view = views.computeIfAbsent(sheet, its -> new SheetView(its, look, later -> title(its, later)));
        if (!middle.getChildren().contains(view.middle())) {
            middle.getChildren().setAll(view.middle());
            instrument.getChildren().setAll(view.beside());
        }
        view.show(state);
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
