package io.answerback.core.wiring.cores;

import io.answerback.core.engine.finding.CableCheck;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.practice.CoreUse;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// The two cores of a loop, of a tamper pair, of a supply or of the data in different cables. A cable that
/// carries both is never meant, whatever else brings one of them too: the common 0 V of a second supply stays.
public final class PairSplit implements CableCheck {
    /// The two cores of a pair are in different cables.
    public static final Rule RULE = new Rule(
            "pair-split",
            Stop.CABLE,
            Grade.WRONG,
            "The two cores of a pair are in different cables.",
            "They make a loop as wide as the room, which picks up mains and radio.");

    private static final List<CoreUse> FIRSTS = List.of(CoreUse.LOOP, CoreUse.TAMPER, CoreUse.SUPPLY, CoreUse.BUS_ONE);

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, Cable cable) {
        List<Cable> together = facts.cablesTo(cable.ends().farEnd());
        if (together.size() < 2) {
            return Stream.empty();
        }
        Map<CoreNeed, CableCores> carriers = new HashMap<>();
        together.stream()
                .flatMap(one -> nearEnd(facts, one).stream())
                .forEach(one -> one.cores().forEach(core -> carriers.putIfAbsent(core.need(), one)));
        return nearEnd(facts, cable).stream()
                .flatMap(its -> its.cores().stream()
                        .map(PlannedCore::need)
                        .filter(need -> FIRSTS.contains(need.use()))
                        .distinct()
                        .flatMap(need -> finding(its, need, carriers)));
    }

    private static Optional<CableCores> nearEnd(Facts facts, Cable cable) {
        return CorePlan.cabling(facts)
                .nearEnd(cable)
                .flatMap(box -> box.cables().stream()
                        .filter(one -> one.id().equals(cable.id()) && one.end() == CableEnd.NEAR)
                        .findFirst());
    }

    private static Stream<Finding> finding(CableCores cable, CoreNeed need, Map<CoreNeed, CableCores> carriers) {
        CoreNeed partner = new CoreNeed(need.use().partner().orElseThrow(), need.pointId());
        CableCores other = carriers.get(partner);
        boolean carriesBoth = cable.cores().stream().map(PlannedCore::need).anyMatch(partner::equals);
        if (other == null
                || carriesBoth
                || other.id().equals(cable.id())
                || !carriers.get(need).id().equals(cable.id())) {
            return Stream.empty();
        }
        return Stream.of(RULE.finds(
                        Target.of(cable.cable()),
                        Text.of("A pair is split over %s and %s", cable.id(), other.id()),
                        Text.of(
                                "The %s goes out in one cable and comes back in another: a loop as wide as the room, which picks up what the mains and radio carry, and a cut in either looks like a fault in both.",
                                need.use().words()),
                        "Put both cores of the pair in one cable.")
                .of(need.use() + ":" + cable.id()));
    }
}
