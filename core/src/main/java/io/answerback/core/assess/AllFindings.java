package io.answerback.core.assess;

import io.answerback.core.cable.Cable;
import io.answerback.core.chain.Mark;
import io.answerback.core.chain.PointFacts;
import io.answerback.core.cores.BoxPlan;
import io.answerback.core.cores.CorePlan;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Grade;
import io.answerback.core.finding.JobCheck;
import io.answerback.core.finding.Stop;
import io.answerback.core.id.BoxId;
import io.answerback.core.id.CableId;
import io.answerback.core.id.PointId;
import io.answerback.core.memo.Fact;
import io.answerback.core.memo.FactOf;
import io.answerback.core.memo.Facts;
import io.answerback.core.memo.Gathered;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// Everything the rules find in a job: worst first, then in the order of work and of the points.
///
/// @param sorted the findings
/// @param worst the worst grade at each stop, in the order of work; empty where nothing is found
record AllFindings(List<Finding> sorted, List<Optional<Grade>> worst) {
    /// Every finding of a job.
    static final Fact<AllFindings> FACT = Fact.of("findings", AllFindings::all);

    private static final int STOPS = Stop.values().length;
    private static final int GRADES = Grade.values().length;

    private static final FactOf<JobCheck, List<Finding>> OF_JOB = FactOf.each(
            "findings of a check", (facts, check) -> check.check(facts).toList());
    private static final FactOf<PointId, List<Finding>> OF_POINT =
            FactOf.each("findings of a point", AllFindings::ofPoint);
    private static final Fact<List<List<Finding>>> OF_POINTS =
            Gathered.of("findings of all points", PointFacts.IDS, OF_POINT);
    private static final FactOf<CableId, List<Finding>> OF_CABLE =
            FactOf.each("findings of a cable", AllFindings::ofCable);
    private static final Fact<List<List<Finding>>> OF_CABLES =
            Gathered.of("findings of all cables", CorePlan.LABELS, OF_CABLE);

    private static final FactOf<BoxId, List<Finding>> OF_BOX = FactOf.each("findings of a box", AllFindings::ofBox);

    private static List<Finding> ofBox(Facts facts, BoxId place) {
        BoxPlan box = facts.of(CorePlan.BOX, place);
        return Checks.OF_BOXES.stream()
                .flatMap(check -> check.check(facts, box))
                .toList();
    }

    private static List<Finding> ofPoint(Facts facts, PointId pointId) {
        return Checks.OF_POINTS.stream()
                .flatMap(check -> check.check(facts, pointId))
                .toList();
    }

    private static List<Finding> ofCable(Facts facts, CableId cableId) {
        Cable cable = facts.cable(cableId).orElseThrow();
        return Checks.OF_CABLES.stream()
                .flatMap(check -> check.check(facts, cable))
                .toList();
    }

    private static AllFindings all(Facts facts) {
        Map<PointId, List<Finding>> byPoint = new HashMap<>();
        facts.of(OF_CABLES).forEach(findings -> findings.forEach(finding -> addTo(byPoint, finding)));
        facts.of(CorePlan.PLACES).forEach(place -> facts.of(OF_BOX, place).forEach(finding -> addTo(byPoint, finding)));
        Checks.OF_JOBS.forEach(check -> facts.of(OF_JOB, check).forEach(finding -> addTo(byPoint, finding)));
        List<List<Finding>> alike = new ArrayList<>();
        for (int i = 0; i < GRADES * STOPS; i++) {
            alike.add(new ArrayList<>());
        }
        byPoint.getOrDefault(null, List.of()).forEach(finding -> add(finding, alike));
        List<PointId> points = facts.of(PointFacts.IDS);
        List<List<Finding>> ofPoints = facts.of(OF_POINTS);
        for (int i = 0; i < points.size(); i++) {
            byPoint.getOrDefault(points.get(i), List.of()).forEach(finding -> add(finding, alike));
            ofPoints.get(i).forEach(finding -> add(finding, alike));
        }
        List<Finding> sorted = new ArrayList<>();
        alike.forEach(sorted::addAll);
        return new AllFindings(List.copyOf(sorted), worst(alike));
    }

    /// Those of no point are kept under null: a key that is looked up often is not wrapped.
    private static void addTo(Map<PointId, List<Finding>> byPoint, Finding finding) {
        byPoint.computeIfAbsent(finding.point().orElse(null), key -> new ArrayList<>())
                .add(finding);
    }

    private static int place(Grade grade, Stop stop) {
        return (GRADES - 1 - grade.ordinal()) * STOPS + stop.ordinal();
    }

    private static void add(Finding finding, List<List<Finding>> alike) {
        alike.get(place(finding.grade(), finding.stop())).add(finding);
    }

    private static List<Optional<Grade>> worst(List<List<Finding>> alike) {
        List<Optional<Grade>> worst = new ArrayList<>();
        for (Stop stop : Stop.values()) {
            worst.add(Stream.of(Grade.WRONG, Grade.TIGHT, Grade.NOTE)
                    .filter(grade -> !alike.get(place(grade, stop)).isEmpty())
                    .findFirst());
        }
        return worst;
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
