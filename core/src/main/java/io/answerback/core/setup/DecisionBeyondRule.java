package io.answerback.core.setup;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Parts;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A time that is longer than the firm's rules allow, or shorter than they ask for. Sounders have a rule of their
/// own.
public final class DecisionBeyondRule implements JobCheck {
    /// A decided time is beyond what the rules allow.
    public static final Rule RULE = new Rule(
            "beyond-rule",
            Stop.SET_UP,
            Grade.WRONG,
            "A decided time is beyond what the rules allow.",
            "The rules name the limit so that help comes in time.");

    /// A decided time is below what the rules ask for.
    public static final Rule BELOW = new Rule(
            "below-rule",
            Stop.SET_UP,
            Grade.WRONG,
            "A decided time is below what the rules ask for.",
            "Who has no time makes mistakes, and each is a false alarm.");

    private static final List<Limit> LEAST = List.of(
            new Limit(Decision.ENTRY_TIME, RuleFigure.LEAST_ENTRY_SECONDS),
            new Limit(Decision.EXIT_TIME, RuleFigure.LEAST_EXIT_SECONDS),
            new Limit(Decision.REPORT_DELAY, RuleFigure.LEAST_REPORT_DELAY_SECONDS));

    private record Limit(Decision decision, RuleFigure figure) {}

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
        return List.of(RULE, BELOW);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Parts job = facts;
        Intent intent = new Intent(job);
        return Stream.concat(
                LIMITS.stream()
                        .filter(limit -> limit.figure() != RuleFigure.REPORTING_HOURS || intent.showsItselfByTests())
                        .flatMap(limit -> numbers(job, limit.decision())
                                .flatMap(number -> finding(job, intent, limit, number).stream())),
                LEAST.stream()
                        .flatMap(limit -> numbers(job, limit.decision())
                                .flatMap(number -> below(job, intent, limit, number).stream())));
    }

    private static Optional<Finding> below(Parts job, Intent intent, Limit limit, int number) {
        Decision decision = limit.decision();
        double least = job.practice().figure(limit.figure());
        return intent.of(decision, number)
                .filter(value -> ((SettingValue.Amount) value).value() < least)
                .map(value -> BELOW.finds(
                                new Target.OfJob(),
                                says(job, decision, value, number),
                                Text.of(
                                        "The rule in \"%s\" asks for %s at least.",
                                        job.practice().firm().name(),
                                        SetupWords.value(decision, new SettingValue.Amount(least))),
                                "Decide more, or change the figure on this job and say why. Check your edition and local code.")
                        .of(Text.of("%s %d", decision, number)));
    }

    private static String says(Parts job, Decision decision, SettingValue value, int number) {
        return Text.of(
                "%s%s",
                number == 0 ? "" : Text.of("Area %02d, ", number),
                SetupWords.says(decision, value, Terms.of(job.practice())));
    }

    private static Stream<Integer> numbers(Parts job, Decision decision) {
        return switch (decision.scope()) {
            case AREA -> job.areas().stream().map(Area::number);
            case PANEL, ZONE, USER, OUTPUT, MODULE, RECEIVER, PERSON -> Stream.of(0);
        };
    }

    private static Optional<Finding> finding(Parts job, Intent intent, Limit limit, int number) {
        Decision decision = limit.decision();
        double most = job.practice().figure(limit.figure());
        return intent.of(decision, number)
                .filter(value -> ((SettingValue.Amount) value).value() > most)
                .map(value -> RULE.finds(
                                new Target.OfJob(),
                                says(job, decision, value, number),
                                Text.of(
                                        "%s \"%s\" allows %s.",
                                        limit.figure() == RuleFigure.REPORTING_HOURS
                                                ? "It is how the station hears from the system, and the reporting class in"
                                                : "The rule in",
                                        job.practice().firm().name(),
                                        SetupWords.value(decision, new SettingValue.Amount(most))),
                                "Decide less, or change the figure on this job and say why. Check your edition and local code.")
                        .of(Text.of("%s %d%s", decision, number, suffix(limit))));
    }

    private static String suffix(Limit limit) {
        return limit.figure() == RuleFigure.REPORTING_HOURS ? " class" : "";
    }
}
