package io.answerback.core.supply;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.FaultOutput;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.SupplyFault;
import io.answerback.core.model.site.Parts;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A supply that stands elsewhere and whose faults come to no input: nobody hears that its mains is gone until
/// what it feeds goes dead.
public final class SupplyUnwatched implements JobCheck {
    /// The faults of a supply that stands elsewhere come to no input.
    public static final Rule RULE = new Rule(
            "supply-unwatched",
            Stop.POWER,
            Grade.TIGHT,
            "The faults of a supply that stands elsewhere come to no input.",
            "Nobody hears that its mains is gone until what it feeds goes dead.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(Supplies.FACT).states().stream()
                .filter(state -> standsElsewhere(facts, state))
                .flatMap(state -> finding(facts, state))
                .map(finding -> finding.onSiteOf(facts.practice().grade()));
    }

    /// A board and a module on the bus tell the panel themselves; a converter does so by radio.
    private static boolean standsElsewhere(Parts job, SupplyState state) {
        return job.kindOf(state.module())
                .filter(kind -> kind.sort() == ModuleSort.SUPPLY)
                .isPresent();
    }

    private static Stream<Finding> finding(Parts job, SupplyState state) {
        List<FaultOutput> outputs = state.unit().faultOutputs();
        if (outputs.isEmpty()) {
            return Stream.of(of(
                    state,
                    Grade.TIGHT,
                    "It has no fault output that its profile knows.",
                    "Take one that has, or look for its contacts in the maker's manual and add them to the profile."));
        }
        List<FaultOutput> open = outputs.stream()
                .filter(output -> job.power()
                        .watch(state.module(), output.fault())
                        .flatMap(job::point)
                        .isEmpty())
                .toList();
        if (open.isEmpty()) {
            return Stream.empty();
        }
        boolean mains = open.stream().anyMatch(output -> output.fault() == SupplyFault.MAINS);
        String terminals = open.stream()
                .map(output ->
                        Text.of("%s (%s)", output.terminal(), output.fault().words()))
                .collect(Collectors.joining(", "));
        return Stream.of(of(
                state,
                mains ? Grade.WRONG : Grade.TIGHT,
                Text.of("Not wired to an input: %s.", terminals),
                "Bring each to an input of its own, on the list of loads under its name."));
    }

    private static Finding of(SupplyState state, Grade grade, String why, String remedy) {
        return RULE.finds(
                grade,
                new Target.OfBox(state.module()),
                Text.of("Nobody hears when something is wrong with %s", state.title()),
                why,
                remedy);
    }
}
