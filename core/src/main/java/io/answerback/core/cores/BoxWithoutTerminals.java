package io.answerback.core.cores;

import io.answerback.core.common.Text;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Grade;
import io.answerback.core.finding.Rule;
import io.answerback.core.finding.Stop;
import io.answerback.core.finding.Target;
import io.answerback.core.id.BoxId;
import io.answerback.core.id.ModuleId;
import io.answerback.core.memo.Facts;
import java.util.List;
import java.util.stream.Stream;

/// A box whose terminals the profile does not name, so that no core can be given a place.
public final class BoxWithoutTerminals implements BoxCheck {
    /// The profile does not name the terminals of a module.
    public static final Rule RULE = new Rule(
            "box-without-terminals",
            Stop.CABLE,
            Grade.NOTE,
            "The profile does not name the terminals of a module.",
            "Its cores have uses and colours but no places.");

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
                        "The profile names none, so its cores have uses and colours but no places.",
                        "Copy them from its manual into the profile."));
    }
}
