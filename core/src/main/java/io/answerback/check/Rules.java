package io.answerback.check;

import io.answerback.chain.PointResult;
import io.answerback.job.Job;
import java.util.Comparator;
import java.util.List;

/// Every rule there is.
public final class Rules {
    private static final List<Rule> ALL = List.of(
            new LoopStateUnsafe(),
            new LoopStateTight(),
            new LoopNotComputed(),
            new FaultLooksNormal(),
            new PointWithoutInput(),
            new UnusedInputUnterminated(),
            new ZoneWiredButOff(),
            new ZoneWithoutArea(),
            new AccountMissing(),
            new RouteWithoutReceiver(),
            new LineNeverProven(),
            new ProofStale(),
            new RestoreNeverSeen());

    private Rules() {}

    /// Everything every rule finds, worst first, then in the order of work and of the points.
    public static List<Finding> check(Job job, List<PointResult> points) {
        return ALL.stream()
                .flatMap(rule -> rule.check(job, points))
                .sorted(Comparator.comparing(Finding::grade)
                        .reversed()
                        .thenComparing(Finding::stop)
                        .thenComparing(Finding::point))
                .toList();
    }
}
