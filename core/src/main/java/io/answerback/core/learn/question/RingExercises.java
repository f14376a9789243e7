package io.answerback.core.learn.question;

import io.answerback.core.assess.Assessment;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.Solution;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CorePlan;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;

/// A tamper ring through the covers of one box, joined cable by cable; one cable is passed by.
final class RingExercises {
    private static final int LEAST = 3;

    private RingExercises() {}

    static Exercise make(Ask ask, List<Assessment> sites, Random random) {
        BoxPlan box = Exercises.one(
                sites.stream()
                        .flatMap(site -> site.get(CorePlan.FACT).boxes().stream())
                        .filter(its -> its.ring().joined().size() >= LEAST)
                        .toList(),
                random,
                "tamper ring of " + LEAST + " cables");
        List<CableId> ring = box.ring().joined();
        int from = ring.size() > 8 ? random.nextInt(ring.size() - 8) : 0;
        List<CableId> part = ring.subList(from, Math.min(ring.size(), from + 8));
        CableId passedBy = part.get(random.nextInt(part.size()));
        List<CableId> joined = part.stream().filter(id -> !id.equals(passedBy)).toList();
        List<String> given = new ArrayList<>();
        given.add("Box: " + box.title());
        given.add("Cables whose covers are watched: "
                + String.join(
                        ", ",
                        part.stream()
                                .sorted(Comparator.comparing(CableId::toString))
                                .map(CableId::toString)
                                .toList()));
        given.add("The ring comes to " + joined.getFirst() + " first");
        for (int i = 0; i + 1 < joined.size(); i++) {
            given.add(Text.of("tamper return of %s is joined to tamper of %s", joined.get(i), joined.get(i + 1)));
        }
        given.add("From " + joined.getLast() + " the ring goes on");
        Solution solution = Solution.exactly(
                passedBy.toString(), Text.of("The ring passes %s by.", passedBy), CoreSlips.of(CoreUse.TAMPER));
        return WiringExercises.landing(
                ask.of(
                        "One cover can be opened and nobody sees it. Which cable does the ring leave out?",
                        given,
                        part.stream()
                                .sorted(Comparator.comparing(CableId::toString))
                                .map(CableId::toString)
                                .toList(),
                        solution),
                solution,
                "open the box and take the cable into the ring");
    }
}
