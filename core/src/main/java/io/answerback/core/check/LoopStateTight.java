package io.answerback.core.check;

import io.answerback.core.chain.ChainBuilder;
import io.answerback.core.chain.Figures;
import io.answerback.core.chain.PointResult;
import io.answerback.core.loop.LoopCheck;
import io.answerback.core.loop.LoopResult;
import io.answerback.core.site.Job;
import java.util.stream.Stream;

/// A loop that works, with less to spare than the house rules want.
final class LoopStateTight implements PointRule {
    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        double least = job.practice().leastLoopMargin();
        return point.wired().stream()
                .flatMap(wired -> wired.loop().stream()
                        .filter(loop -> loop.unsafe().isEmpty() && loop.leastMargin() < least)
                        .map(loop -> finding(wired, loop, least)));
    }

    private static Finding finding(PointResult.Wired wired, LoopResult loop, double least) {
        return Finding.of(
                "loop-tight",
                Stop.LOOP,
                Grade.TIGHT,
                wired.point().id(),
                "Only %s inside its band".formatted(Figures.percent(loop.leastMargin())),
                "When %s it reads up to %s; your rules want %s. %s"
                        .formatted(
                                ChainBuilder.stateWord(wired.point(), loop.tightest()),
                                Figures.ohms(loop.tightest().range().highOhms()),
                                Figures.percent(least),
                                loop.longestMetres()
                                        .filter(metres -> metres < LoopCheck.LONGEST_METRES)
                                        .map(metres -> "It takes no more than %s of this cable."
                                                .formatted(Figures.metres(metres)))
                                        .orElse("Its cable is not what limits it.")),
                "Check the resistor's bands against the profile, or take a closer tolerance.");
    }
}
