package io.answerback.core.wiring.cores;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.ModuleId;
import java.util.List;
import java.util.stream.Stream;

/// A box whose terminals the profile does not name. No core that comes to it can be given a place, and whether it
/// has one for each is not known.
public final class BoxWithoutTerminals implements BoxCheck {
    /// The profile does not name the terminals of a module that cables come to.
    public static final Rule RULE = new Rule(
            "box-without-terminals",
            Stop.CABLE,
            Grade.TIGHT,
            "The profile does not name the terminals of a module that cables come to.",
            "Whether it has a place for each core is not known.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, BoxPlan box) {
        return Stream.of(box)
                .filter(its -> its.place() instanceof ModuleId && its.strip().isEmpty())
                .map(its -> RULE.finds(
                        new Target.OfBox((BoxId) its.place()),
                        Text.of("The terminals of %s are not known", its.title()),
                        "The profile names none: its cores have uses and colours but no places, and one that has no place is not found.",
                        "Copy them from its manual into the profile."));
    }
}
