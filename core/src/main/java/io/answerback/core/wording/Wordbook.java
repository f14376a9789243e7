package io.answerback.core.wording;

import java.util.Locale;
import java.util.ResourceBundle;

/// The resource bundle. A translation is a file beside `Words.properties` with the language in its name.
final class Wordbook {
    private static final ResourceBundle BUNDLE = ResourceBundle.getBundle(
            "io.answerback.wording.Words",
            Locale.getDefault(),
            ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES));

    private Wordbook() {}

    static String of(String key) {
        return BUNDLE.getString(key);
    }
}
