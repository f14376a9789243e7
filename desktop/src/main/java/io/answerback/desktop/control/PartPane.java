package io.answerback.desktop.control;

import io.answerback.desktop.part.Part;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.theme.WhileShown;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/// Parts one below the other. Showing others keeps the nodes of all that stay.
public final class PartPane extends VBox {
    private final Panes panes;
    private List<Part> shown = List.of();
    private int textPercent;

    /// An empty pane.
    public PartPane(Look look, String... styles) {
        this.panes = new Panes(look, new PartNodes(look));
        this.textPercent = look.textPercent().get();
        getStyleClass().addAll(styles);
        WhileShown.listen(this, () -> look.textPercent().subscribe(percent -> again(percent.intValue())));
    }

    /// Shows parts in place of those that are there.
    public void show(List<? extends Part> parts) {
        if (parts != shown) {
            shown = List.copyOf(parts);
            FocusKeeper.whileShowing(this, () -> panes.fill(this, shown));
        }
    }

    /// Leaves every value that is typed into as it was.
    public void leaveTyping() {
        for (Node at = getScene() == null ? null : getScene().getFocusOwner(); at != null; at = at.getParent()) {
            if (at instanceof ValueField field && within(field)) {
                field.close();
            }
        }
    }

    private boolean within(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at == this) {
                return true;
            }
        }
        return false;
    }

    /// The same parts in another size of text.
    private void again(int percent) {
        if (percent != textPercent) {
            textPercent = percent;
            FocusKeeper.whileShowing(this, () -> {
                panes.fill(this, List.of());
                panes.fill(this, shown);
            });
        }
    }
}
