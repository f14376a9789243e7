package io.answerback.desktop.control;

import java.util.function.IntSupplier;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;

/// Where a menu begins when it is opened: on the row that is chosen, else on the first, so that Enter takes that
/// row and
/// Down goes to the one below it.
public final class MenuStart {
    private MenuStart() {}

    /// Lights a row whenever a menu is opened.
    ///
    /// @param chosen the number of the row that is chosen, from 0; -1 for none
    public static void light(MenuButton menu, IntSupplier chosen) {
        menu.setOnShown(shown -> {
            int row = Math.max(0, chosen.getAsInt());
            if (row < menu.getItems().size()) {
                light(menu.getItems().get(row));
            }
        });
    }

    private static void light(MenuItem item) {
        Node row = item.getStyleableNode();
        if (row != null) {
            row.requestFocus();
        }
    }
}
