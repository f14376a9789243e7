package io.answerback.desktop.control;

import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;

/// Parts side by side, on as many lines as they need. Unlike its parent it never asks for more width than there
/// is: a part that is wider alone than the whole row gives way, and words in it break.
public final class Flow extends FlowPane {
    /// So long that it asks for all on one line, and wraps only where there is less room.
    private static final double ONE_LINE = 10_000;

    /// A row of parts.
    public Flow(Node... parts) {
        super(parts);
        setPrefWrapLength(ONE_LINE);
        widthProperty().subscribe(this::fit);
        insetsProperty().subscribe(this::fit);
        getChildren().subscribe(this::fit);
    }

    private void fit() {
        double room = getWidth() - snappedLeftInset() - snappedRightInset();
        for (Node part : getChildren()) {
            if (room > 0 && part instanceof Region region) {
                region.setMaxWidth(room);
            }
        }
    }

    @Override
    protected double computeMinWidth(double height) {
        return snappedLeftInset() + snappedRightInset();
    }
}
