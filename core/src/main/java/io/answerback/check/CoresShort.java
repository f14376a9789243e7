package io.answerback.check;

import io.answerback.cores.CableCores;
import io.answerback.job.CoreUse;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A cable with fewer cores than its device needs.
final class CoresShort implements JobRule {
    static final String RULE = "cores-short";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.cores().boxes().stream()
                .flatMap(box -> box.cables().stream())
                .filter(cable -> !cable.lacking().isEmpty())
                .map(CoresShort::finding);
    }

    private static Finding finding(CableCores cable) {
        String lacking = cable.lacking().stream().map(CoreUse::words).collect(Collectors.joining(" and "));
        int needed = cable.cores().size() + cable.lacking().size();
        boolean tamper =
                cable.lacking().contains(CoreUse.TAMPER) || cable.lacking().contains(CoreUse.TAMPER_RETURN);
        return Finding.of(
                RULE,
                Stop.CABLE,
                Grade.WRONG,
                cable.point().id(),
                "%s has no core left for %s".formatted(cable.cable().id(), lacking),
                "%s needs %d cores, the cable has %d."
                        .formatted(cable.point().name(), needed, cable.cores().size()),
                tamper
                        ? "Take a cable of %d cores or more, or watch the cover by a double end-of-line."
                                .formatted(needed)
                        : "Take a cable of %d cores or more.".formatted(needed));
    }
}
