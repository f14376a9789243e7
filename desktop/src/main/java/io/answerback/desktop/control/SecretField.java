package io.answerback.desktop.control;

import io.answerback.desktop.part.Secret;
import javafx.scene.control.PasswordField;

/// A field for digits that are not shown while they are typed.
public final class SecretField extends PasswordField {
    private static final int LETTERS = 6;

    private Secret secret;

    /// An empty field.
    public SecretField() {
        setPrefColumnCount(LETTERS);
        setMinWidth(USE_PREF_SIZE);
        textProperty().subscribe((was, is) -> secret.taken().accept(is));
    }

    void show(Secret other) {
        boolean emptied = secret != null && secret.emptied() != other.emptied();
        secret = other;
        setAccessibleText(other.name());
        if (emptied) {
            clear();
        }
    }
}
