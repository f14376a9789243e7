package io.answerback.core.departure;

import io.answerback.core.common.Text;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Grade;
import io.answerback.core.finding.JobCheck;
import io.answerback.core.finding.Rule;
import io.answerback.core.finding.Stop;
import io.answerback.core.finding.Target;
import io.answerback.core.memo.Facts;
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

    private static final int STRICT_GRADE = 3;

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(Departures.FACT).stream()
                .filter(departure -> departure.reason().isEmpty())
                .map(departure -> finding(facts, departure));
    }

    /// From grade 3 on a detector must tell that it is masked or failed.
    private static Finding output(Facts facts, Departure departure) {
        return RULE.finds(
                facts.practice().grade() >= STRICT_GRADE ? Grade.WRONG : Grade.TIGHT,
                new Target.OfDeparture(departure.id(), departure.pointId()),
                departure.title() + " goes nowhere",
                "The detector knows that it is masked or has failed, and nothing carries that to the panel.",
                "Wire it as a triple end-of-line, bring the relay to an input of its own, or give the reason why it is left unused.");
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
