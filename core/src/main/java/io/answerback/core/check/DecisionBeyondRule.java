package io.answerback.core.check;

import io.answerback.core.practice.RuleFigure;
import io.answerback.core.profile.Decision;
import io.answerback.core.profile.SettingValue;
import io.answerback.core.setup.Intent;
import io.answerback.core.setup.SetupWords;
import io.answerback.core.site.Area;
import io.answerback.core.site.Job;
import io.answerback.core.wording.Terms;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A time that is longer than the firm's rules allow. Sounders have a rule of their own.
final class DecisionBeyondRule implements JobRule {
    static final String RULE = "beyond-rule";

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
    public Stream<Finding> check(JobFacts facts) {
        Job job = facts.job();
        Intent intent = new Intent(job);
        return LIMITS.stream()
                .flatMap(limit ->
                        numbers(job, limit.decision()).flatMap(number -> finding(job, intent, limit, number).stream()));
    }

    private static Stream<Integer> numbers(Job job, Decision decision) {
        return switch (decision.scope()) {
            case AREA -> job.areas().stream().map(Area::number);
            default -> Stream.of(0);
        };
    }

    private static Optional<Finding> finding(Job job, Intent intent, Limit limit, int number) {
        Decision decision = limit.decision();
        double most = job.practice().figure(limit.most());
        return intent.of(decision, number)
                .filter(value -> ((SettingValue.Amount) value).value() > most)
                .map(
                        value -> new Finding(
                                "%s:%s %d%s".formatted(RULE, decision, number, suffix(limit)),
                                Stop.SET_UP,
                                Grade.WRONG,
                                "",
                                "",
                                "%s%s"
                                        .formatted(
                                                number == 0 ? "" : "Area %02d, ".formatted(number),
                                                SetupWords.says(decision, value, Terms.of(job.practice()))),
                                "%s \"%s\" allows %s."
                                        .formatted(
                                                limit.most() == RuleFigure.REPORTING_HOURS
                                                        ? "It is how the station hears from the system, and the reporting class in"
                                                        : "The rule in",
                                                job.practice().firm().name(),
                                                SetupWords.value(decision, new SettingValue.Amount(most))),
                                "Decide less, or change the figure on this job and say why. Check your edition and local code."));
    }

    private static String suffix(Limit limit) {
        return limit.most() == RuleFigure.REPORTING_HOURS ? " class" : "";
    }
}
