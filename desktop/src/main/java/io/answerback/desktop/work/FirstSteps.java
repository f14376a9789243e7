package io.answerback.desktop.work;

import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Words;
import java.util.Optional;

/// What comes first at a stop that others go before.
public final class FirstSteps {
    private FirstSteps() {}

    /// Typing the first point; empty when there is one.
    public static Optional<Group> points(Actions actions) {
        return points(actions, "There is no point yet. Type the first one, with what it is and its cable.");
    }

    /// Typing the first point, at a stop that has something to show before; empty when there is one.
    ///
    /// @param says why that comes first here
    public static Optional<Group> points(Actions actions, String says) {
        return actions.now().job().points().isEmpty()
                ? Optional.of(Words.firstStep(
                        says,
                        "Type the first point",
                        "opens the survey (Ctrl+1)",
                        () -> actions.open(SurveySheet.ROOMS)))
                : Optional.empty();
    }

    /// Fitting what brings inputs or keys to the panel.
    ///
    /// @param says why that comes first here
    public static Group modules(Actions actions, String says, String button) {
        return Words.firstStep(
                says, button, "opens the inputs of the survey (Ctrl+1)", () -> actions.open(SurveySheet.INPUTS));
    }
}
