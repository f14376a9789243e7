package io.answerback.core.wiring.cabling;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.PanelModule;
import java.util.List;
import java.util.stream.Stream;

/// A module with an aerial inside a steel box, or close to metal.
public final class AerialInMetal implements JobCheck {
    /// A module with an aerial is inside a steel box or close to metal.
    public static final Rule RULE = new Rule(
            "aerial-in-metal",
            Stop.CABLE,
            Grade.WRONG,
            "A module with an aerial is inside a steel box or close to metal.",
            "Steel keeps radio in: it may work with the lid open and fail when it is shut.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.modules().stream()
                .filter(PanelModule::besideMetal)
                .filter(module ->
                        facts.kindOf(module).filter(kind -> kind.aerial()).isPresent())
                .map(
                        module -> RULE.finds(
                                new Target.OfBox(module.id()),
                                Text.of("%s has its aerial in or beside metal", module.name()),
                                "Steel keeps radio in: it may work with the lid open and fail when it is shut.",
                                "Mount it outside the box and away from metal, or bring the aerial out, and measure the signal there."));
    }
}
