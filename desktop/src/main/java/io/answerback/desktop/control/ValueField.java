package io.answerback.desktop.control;

import java.util.function.Predicate;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.css.PseudoClass;
import javafx.geometry.Orientation;
import javafx.scene.control.Control;
import javafx.scene.control.Skin;

/// A value that is edited where it stands: click it or press Enter on it, type, Enter. Escape leaves it as it
/// was. While it is typed into, a change of the value elsewhere leaves what is typed alone.
public final class ValueField extends Control {
    private static final PseudoClass EDITING = PseudoClass.getPseudoClass("editing");
    private static final PseudoClass REFUSED = PseudoClass.getPseudoClass("refused");

    private final ReadOnlyObjectWrapper<Shown> shown = new ReadOnlyObjectWrapper<>(new Shown("", "", false));
    private final ReadOnlyBooleanWrapper editing = new ReadOnlyBooleanWrapper();
    private Predicate<String> accept = typed -> false;

    /// What the field shows.
    ///
    /// @param name what it is, for screen readers and on hover
    /// @param text the value
    /// @param wraps whether it is broken into as many lines as it needs
    record Shown(String name, String text, boolean wraps) {}

    /// An empty field.
    public ValueField() {
        getStyleClass().add("value-field");
        setFocusTraversable(false);
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        editing.subscribe(is -> pseudoClassStateChanged(EDITING, is));
    }

    /// Shows a value.
    ///
    /// @param take takes what was typed; false when it is refused, and then the field stays open
    public void show(String name, String text, boolean wraps, Predicate<String> take) {
        accept = take;
        setMaxWidth(wraps ? Double.MAX_VALUE : USE_PREF_SIZE);
        shown.set(new Shown(name, text, wraps));
    }

    ReadOnlyObjectProperty<Shown> shown() {
        return shown.getReadOnlyProperty();
    }

    /// Whether it is typed into.
    public ReadOnlyBooleanProperty editing() {
        return editing.getReadOnlyProperty();
    }

    /// Lets somebody type another value.
    public void open() {
        editing.set(true);
    }

    /// Leaves the value as it is.
    public void close() {
        pseudoClassStateChanged(REFUSED, false);
        editing.set(false);
    }

    /// Takes what was typed.
    ///
    /// @return whether it was taken
    public boolean take(String typed) {
        boolean taken = accept.test(typed);
        if (taken) {
            close();
        } else {
            pseudoClassStateChanged(REFUSED, true);
        }
        return taken;
    }

    @Override
    public Orientation getContentBias() {
        return shown.get().wraps() ? Orientation.HORIZONTAL : null;
    }

    @Override
    protected Skin<?> createDefaultSkin() {
        return new ValueFieldSkin(this);
    }
}
