package io.answerback.core.check;

import io.answerback.core.cable.Cable;
import java.util.stream.Stream;

/// A cable that is not made for where it runs.
final class CableUnfitForItsPlace implements JobRule {
    static final String RULE = "cable-unfit";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.job().cables().stream().flatMap(cable -> Stream.concat(outdoors(cable), besideMains(cable)));
    }

    private static Stream<Finding> outdoors(Cable cable) {
        return cable
                .laying()
                .type()
                .filter(type -> cable.laying().outdoors() && !type.outdoor())
                .map(type -> Finding.of(
                        RULE,
                        Grade.WRONG,
                        cable,
                        "%s is not made for outdoors".formatted(cable.id()),
                        "Rain and sun open the sheath of a %s, and damp gets into every joint.".formatted(type.name()),
                        "Take a type for outdoors, or another way."))
                .stream();
    }

    private static Stream<Finding> besideMains(Cable cable) {
        return cable.laying().besideMains()
                ? Stream.of(Finding.of(
                        "cable-beside-mains",
                        Grade.WRONG,
                        cable,
                        "%s shares its way with mains".formatted(cable.id()),
                        "It is dangerous where insulation fails, and picks up what the mains carries.",
                        "Give it a way of its own, as your wiring code asks."))
                : Stream.empty();
    }
}
