package io.answerback.core.report;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// What is looked for in what is reported.
public final class ReportChecklist {
    /// Every check, in the order in which their findings are given.
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
