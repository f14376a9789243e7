package io.answerback.core.report.message;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on mail.
public final class MessageChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL = List.of(new MailChecks());

    private MessageChecklist() {}
}
