package io.answerback.desktop.handover;

import io.answerback.core.service.Visit;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Initials;
import java.util.function.Predicate;

/// Who does what is done on this bench, as initials: those of the visit, or as typed.
final class Who {
    private final Initials initials = new Initials();

    Part value(Actions actions, Runnable showAgain) {
        return initials.value(onVisit(actions), showAgain);
    }

    private static String onVisit(Actions actions) {
        return actions.now().job().service().now().map(Visit::by).orElse("");
    }

    /// Does something in somebody's name, or says that nobody is named yet.
    ///
    /// @return whether it was done
    boolean then(Actions actions, Predicate<String> does) {
        String by = initials.missing() ? onVisit(actions) : initials.text();
        if (by.isEmpty()) {
            actions.tell("Type your initials first, beside \"Done by\".");
            return false;
        }
        return does.test(by);
    }
}
