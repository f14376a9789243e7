package io.answerback.core.wiring.cabling;

import io.answerback.core.engine.finding.CableCheck;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.site.Parts;
import io.answerback.core.wiring.cores.CoreNeeds;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/// A volt-free contact whose cable was found to bring it a supply.
public final class ContactGivenSupply implements CableCheck {
    /// A volt-free contact is brought a supply.
    public static final Rule RULE = new Rule(
            "contact-given-supply",
            Stop.CABLE,
            Grade.WRONG,
            "A volt-free contact is brought a supply.",
            "One wrong joint there shorts the supply of every detector.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, Cable cable) {
        return cable.installation().asFound().uses().entrySet().stream()
                .filter(entry -> entry.getValue() == CoreUse.SUPPLY && bare(facts, cable))
                .map(Map.Entry::getKey)
                .limit(1)
                .map(colour -> finding(cable, colour));
    }

    private static boolean bare(Parts job, Cable cable) {
        var points = cable.ends().points();
        return !points.isEmpty()
                && points.stream().flatMap(id -> job.point(id).stream()).noneMatch(CoreNeeds::powered);
    }

    private static Finding finding(Cable cable, String colour) {
        return RULE.finds(
                Target.of(cable),
                Text.of("%s brings supply to a volt-free contact", cable.id()),
                Text.of(
                        "The %s core is used for it. A contact needs none, and one wrong joint there shorts the supply of every detector.",
                        colour),
                "Take it off the supply and keep the core as a spare, folded back.");
    }
}
