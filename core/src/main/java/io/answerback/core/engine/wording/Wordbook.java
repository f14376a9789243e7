package io.answerback.core.engine.wording;

import java.util.Locale;
import java.util.ResourceBundle;

/// The resource bundle. A translation would be a file beside `Words.properties` with the language in its name;
/// there is none yet, so the language of the machine is not asked.
final class Wordbook {
    private static final ResourceBundle BUNDLE = ResourceBundle.getBundle(
            "io.answerback.core.engine.wording.Words",
            Locale.ROOT,
            ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES));

    private Wordbook() {}

    static String of(String key) {
        return BUNDLE.getString(key);
    }
}
