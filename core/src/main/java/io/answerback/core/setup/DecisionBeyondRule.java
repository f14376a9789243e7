package io.answerback.core.setup;

import io.answerback.core.common.Text;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Grade;
import io.answerback.core.finding.JobCheck;
import io.answerback.core.finding.Rule;
import io.answerback.core.finding.Stop;
import io.answerback.core.finding.Target;
import io.answerback.core.memo.Facts;
import io.answerback.core.practice.RuleFigure;
import io.answerback.core.profile.Decision;
import io.answerback.core.profile.SettingValue;
import io.answerback.core.site.Area;
import io.answerback.core.site.Parts;
import io.answerback.core.wording.Terms;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A time that is longer than the firm's rules allow. Sounders have a rule of their own.
public final class DecisionBeyondRule implements JobCheck {
    /// A decided time is beyond what the rules allow.
    public static final Rule RULE = new Rule(
            "beyond-rule",
            Stop.SET_UP,
            Grade.WRONG,
            "A decided time is beyond what the rules allow.",
            "The rules name the limit so that help comes in time.");

    private record Limit(Decision decision, RuleFigure most) {}

    private static final List<Limit> LIMITS = List.of(
            new Limit(Decision.ENTRY_TIME, RuleFigure.ENTRY_SECONDS),
            new Limit(Decision.EXIT_TIME, RuleFigure.EXIT_SECONDS),
            new Limit(Decision.TEST_INTERVAL, RuleFigure.TEST_HOURS),
            new Limit(Decision.TEST_INTERVAL, RuleFigure.REPORTING_HOURS),
            new Limit(Decision.MOST_ALARMS, RuleFigure.MOST_ALARMS),
            new Limit(Decision.CONFIRMATION_TIME, RuleFigure.CONFIRMATION_MINUTES),
            new Limit(Decision.REPORT_DELAY, RuleFigure.REPORT_DELAY_SECONDS));

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Parts job = facts;
        Intent intent = new Intent(job);
        return LIMITS.stream()
                .flatMap(limit ->
                        numbers(job, limit.decision()).flatMap(number -> finding(job, intent, limit, number).stream()));
    }

    private static Stream<Integer> numbers(Parts job, Decision decision) {
        return switch (decision.scope()) {
            case AREA -> job.areas().stream().map(Area::number);
            default -> Stream.of(0);
        };
    }

    private static Optional<Finding> finding(Parts job, Intent intent, Limit limit, int number) {
        Decision decision = limit.decision();
        double most = job.practice().figure(limit.most());
        return intent.of(decision, number)
                .filter(value -> ((SettingValue.Amount) value).value() > most)
                .map(value -> RULE.finds(
                                new Target.OfJob(),
                                Text.of(
                                        "%s%s",
                                        number == 0 ? "" : Text.of("Area %02d, ", number),
                                        SetupWords.says(decision, value, Terms.of(job.practice()))),
                                Text.of(
                                        "%s \"%s\" allows %s.",
                                        limit.most() == RuleFigure.REPORTING_HOURS
                                                ? "It is how the station hears from the system, and the reporting class in"
                                                : "The rule in",
                                        job.practice().firm().name(),
                                        SetupWords.value(decision, new SettingValue.Amount(most))),
                                "Decide less, or change the figure on this job and say why. Check your edition and local code.")
                        .of(Text.of("%s %d%s", decision, number, suffix(limit))));
    }

    private static String suffix(Limit limit) {
        return limit.most() == RuleFigure.REPORTING_HOURS ? " class" : "";
    }
}
