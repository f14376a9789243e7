package io.answerback.desktop.handover;

import io.answerback.core.service.Visit;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.work.Actions;
import java.util.function.Consumer;

/// Who does what is done on this bench, as initials: those of the visit, or as typed.
final class Who {
    private static final int MOST_LETTERS = 20;

    private String text = "";

    Part value(Actions actions, Runnable showAgain) {
        String shown = text(actions);
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

    private String text(Actions actions) {
        return text.isEmpty()
                ? actions.now().job().service().now().map(Visit::by).orElse("")
                : text;
    }

    /// Does something in somebody's name, or says that nobody is named yet.
    void then(Actions actions, Consumer<String> does) {
        String by = text(actions);
        if (by.isEmpty()) {
            actions.tell("Say first who you are: type your initials beside \"Done by\".");
        } else {
            does.accept(by);
        }
    }
}
