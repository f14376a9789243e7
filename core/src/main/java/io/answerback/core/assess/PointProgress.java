package io.answerback.core.assess;

import io.answerback.core.cable.Laying.Progress;
import io.answerback.core.chain.Mark;
import io.answerback.core.chain.PointFacts;
import io.answerback.core.chain.PointResult;
import io.answerback.core.finding.Stop;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.memo.FactOf;
import io.answerback.core.site.Link;
import java.util.EnumSet;
import java.util.Set;

/// How far the work on one point has come.
///
/// @param counted the stops at which there is work on it
/// @param done the stops at which that is done, or at which there is none
record PointProgress(Set<Stop> counted, Set<Stop> done) {
    /// The progress of a zone point or a system point.
    static final FactOf<String, PointProgress> FACT =
            FactOf.each("progress of a point", (facts, id) -> of(facts.of(PointFacts.RESULT, id)));

    private static PointProgress of(PointResult point) {
        Set<Stop> counted = EnumSet.noneOf(Stop.class);
        Set<Stop> done = EnumSet.noneOf(Stop.class);
        for (Stop stop : Stop.values()) {
            if (counts(stop, point)) {
                counted.add(stop);
            }
            if (done(stop, point)) {
                done.add(stop);
            }
        }
        return new PointProgress(counted, done);
    }

    private static boolean counts(Stop stop, PointResult point) {
        return switch (stop) {
            case SURVEY -> point.wired().isPresent();
            case LOOP ->
                point.wired()
                        .filter(wired -> !wired.wireless()
                                && !wired.point().kind().family().lifeSafety())
                        .isPresent();
            case CABLE -> point.wired().flatMap(WiredPoint::cable).isPresent();
            case POWER, BUS, SET_UP -> false;
            case REPORT -> true;
            case PROVE -> point.reported();
        };
    }

    /// A point is surveyed when it is in an area and has an input to go to.
    static boolean done(Stop stop, PointResult point) {
        return switch (stop) {
            case SURVEY ->
                point.wired()
                        .filter(wired -> wired.input().isPresent())
                        .flatMap(wired -> wired.point().duty().area())
                        .isPresent();
            case LOOP -> point.worst(Link.LOOP, Link.INPUT) == Mark.SOUND;
            case CABLE ->
                point.wired()
                        .flatMap(WiredPoint::cable)
                        .map(cable -> cable.laying().progress())
                        .filter(progress -> progress.compareTo(Progress.TERMINATED) >= 0)
                        .isPresent();
            case POWER, BUS, SET_UP -> true;
            case REPORT -> point.worst(Link.ZONE, Link.ROUTE) == Mark.SOUND;
            case PROVE -> point.proven();
        };
    }
}
