package io.answerback.core.assess;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.memo.EveryPoint;
import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.FactOf;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CorePlan;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Everything the rules find in a job: worst first, then in the order of work and of the points.
///
/// @param sorted the findings
/// @param worst the worst grade at each stop, in the order of work; empty where nothing is found
record AllFindings(List<Finding> sorted, List<Optional<Grade>> worst) {
    /// Every finding of a job.
    static final Fact<AllFindings> FACT = Fact.of("findings", AllFindings::all);

    private static final FactOf<JobCheck, List<Finding>> OF_JOB =
            FactOf.each("findings of a check", (facts, check) -> weighed(facts, check.check(facts)));
    private static final FactOf<PointId, List<Finding>> OF_POINT =
            FactOf.each("findings of a point", AllFindings::ofPoint);
    private static final FactOf<CableId, List<Finding>> OF_CABLE =
            FactOf.each("findings of a cable", AllFindings::ofCable);
    private static final FactOf<Integer, List<List<Finding>>> OF_CABLES =
            CorePlan.CABLES.each("findings of a cable", OF_CABLE);
    private static final FactOf<Integer, List<Finding>> OF_SOME_CABLES =
            FactOf.each("findings of cables", (facts, group) -> joined(facts.of(OF_CABLES, group)));
    private static final FactOf<BoxId, List<Finding>> OF_BOX = FactOf.each("findings of a box", AllFindings::ofBox);

    /// What is found elsewhere than in the points themselves, by the point it belongs to.
    private static final Fact<Map<Optional<PointId>, List<Finding>>> ELSEWHERE =
            Fact.of("findings elsewhere", AllFindings::elsewhere);
    private static final FactOf<Integer, List<List<Finding>>> OF_POINTS_ELSEWHERE =
            FactOf.each("findings elsewhere of points", AllFindings::ofPointsElsewhere);
    private static final FactOf<Integer, GradedFindings> OF_POINTS =
            FactOf.each("findings of points", AllFindings::ofPoints);

    private static List<Finding> ofBox(Facts facts, BoxId place) {
        BoxPlan box = facts.of(CorePlan.BOX, place);
        return weighed(facts, Checks.OF_BOXES.stream().flatMap(check -> check.check(facts, box)));
    }

    private static List<Finding> ofPoint(Facts facts, PointId pointId) {
        return weighed(facts, Checks.OF_POINTS.stream().flatMap(check -> check.check(facts, pointId)));
    }

    private static List<Finding> ofCable(Facts facts, CableId cableId) {
        Cable cable = facts.cable(cableId).orElseThrow();
        return weighed(facts, Checks.OF_CABLES.stream().flatMap(check -> check.check(facts, cable)));
    }

    private static Map<Optional<PointId>, List<Finding>> elsewhere(Facts facts) {
        Stream<Finding> cables = joined(CorePlan.CABLES.every(facts, OF_SOME_CABLES)).stream();
        Stream<Finding> boxes = facts.of(CorePlan.PLACES).stream().flatMap(place -> facts.of(OF_BOX, place).stream());
        Stream<Finding> job = Checks.OF_JOBS.stream().flatMap(check -> facts.of(OF_JOB, check).stream());
        return Stream.of(cables, boxes, job).flatMap(its -> its).collect(Collectors.groupingBy(Finding::point));
    }

    private static List<List<Finding>> ofPointsElsewhere(Facts facts, int group) {
        Map<Optional<PointId>, List<Finding>> elsewhere = facts.of(ELSEWHERE);
        return EveryPoint.GROUPS.keys(facts, group).stream()
                .map(id -> elsewhere.getOrDefault(Optional.of(id), List.of()))
                .toList();
    }

    /// Of each point what was found elsewhere, then what was found in it.
    private static GradedFindings ofPoints(Facts facts, int group) {
        Iterator<List<Finding>> elsewhere = facts.of(OF_POINTS_ELSEWHERE, group).iterator();
        List<Finding> found = new ArrayList<>();
        for (PointId id : EveryPoint.GROUPS.keys(facts, group)) {
            found.addAll(elsewhere.next());
            found.addAll(facts.of(OF_POINT, id));
        }
        return GradedFindings.of(found);
    }

    /// Those of no point come before those of the points.
    private static AllFindings all(Facts facts) {
        List<GradedFindings> groups = new ArrayList<>();
        groups.add(GradedFindings.of(facts.of(ELSEWHERE).getOrDefault(Optional.empty(), List.of())));
        groups.addAll(EveryPoint.GROUPS.every(facts, OF_POINTS));
        return new AllFindings(GradedFindings.sorted(groups), GradedFindings.worst(groups));
    }

    private static List<Finding> weighed(Facts facts, Stream<Finding> found) {
        return found.map(finding -> finding.raisedBy(facts.practice().firm())).toList();
    }

    private static List<Finding> joined(List<List<Finding>> some) {
        return some.stream().flatMap(List::stream).toList();
    }

    /// The mark that the findings at a stop leave by themselves; empty when they are no more than notes.
    Optional<Mark> mark(Stop stop) {
        return worst.get(stop.ordinal()).flatMap(AllFindings::mark);
    }

    /// The mark that a grade leaves by itself; empty for a note.
    static Optional<Mark> mark(Grade grade) {
        return switch (grade) {
            case WRONG -> Optional.of(Mark.WRONG);
            case TIGHT -> Optional.of(Mark.TIGHT);
            case NOTE -> Optional.empty();
        };
    }
}
