package io.answerback.core.check;

import io.answerback.core.cable.Cable;
import io.answerback.core.cable.Laying.Progress;
import java.util.stream.Stream;

/// A cable that was run without a label at each end.
final class CableUnlabelled implements JobRule {
    static final String RULE = "cable-unlabelled";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.job().cables().stream()
                .filter(cable -> cable.laying().progress() != Progress.PLANNED)
                .filter(cable ->
                        !cable.laying().labelledHere() || !cable.laying().labelledThere())
                .map(CableUnlabelled::finding);
    }

    private static Finding finding(Cable cable) {
        boolean here = cable.laying().labelledHere();
        boolean there = cable.laying().labelledThere();
        String where = here ? "at the far end" : there ? "at the box" : "at either end";
        return Finding.of(
                RULE,
                Grade.TIGHT,
                cable,
                "%s has no label %s".formatted(cable.id(), where),
                "Whoever opens the box next has to find out what it is.",
                "Label it now, at both ends; once it is terminated it is too late.");
    }
}
