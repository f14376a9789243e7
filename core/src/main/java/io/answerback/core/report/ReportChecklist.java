package io.answerback.core.report;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on reporting.
public final class ReportChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL = List.of(
            new ZoneWiredButOff(),
            new ZoneWithoutArea(),
            new ZoneUnlikeSurvey(),
            new AccountMissing(),
            new RouteWithoutReceiver(),
            new ReceiverChecks(),
            new RoutingChecks(),
            new PeopleChecks());

    private ReportChecklist() {}
}
