package io.answerback.desktop.shell;

import io.answerback.core.model.id.PointId;
import io.answerback.desktop.control.PartPane;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.util.Optional;
import java.util.function.Consumer;

/// A sheet in the window. What is typed for one point is left when another is looked at.
final class SheetView {
    private final PartSheet sheet;
    private final PartPane middle;
    private final PartPane beside;
    private Optional<WindowState> shown = Optional.empty();

    /// @param title shows the title again, which what was chosen may have changed
    SheetView(PartSheet sheet, Look look, Consumer<WindowState> title) {
        this.sheet = sheet;
        this.middle = new PartPane(look, "sheet");
        this.beside = new PartPane(look, "instrument");
        sheet.shownAgainBy(() -> shown.ifPresent(state -> {
            show(state);
            title.accept(state);
        }));
    }

    PartPane middle() {
        return middle;
    }

    PartPane beside() {
        return beside;
    }

    void show(WindowState state) {
        Optional<PointId> before = shown.map(WindowState::selected);
        if (before.isPresent() && !before.get().equals(state.selected())) {
            middle.leaveTyping();
            beside.leaveTyping();
        }
        shown = Optional.of(state);
        middle.show(sheet.middle(state));
        beside.show(sheet.beside(state));
    }
}
