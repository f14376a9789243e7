package io.answerback.check;

import io.answerback.job.Area;
import io.answerback.job.Decision;
import io.answerback.job.Job;
import io.answerback.job.RuleFigure;
import io.answerback.job.SettingValue;
import io.answerback.setup.Intent;
import io.answerback.setup.SetupWords;
import io.answerback.wording.Terms;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// A time that is longer than the firm's rules allow. Sounders have a rule of their own.
final class DecisionBeyondRule implements JobRule {
    static final String RULE = "beyond-rule";

    private static final Map<Decision, RuleFigure> MOST = Map.of(
            Decision.ENTRY_TIME, RuleFigure.ENTRY_SECONDS,
            Decision.EXIT_TIME, RuleFigure.EXIT_SECONDS,
            Decision.TEST_INTERVAL, RuleFigure.TEST_HOURS,
            Decision.MOST_ALARMS, RuleFigure.MOST_ALARMS,
            Decision.CONFIRMATION_TIME, RuleFigure.CONFIRMATION_MINUTES,
            Decision.REPORT_DELAY, RuleFigure.REPORT_DELAY_SECONDS);

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Job job = facts.job();
        Intent intent = new Intent(job);
        return MOST.entrySet().stream()
                .flatMap(rule -> numbers(job, rule.getKey())
                        .flatMap(number -> finding(job, intent, rule.getKey(), rule.getValue(), number).stream()));
    }

    private static Stream<Integer> numbers(Job job, Decision decision) {
        return switch (decision.scope()) {
            case AREA -> job.areas().stream().map(Area::number);
            default -> Stream.of(0);
        };
    }

    private static Optional<Finding> finding(Job job, Intent intent, Decision decision, RuleFigure figure, int number) {
        double most = job.practice().figure(figure);
        return intent.of(decision, number)
                .filter(value -> ((SettingValue.Amount) value).value() > most)
                .map(
                        value -> new Finding(
                                "%s:%s %d".formatted(RULE, decision, number),
                                Stop.SET_UP,
                                Grade.WRONG,
                                "",
                                "",
                                "%s%s"
                                        .formatted(
                                                number == 0 ? "" : "Area %02d, ".formatted(number),
                                                SetupWords.says(decision, value, Terms.of(job.practice()))),
                                "\"%s\" allows %s."
                                        .formatted(
                                                job.practice().firm().name(),
                                                SetupWords.value(decision, new SettingValue.Amount(most))),
                                "Decide less, or change the figure on this job and say why. Check your edition and local code."));
    }
}
