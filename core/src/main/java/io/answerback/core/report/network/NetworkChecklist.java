package io.answerback.core.report.network;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// What is looked for in addresses.
public final class NetworkChecklist {
    /// Every check, in the order in which their findings are given.
    public static final List<Check> ALL = List.of(new NetworkChecks());

    private NetworkChecklist() {}
}
