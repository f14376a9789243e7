package io.answerback.core.check;

import java.util.stream.Stream;

/// Something done otherwise than the firm does it, and nobody said why.
final class DepartureWithoutReason implements JobRule {
    static final String RULE = "departure";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.departures().stream()
                .filter(departure -> departure.reason().isEmpty())
                .map(departure -> new Finding(
                        RULE + ":" + departure.id(),
                        Stop.SURVEY,
                        Grade.TIGHT,
                        departure.pointId(),
                        departure.id(),
                        departure.title() + " otherwise than "
                                + (departure.pointId().isEmpty() ? "the rules" : "on this job"),
                        "Here %s; %s %s.".formatted(departure.here(), departure.whose(), departure.firm()),
                        "Give the reason, or do as the rules say."));
    }
}
