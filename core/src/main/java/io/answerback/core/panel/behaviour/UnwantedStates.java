package io.answerback.core.panel.behaviour;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.panel.operation.Act;
import io.answerback.core.panel.operation.AreaMode;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.HowSet;
import io.answerback.core.panel.operation.Logged;
import io.answerback.core.panel.operation.Operation;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationRules.AreaRule;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import io.answerback.core.panel.operation.OperationState;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// States of a panel that nobody wants and that its programming leads to, found by working the panel model.
public final class UnwantedStates implements JobCheck {
    /// An area can never be set.
    public static final Rule NEVER_SET = new Rule(
            "area-never-set",
            Stop.SET_UP,
            Grade.WRONG,
            "An area can never be set.",
            "What is in it is watched by nobody at night.");
    /// Nobody can unset an area.
    public static final Rule NEVER_UNSET = new Rule(
            "area-never-unset",
            Stop.SET_UP,
            Grade.WRONG,
            "No user and no key can unset an area.",
            "Once it is set, whoever comes in sets off the alarm.");
    /// It is refused where nobody sees it, and nobody is told.
    public static final Rule UNTOLD = new Rule(
            "refusal-untold",
            Stop.SET_UP,
            Grade.TIGHT,
            "A fault keeps an area from being set where nobody sees it, and nobody is told.",
            "The site stays unset overnight, and nobody knows.");

    @Override
    public List<Rule> rules() {
        return List.of(NEVER_SET, NEVER_UNSET, UNTOLD);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        OperationRules rules = facts.of(OperationRules.FACT);
        if (rules.zones().isEmpty()) {
            return Stream.empty();
        }
        List<RestReading> wrong =
                facts.of(RestReading.ALL).stream().flatMap(Optional::stream).toList();
        return rules.areas().values().stream()
                .filter(area -> rules.zones().values().stream()
                        .anyMatch(zone -> zone.areas().contains(area.number())))
                .flatMap(area -> Stream.of(neverSet(rules, area, wrong), neverUnset(rules, area), untold(rules, area))
                        .flatMap(Optional::stream));
    }

    /// With every point at rest, every other area set first and nothing wrong, it is asked to be set.
    private static Optional<Finding> neverSet(OperationRules rules, AreaRule area, List<RestReading> wrong) {
        Operation operation = new Operation(rules);
        OperationState state = OperationState.standing(rules, Map.of(), false);
        List<Logged> log = new ArrayList<>();
        for (RestReading rest : wrong) {
            state = operation
                    .step(state, new Happening.ZoneReads(rest.zone(), Optional.of(rest.reads())), 0)
                    .state();
        }
        for (int number : order(rules, area)) {
            Operation.Step step =
                    operation.step(state, new Happening.SetAsked(number, HowSet.REMOTE, 0, false, false), 0);
            state = step.state();
            log.addAll(step.log());
        }
        if (!state.area(area.number()).mode().unset()) {
            return Optional.empty();
        }
        String why = log.stream()
                .map(Logged::act)
                .filter(Act.Refused.class::isInstance)
                .map(Act.Refused.class::cast)
                .filter(refused -> refused.what() == Act.Asked.SET)
                .map(Act.Refused::why)
                .reduce((first, last) -> last)
                .orElse("the areas it follows are never all set");
        return Optional.of(NEVER_SET.finds(
                new Target.OfArea(area.number(), Optional.empty()),
                Text.of("Area %02d %s can never be set", area.number(), area.name()),
                Text.of("With every door shut and everybody gone the panel still says: %s.", why),
                "Correct what reads wrong at rest, or change what the area follows."));
    }

    /// Those it follows, or it alone.
    private static List<Integer> order(OperationRules rules, AreaRule area) {
        return area.follows().isEmpty() ? List.of(area.number()) : List.copyOf(area.follows());
    }

    private static Optional<Finding> neverUnset(OperationRules rules, AreaRule area) {
        boolean key = rules.zones().values().stream()
                .anyMatch(zone -> zone.type().switches() && zone.area() == area.number());
        if (rules.users().isEmpty()
                || key
                || rules.users().keySet().stream().anyMatch(user -> unsets(rules, area, user))) {
            return Optional.empty();
        }
        return Optional.of(NEVER_UNSET.finds(
                new Target.OfArea(area.number(), Optional.empty()),
                Text.of("Nobody can unset area %02d %s", area.number(), area.name()),
                area.follows().isEmpty()
                        ? "No user has it among their areas, and no key switch works it."
                        : "No user may work any of the areas it follows.",
                "Give it to a user under \"Set up\"."));
    }

    private static boolean unsets(OperationRules rules, AreaRule area, int user) {
        long at =
                rules.users().get(user).hours().map(hours -> hours.fromMillis()).orElse(0L);
        Map<Integer, AreaMode> set =
                rules.areas().keySet().stream().collect(Collectors.toMap(number -> number, number -> AreaMode.SET));
        OperationState state = OperationState.standing(rules, set, false);
        for (int number : order(rules, area)) {
            state = new Operation(rules)
                    .step(state, new Happening.UnsetAsked(number, HowSet.CODE, user, false), at)
                    .state();
        }
        return state.area(area.number()).mode().unset();
    }

    /// The mains has failed, and a timer, a key or another area would set it.
    private static Optional<Finding> untold(OperationRules rules, AreaRule area) {
        Optional<HowSet> unseen = unseen(rules, area);
        if (unseen.isEmpty()) {
            return Optional.empty();
        }
        Operation operation = new Operation(rules);
        OperationState failed = operation
                .step(OperationState.standing(rules, Map.of(), false), new Happening.Mains(false), 0)
                .state();
        Operation.Step step =
                operation.step(failed, new Happening.SetAsked(area.number(), unseen.get(), 0, false, true), 1);
        boolean refused = step.state().area(area.number()).mode().unset();
        boolean told = step.log().stream().anyMatch(line -> line.act() instanceof Act.Sends);
        return !refused || told
                ? Optional.empty()
                : Optional.of(UNTOLD.finds(
                        new Target.OfArea(area.number(), Optional.empty()),
                        Text.of("Nobody is told when area %02d %s is not set", area.number(), area.name()),
                        unseen.get() == HowSet.TIMER
                                ? "It sets by itself. When the mains has failed it refuses, and nothing leaves: the area has no account."
                                : "A key switch sets it. When the mains has failed it refuses, and nothing leaves: the area has no account.",
                        "Give the area its account, so that the station hears that it was not set."));
    }

    private static Optional<HowSet> unseen(OperationRules rules, AreaRule area) {
        if (area.setsAtMillis().isPresent()) {
            return Optional.of(HowSet.TIMER);
        }
        return rules.zones().values().stream()
                .filter(zone -> zone.area() == area.number())
                .map(ZoneRule::type)
                .filter(ZoneType::switches)
                .findFirst()
                .map(type -> HowSet.KEY);
    }
}
