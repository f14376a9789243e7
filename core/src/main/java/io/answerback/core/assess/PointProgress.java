package io.answerback.core.assess;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.memo.EveryPoint;
import io.answerback.core.engine.memo.FactOf;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.model.cable.CableInstallation.Progress;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Link;
import io.answerback.core.prove.chain.PointFacts;
import io.answerback.core.prove.chain.PointResult;
import java.util.ArrayList;
import java.util.List;

/// How far the work on one point has come.
///
/// @param counted the stops at which there is work on it, a bit for each in the order of work
/// @param done the stops at which that is done, or at which there is none, a bit for each
record PointProgress(int counted, int done) {
    /// The progress of a zone point or a system point.
    static final FactOf<PointId, PointProgress> FACT =
            FactOf.each("progress of a point", (facts, id) -> of(facts.of(PointFacts.RESULT, id)));

    private static final FactOf<Integer, List<PointProgress>> SOME =
            EveryPoint.GROUPS.each("progress of a point", FACT);

    /// At how many points of a group there is work at each stop, and at how many of them it is done.
    static final FactOf<Integer, Counts> COUNTS =
            FactOf.each("counts of points", (facts, group) -> counts(facts.of(SOME, group)));

    /// Counts of points for each stop, in the order of work.
    ///
    /// @param counted at how many there is work
    /// @param done at how many of these it is done
    record Counts(List<Integer> counted, List<Integer> done) {}

    private static Counts counts(List<PointProgress> points) {
        List<Integer> counted = new ArrayList<>();
        List<Integer> done = new ArrayList<>();
        for (Stop stop : Stop.values()) {
            int bit = 1 << stop.ordinal();
            counted.add((int)
                    points.stream().filter(one -> (one.counted & bit) != 0).count());
            done.add((int) points.stream()
                    .filter(one -> (one.counted & one.done & bit) != 0)
                    .count());
        }
        return new Counts(counted, done);
    }

    private static PointProgress of(PointResult point) {
        int counted = 0;
        int done = 0;
        for (Stop stop : Stop.values()) {
            counted |= counts(stop, point) ? 1 << stop.ordinal() : 0;
            done |= done(stop, point) ? 1 << stop.ordinal() : 0;
        }
        return new PointProgress(counted, done);
    }

    private static boolean counts(Stop stop, PointResult point) {
        return switch (stop) {
            case SURVEY -> point.wired().isPresent();
            case LOOP ->
                point.wired()
                        .filter(wired -> !wired.wireless() && !wired.lifeSafety())
                        .isPresent();
            case CABLE -> point.wired().flatMap(WiredPoint::cable).isPresent();
            case POWER, BUS, SET_UP, PROVE, HAND_OVER -> false;
            case REPORT -> true;
        };
    }

    /// A point is surveyed when it is in an area and has an input to go to.
    static boolean done(Stop stop, PointResult point) {
        return switch (stop) {
            case SURVEY ->
                point.wired()
                        .filter(wired -> wired.input().isPresent())
                        .flatMap(wired -> wired.point().surveyed().area())
                        .isPresent();
            case LOOP -> point.worst(Link.LOOP, Link.INPUT) == Mark.SOUND;
            case CABLE ->
                point.wired()
                        .flatMap(WiredPoint::cable)
                        .map(cable -> cable.installation().progress())
                        .filter(progress -> progress.compareTo(Progress.TERMINATED) >= 0)
                        .isPresent();
            case POWER, BUS, SET_UP, HAND_OVER -> true;
            case REPORT -> point.worst(Link.ZONE, Link.ROUTE) == Mark.SOUND;
            case PROVE -> point.proven();
        };
    }
}
