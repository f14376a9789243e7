package io.answerback.core.report.network;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on addresses.
public final class NetworkChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL = List.of(new NetworkChecks());

    private NetworkChecklist() {}
}
