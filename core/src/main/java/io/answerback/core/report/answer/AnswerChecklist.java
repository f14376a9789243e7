package io.answerback.core.report.answer;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on how soon somebody answers.
public final class AnswerChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL = List.of(new PathChecks(), new SilenceUnnoticed(), new AnswerTooLate());

    private AnswerChecklist() {}
}
