package io.answerback.core.check;

import io.answerback.core.cable.CableEnd;
import io.answerback.core.cores.CableCores;
import io.answerback.core.cores.CoreNeed;
import io.answerback.core.practice.CoreUse;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A cable with fewer cores than its device needs.
final class CoresShort implements JobRule {
    static final String RULE = "cores-short";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.cores().boxes().stream()
                .flatMap(box -> box.cables().stream())
                .filter(cable ->
                        cable.end() == CableEnd.NEAR && !cable.lacking().isEmpty())
                .map(CoresShort::finding);
    }

    private static Finding finding(CableCores cable) {
        String lacking = cable.lacking().stream()
                .map(need -> need.words(cable.several()))
                .collect(Collectors.joining(" and "));
        int needed =
                cable.cores().size() - cable.spares().size() + cable.lacking().size();
        Predicate<CoreUse> ofRing = use -> use == CoreUse.TAMPER || use == CoreUse.TAMPER_RETURN;
        boolean tamper = cable.lacking().stream().map(CoreNeed::use).anyMatch(ofRing);
        return Finding.of(
                RULE,
                Grade.WRONG,
                cable.cable(),
                "%s has no core left for %s".formatted(cable.id(), lacking),
                "%s needs %d cores, the cable has %d."
                        .formatted(cable.serves().name(), needed, cable.cores().size()),
                tamper
                        ? "Take a cable of %d cores or more, run a second one, or watch the cover by a double end-of-line."
                                .formatted(needed)
                        : "Take a cable of %d cores or more, or run a second one.".formatted(needed));
    }
}
