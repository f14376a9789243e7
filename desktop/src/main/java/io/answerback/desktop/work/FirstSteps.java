package io.answerback.desktop.work;

import io.answerback.desktop.drawing.FirstStep;
import java.util.Optional;

/// What comes first at a stop that others go before.
public final class FirstSteps {
    private FirstSteps() {}

    /// Typing the first point; empty when there is one.
    public static Optional<FirstStep> points(OpenJob openJob) {
        return openJob.now().job().points().isEmpty()
                ? Optional.of(new FirstStep(
                        "There is no point yet. Type the first one, with what it is and its cable.",
                        "Type the first point",
                        "opens the survey (Ctrl+1)",
                        () -> openJob.open(SurveySheet.ROOMS)))
                : Optional.empty();
    }

    /// Fitting what brings inputs or keys to the panel.
    ///
    /// @param says why that comes first here
    public static FirstStep modules(OpenJob openJob, String says, String button) {
        return new FirstStep(
                says, button, "opens the inputs of the survey (Ctrl+1)", () -> openJob.open(SurveySheet.INPUTS));
    }
}
