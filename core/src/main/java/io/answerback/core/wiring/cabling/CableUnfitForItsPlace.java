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
import java.util.List;
import java.util.stream.Stream;

/// A cable that is not made for where it runs.
public final class CableUnfitForItsPlace implements CableCheck {
    /// A cable is not made for the place where it runs.
    public static final Rule RULE = new Rule(
            "cable-unfit",
            Stop.CABLE,
            Grade.WRONG,
            "A cable is not made for the place where it runs.",
            "Its sheath opens, and damp gets into every joint.");

    /// A cable shares its way with mains.
    public static final Rule CABLE_BESIDE_MAINS = new Rule(
            "cable-beside-mains",
            Stop.CABLE,
            Grade.WRONG,
            "A cable shares its way with mains.",
            "It is dangerous where insulation fails, and picks up what the mains carries.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE, CABLE_BESIDE_MAINS);
    }

    @Override
    public Stream<Finding> check(Facts facts, Cable cable) {
        return Stream.concat(outdoors(cable), besideMains(cable));
    }

    private static Stream<Finding> outdoors(Cable cable) {
        return cable
                .installation()
                .type()
                .filter(type -> cable.installation().outdoors() && !type.outdoor())
                .map(type -> RULE.finds(
                        Target.of(cable),
                        Text.of("%s is not made for outdoors", cable.id()),
                        Text.of("Rain and sun open the sheath of a %s, and damp gets into every joint.", type.name()),
                        "Take a type for outdoors, or another way."))
                .stream();
    }

    private static Stream<Finding> besideMains(Cable cable) {
        return cable.installation().besideMains()
                ? Stream.of(CABLE_BESIDE_MAINS.finds(
                        Target.of(cable),
                        Text.of("%s shares its way with mains", cable.id()),
                        "It is dangerous where insulation fails, and picks up what the mains carries.",
                        "Give it a way of its own, as your wiring code asks."))
                : Stream.empty();
    }
}
