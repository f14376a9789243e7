package io.answerback.core.report.attach;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on how the communicator is attached.
public final class AttachChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL =
            List.of(new FittingChecks(), new CaptureChecks(), new ServiceChecks(), new OutputChecks());

    private AttachChecklist() {}
}
