package io.answerback.core.report.message;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// What is looked for in mail.
public final class MessageChecklist {
    /// Every check, in the order in which their findings are given.
    public static final List<Check> ALL = List.of(new MailChecks());

    private MessageChecklist() {}
}
