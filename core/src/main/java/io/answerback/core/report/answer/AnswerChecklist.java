package io.answerback.core.report.answer;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// What is looked for in how soon somebody answers.
public final class AnswerChecklist {
    /// Every check, in the order in which their findings are given.
    public static final List<Check> ALL = List.of(new PathChecks(), new SilenceUnnoticed(), new AnswerTooLate());

    private AnswerChecklist() {}
}
