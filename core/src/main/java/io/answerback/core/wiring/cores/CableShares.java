package io.answerback.core.wiring.cores;

import io.answerback.core.engine.memo.FactOf;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.EndId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.site.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// Which cable carries what. Where several go to one place, each takes the pairs there is room for and leaves
/// the rest to the next.
final class CableShares {
    /// A point, with the parts of the loop its contact lies in.
    static final FactOf<PointId, Point> ON_LOOP = FactOf.each(
            "point on its loop", (facts, id) -> facts.onLoop(facts.point(id).orElseThrow()));

    private static final FactOf<EndId, Map<CableId, CableShare>> SHARES =
            FactOf.each("shares of the cables to a far end", (facts, farEnd) -> new CableShares(facts).share(farEnd));

    private final Facts facts;

    private CableShares(Facts facts) {
        this.facts = facts;
    }

    /// What a cable of the job is to carry.
    static CableShare of(Facts facts, Cable cable) {
        return facts.of(SHARES, cable.ends().farEnd()).get(cable.id());
    }

    private Map<CableId, CableShare> share(EndId farEnd) {
        List<Cable> cables = facts.cablesTo(farEnd);
        Map<CableId, CableShare> shares = new HashMap<>();
        List<CoreNeed> open = wanted(cables);
        for (int i = 0; i < cables.size(); i++) {
            Cable cable = cables.get(i);
            boolean last = i == cables.size() - 1;
            List<CoreNeed> its = last ? open : fitting(cable, open, cables.subList(i + 1, cables.size()));
            shares.put(cable.id(), new CableShare(doubled(cable, its), loops(its)));
            open = open.stream().filter(need -> !its.contains(need)).toList();
        }
        return shares;
    }

    private List<CoreNeed> wanted(List<Cable> cables) {
        if (cables.size() == 1) {
            return at(cables.getFirst().ends(), new HashSet<>());
        }
        Set<CoreNeed> wanted = new LinkedHashSet<>();
        cables.forEach(cable -> wanted.addAll(at(cable.ends(), new HashSet<>())));
        return List.copyOf(wanted);
    }

    /// Whole pairs while there is room, without what a later cable is known to carry.
    private static List<CoreNeed> fitting(Cable cable, List<CoreNeed> open, List<Cable> later) {
        int room =
                cable.installation().type().map(type -> type.colours().size()).orElse(Integer.MAX_VALUE);
        Set<CoreUse> elsewhere = new HashSet<>();
        later.forEach(
                other -> elsewhere.addAll(other.installation().asFound().uses().values()));
        if (open.contains(CoreNeed.shared(CoreUse.BUS_ONE))) {
            // data are read against the panel's 0 V, wherever the supply comes from
            elsewhere.remove(CoreUse.SUPPLY_RETURN);
        }
        List<CoreNeed> taken = new ArrayList<>();
        for (CoreNeed need : open) {
            List<CoreNeed> pair = pair(need, open).stream()
                    .filter(one -> !elsewhere.contains(one.use()) && !taken.contains(one))
                    .toList();
            if (taken.size() + pair.size() <= room) {
                taken.addAll(pair);
            }
        }
        return taken;
    }

    private static List<CoreNeed> pair(CoreNeed need, List<CoreNeed> open) {
        return need.use()
                .partner()
                .map(use -> new CoreNeed(use, need.pointId()))
                .filter(open::contains)
                .map(partner -> List.of(need, partner))
                .orElse(List.of(need));
    }

    private static List<CoreNeed> doubled(Cable cable, List<CoreNeed> once) {
        Set<CoreUse> doubled = cable.installation().doubled();
        if (doubled.isEmpty()) {
            return once;
        }
        List<CoreNeed> twice = new ArrayList<>(once);
        once.stream()
                .filter(need -> doubled.contains(need.use())
                        || need.use().partner().filter(doubled::contains).isPresent())
                .forEach(twice::add);
        return twice;
    }

    /// What is needed at a far end, what lies behind a joint box included.
    private List<CoreNeed> at(CableEnds ends, Set<JointId> through) {
        if (ends.module().isPresent()) {
            return CoreNeeds.of(facts, ends.module().get());
        }
        if (ends.joint().isEmpty()) {
            return CoreNeeds.of(
                    ends.points().stream().map(id -> facts.of(ON_LOOP, id)).toList(), facts.practice());
        }
        if (!through.add(ends.joint().get())) {
            return List.of();
        }
        Set<CoreNeed> behind = new LinkedHashSet<>();
        facts.cablesFrom(ends.farBox()).forEach(cable -> behind.addAll(at(cable.ends(), through)));
        if (facts.practice().option(PracticeQuestion.TAMPER) == PracticeOption.ONE_RING) {
            // the ring goes through the lid of the joint box
            behind.add(CoreNeed.shared(CoreUse.TAMPER));
            behind.add(CoreNeed.shared(CoreUse.TAMPER_RETURN));
        }
        List<CoreNeed> ordered = new ArrayList<>(behind);
        ordered.sort(Comparator.comparingInt(need -> rank(need.use())));
        return ordered;
    }

    private static int rank(CoreUse use) {
        return switch (use) {
            case LOOP, LOOP_RETURN -> 0;
            case SUPPLY, SUPPLY_RETURN -> 1;
            case TAMPER, TAMPER_RETURN -> 3;
            case BUS_ONE,
                    BUS_TWO,
                    SOUNDER,
                    STROBE,
                    SOUNDER_TAMPER,
                    SPEAKER,
                    SPEAKER_RETURN,
                    TIP,
                    RING,
                    EVENT,
                    SETTING,
                    SPARE -> 2;
        };
    }

    private static List<PointId> loops(List<CoreNeed> needs) {
        return needs.stream()
                .filter(need -> need.use() == CoreUse.LOOP)
                .flatMap(need -> need.pointId().stream())
                .distinct()
                .toList();
    }
}
