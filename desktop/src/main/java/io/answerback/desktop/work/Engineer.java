package io.answerback.desktop.work;

import io.answerback.core.model.service.Visit;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Value;
import java.util.function.Consumer;
import java.util.function.Predicate;

/// Who works at this computer, by initials or name: asked once, kept between starts, and changed wherever it is
/// shown. Walks, ticks, visits and the log are all in this name; while nobody has given one, in that of the visit
/// under way.
public final class Engineer {
    private static final int MOST_LETTERS = 20;

    private final Consumer<String> keep;
    private String text;

    /// @param text as it was kept; blank before anybody gave it
    /// @param keep keeps another one
    public Engineer(String text, Consumer<String> keep) {
        this.text = text;
        this.keep = keep;
    }

    /// One whom nothing keeps.
    public static Engineer unknown() {
        return new Engineer("", name -> {});
    }

    /// The name that counts now: as given, else that of whoever makes the visit under way; empty for neither.
    public String name(Actions actions) {
        return text.isEmpty() ? onVisit(actions) : text;
    }

    private static String onVisit(Actions actions) {
        return actions.now().job().service().now().map(Visit::by).orElse("");
    }

    /// Where it is shown and changed.
    public Part value(Actions actions, Runnable showAgain) {
        String shown = name(actions);
        return Value.of("Initials", shown.isEmpty() ? "your initials" : shown, typed -> {
            String bare = typed.strip();
            if (bare.isEmpty() || bare.length() > MOST_LETTERS) {
                return false;
            }
            text = bare;
            keep.accept(bare);
            showAgain.run();
            return true;
        });
    }

    /// Does something in the name of whoever works here, or says that a name is missing.
    ///
    /// @param beside what stands beside the field for it
    /// @return whether it was done
    public boolean then(Actions actions, String beside, Predicate<String> does) {
        String by = name(actions);
        if (by.isEmpty()) {
            actions.tell("Type your initials first, beside \"%s\".".formatted(beside));
            return false;
        }
        return does.test(by);
    }
}
