package io.answerback.desktop.shell;

import java.util.List;
import javafx.beans.Observable;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.BooleanBinding;

/// The sheets that may lie over the window. While one of them does, the job under it is out of reach.
///
/// @param sheets all of them
public record FrontSheets(List<FrontSheet> sheets) {
    public FrontSheets {
        sheets = List.copyOf(sheets);
    }

    /// Whether one of them lies over the window.
    public boolean visible() {
        return sheets.stream().anyMatch(FrontSheet::isVisible);
    }

    /// Whether none does, as it changes.
    BooleanBinding none() {
        return Bindings.createBooleanBinding(
                () -> !visible(),
                sheets.stream().map(FrontSheet::visibleProperty).toArray(Observable[]::new));
    }
}
