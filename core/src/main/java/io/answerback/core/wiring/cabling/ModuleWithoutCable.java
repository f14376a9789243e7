package io.answerback.core.wiring.cabling;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.site.Parts;
import io.answerback.core.wiring.cores.CoreNeeds;
import java.util.List;
import java.util.stream.Stream;

/// Modules on the wall to which no cable goes.
public final class ModuleWithoutCable implements JobCheck {
    /// No cable goes to a module on the wall.
    public static final Rule RULE = new Rule(
            "module-without-cable",
            Stop.CABLE,
            Grade.NOTE,
            "No cable goes to a module on the wall.",
            "What it needs is not in the schedules and not on the labels.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        List<ModuleId> without = of(facts);
        return without.isEmpty()
                ? Stream.empty()
                : Stream.of(RULE.finds(
                                new Target.OfBox(without.getFirst()),
                                without.size() == 1
                                        ? Text.of("No cable goes to %s", facts.nameOf(without.getFirst()))
                                        : Text.of("No cable goes to %d modules", without.size()),
                                Text.of(
                                        "%s: what they need is not in the schedules and not on the labels.",
                                        Text.listed(without.stream()
                                                .map(facts::nameOf)
                                                .toList())),
                                "Add a cable to each on the bench.")
                        .of(""));
    }

    private static List<ModuleId> of(Parts job) {
        return CoreNeeds.modulesToCable(job).stream()
                .filter(name -> job.cablesTo(CableEnds.toModule(name).farEnd()).isEmpty())
                .toList();
    }
}
