package io.answerback.core.wiring.cabling;

import io.answerback.core.engine.finding.CableCheck;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableInstallation.Progress;
import io.answerback.core.model.common.Text;
import java.util.List;
import java.util.stream.Stream;

/// A cable that was run without a label at each end.
public final class CableUnlabelled implements CableCheck {
    /// A cable was run without a label at each end.
    public static final Rule RULE = new Rule(
            "cable-unlabelled",
            Stop.CABLE,
            Grade.TIGHT,
            "A cable was run without a label at each end.",
            "Whoever opens the box next has to find out what it is.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, Cable cable) {
        return Stream.of(cable)
                .filter(its -> its.installation().progress() != Progress.PLANNED)
                .filter(its -> !its.installation().labelledHere()
                        || !its.installation().labelledThere())
                .map(CableUnlabelled::finding);
    }

    private static Finding finding(Cable cable) {
        boolean here = cable.installation().labelledHere();
        boolean there = cable.installation().labelledThere();
        String where = here ? "at the far end" : there ? "at the box" : "at either end";
        return RULE.finds(
                Target.of(cable),
                Text.of("%s has no label %s", cable.id(), where),
                "Whoever opens the box next has to find out what it is.",
                "Label it now, at both ends; once it is terminated it is too late.");
    }
}
