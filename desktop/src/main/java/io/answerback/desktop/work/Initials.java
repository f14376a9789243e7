package io.answerback.desktop.work;

import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Value;

/// Who does what is done on a bench, as initials; the same on every sheet of it.
public final class Initials {
    private static final int MOST_LETTERS = 20;

    private String text = "";

    /// The initials; empty while nobody said.
    public String text() {
        return text;
    }

    /// Whether nobody has said yet.
    public boolean missing() {
        return text.isEmpty();
    }

    /// The field they are typed into.
    ///
    /// @param otherwise whose initials count while nothing is typed; empty for nobody's
    public Part value(String otherwise, Runnable showAgain) {
        String shown = text.isEmpty() ? otherwise : text;
        return Value.of("Initials", shown.isEmpty() ? "who" : shown, typed -> {
            String bare = typed.strip();
            if (bare.isEmpty() || bare.length() > MOST_LETTERS) {
                return false;
            }
            text = bare;
            showAgain.run();
            return true;
        });
    }
}
