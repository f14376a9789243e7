package io.answerback.desktop.prove;

import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Value;

/// Who shows lines, as initials; the same on every sheet of the bench.
final class Initials {
    private static final int MOST_LETTERS = 20;

    private String text = "";

    String text() {
        return text;
    }

    boolean missing() {
        return text.isEmpty();
    }

    Part value(Runnable showAgain) {
        return Value.of("Initials", text.isEmpty() ? "who" : text, typed -> {
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
