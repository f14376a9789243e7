package io.answerback.desktop.shell;

import io.answerback.desktop.drawing.Headline;
import io.answerback.desktop.work.WindowState;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// What a bench of several sheets is made of: the title of the sheet that lies on top, the switch between them,
/// and the sheet.
public final class SheetFrame {
    private final VBox bench = new VBox();
    private final HBox switches = new HBox();
    private final StackPane head = new StackPane();
    private final StackPane middle = new StackPane();
    private final StackPane instrument = new StackPane();

    /// An empty frame.
    public SheetFrame() {
        bench.getStyleClass().add("bench");
        switches.getStyleClass().add("sheet-switches");
        VBox.setVgrow(middle, Priority.ALWAYS);
        bench.getChildren().addAll(switches, head, middle);
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
    public void show(Sheet sheet, WindowState state, Node... above) {
        head.getChildren().setAll(new Headline(sheet.title(), sheet.about(state)));
        switches.getChildren().setAll(above);
        switches.setVisible(above.length > 0);
        switches.setManaged(above.length > 0);
        if (!middle.getChildren().contains(sheet.node())) {
            middle.getChildren().setAll(sheet.node());
            instrument.getChildren().setAll(sheet.instrument());
        }
        sheet.show(state);
    }
}
