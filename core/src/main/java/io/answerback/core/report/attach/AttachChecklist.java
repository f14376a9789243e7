package io.answerback.core.report.attach;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// What is looked for in how a communicator is attached.
public final class AttachChecklist {
    /// Every check, in the order in which their findings are given.
    public static final List<Check> ALL =
            List.of(new FittingChecks(), new CaptureChecks(), new ServiceChecks(), new OutputChecks());

    private AttachChecklist() {}
}
