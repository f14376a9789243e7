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
    private final HBox head = new HBox();
    private final StackPane middle = new StackPane();
    private final StackPane instrument = new StackPane();

    /// An empty frame.
    public SheetFrame() {
        bench.getStyleClass().add("bench");
        head.getStyleClass().add("sheet-head");
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
    /// @param beside what stands beside the title, such as the switch between the sheets
    public void show(Sheet sheet, WindowState state, Node... beside) {
        Headline headline = new Headline(sheet.title(), sheet.about(state));
        HBox.setHgrow(headline, Priority.ALWAYS);
        head.getChildren().setAll(headline);
        head.getChildren().addAll(beside);
        if (!middle.getChildren().contains(sheet.node())) {
            middle.getChildren().setAll(sheet.node());
            instrument.getChildren().setAll(sheet.instrument());
        }
        sheet.show(state);
    }
}
