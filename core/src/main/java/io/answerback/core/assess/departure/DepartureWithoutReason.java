package io.answerback.core.assess.departure;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import java.util.List;
import java.util.stream.Stream;

/// Something done otherwise than the firm does it, and nobody said why.
public final class DepartureWithoutReason implements JobCheck {
    /// Something is done otherwise than the firm does it, without a reason.
    public static final Rule RULE = new Rule(
            "departure",
            Stop.SURVEY,
            Grade.TIGHT,
            "Something is done otherwise than the firm does it, without a reason.",
            "The next engineer takes it for a mistake.");

    /// A masking or fault relay of a detector is not connected, without a reason.
    public static final Rule OUTPUT = new Rule(
            "detector-output-unused",
            Stop.SURVEY,
            Grade.TIGHT,
            "A masking or fault relay of a detector is not connected, without a reason.",
            "The detector signals that it is masked or has failed, and the panel does not receive it.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE, OUTPUT);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(Departures.FACT).stream()
                .filter(departure -> departure.reason().isEmpty())
                .map(departure -> finding(facts, departure));
    }

    private static Finding output(Facts facts, Departure departure) {
        return OUTPUT.finds(
                        new Target.OfDeparture(departure.id(), departure.pointId()),
                        departure.title() + " not connected",
                        "The detector signals that it is masked or has failed, and the panel does not receive it.",
                        "Wire it as a triple end-of-line, connect the relay to an input of its own, or give the reason why it is not used.")
                .of(departure.pointId().orElseThrow())
                .onSiteOf(facts.practice().grade());
    }

    private static Finding finding(Facts facts, Departure departure) {
        if (departure.id().startsWith(Departures.OUTPUT)) {
            return output(facts, departure);
        }
        Finding finding = RULE.finds(
                new Target.OfDeparture(departure.id(), departure.pointId()),
                departure.title() + " otherwise than " + (departure.pointId().isEmpty() ? "the rules" : "on this job"),
                Text.of("Here %s; %s %s.", departure.here(), departure.whose(), departure.firm()),
                "Give the reason, or do as the rules say.");
        return departure
                        .pointId()
                        .filter(id -> AsTheRulesSay.possible(facts, id))
                        .isPresent()
                ? finding.mendedBy(AsTheRulesSay.everyPointWithoutReason())
                : finding;
    }
}
