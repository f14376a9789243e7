package io.answerback.core.assess;

import io.answerback.core.chain.Mark;
import io.answerback.core.chain.PointFacts;
import io.answerback.core.chain.PointResult;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Grade;
import io.answerback.core.finding.JobCheck;
import io.answerback.core.finding.Stop;
import io.answerback.core.memo.Fact;
import io.answerback.core.memo.FactOf;
import io.answerback.core.memo.Facts;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Everything the rules find in a job.
final class AllFindings {
    /// Every finding: worst first, then in the order of work and of the points.
    static final Fact<List<Finding>> FACT = Fact.of("findings", AllFindings::all);

    private static final FactOf<JobCheck, List<Finding>> OF_JOB = FactOf.each(
            "findings of a check", (facts, check) -> check.check(facts).toList());
    private static final FactOf<String, List<Finding>> OF_POINT =
            FactOf.each("findings of a point", AllFindings::ofPoint);

    private AllFindings() {}

    private static List<Finding> ofPoint(Facts facts, String pointId) {
        return Checks.OF_POINTS.stream()
                .flatMap(check -> check.check(facts, pointId))
                .toList();
    }

    /// Sorted into grades and stops first: the points are then nearly in order.
    private static List<Finding> all(Facts facts) {
        List<List<Finding>> sorted = new ArrayList<>();
        for (int i = 0; i < Grade.values().length * Stop.values().length; i++) {
            sorted.add(new ArrayList<>());
        }
        Checks.OF_JOBS.forEach(check -> facts.of(OF_JOB, check).forEach(finding -> add(finding, sorted)));
        for (PointResult point : facts.of(PointFacts.ALL)) {
            facts.of(OF_POINT, point.pointId()).forEach(finding -> add(finding, sorted));
        }
        List<Finding> all = new ArrayList<>();
        for (List<Finding> alike : sorted) {
            alike.sort(Comparator.comparing(Finding::point));
            all.addAll(alike);
        }
        return List.copyOf(all);
    }

    private static void add(Finding finding, List<List<Finding>> sorted) {
        int worstFirst = Grade.values().length - 1 - finding.grade().ordinal();
        sorted.get(worstFirst * Stop.values().length + finding.stop().ordinal()).add(finding);
    }

    /// The mark that findings leave by themselves; empty when they are no more than notes.
    static Optional<Mark> worst(Stream<Finding> findings) {
        return findings.map(Finding::grade).max(Comparator.naturalOrder()).flatMap(grade -> switch (grade) {
            case WRONG -> Optional.of(Mark.WRONG);
            case TIGHT -> Optional.of(Mark.TIGHT);
            case NOTE -> Optional.empty();
        });
    }
}
