package io.answerback.desktop.control;

import io.answerback.desktop.part.Secret;
import javafx.scene.control.PasswordField;

/// A field for what is not shown while it is typed.
public final class SecretField extends PasswordField {
    private Secret secret;

    /// An empty field.
    public SecretField() {
        setMinWidth(USE_PREF_SIZE);
        textProperty().subscribe((was, is) -> secret.taken().accept(is.toCharArray()));
        setOnAction(enter -> secret.done().run());
    }

    void show(Secret other) {
        boolean emptied = secret != null && secret.emptied() != other.emptied();
        secret = other;
        setPrefColumnCount(other.letters());
        setAccessibleText(other.name());
        if (emptied) {
            clear();
        }
    }
}
