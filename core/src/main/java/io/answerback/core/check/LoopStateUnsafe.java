package io.answerback.core.check;

import io.answerback.core.chain.ChainBuilder;
import io.answerback.core.chain.Figures;
import io.answerback.core.chain.PointResult;
import io.answerback.core.loop.CaseReading;
import io.answerback.core.loop.DeviceState;
import io.answerback.core.profile.Meaning;
import io.answerback.core.site.Job;
import java.util.stream.Stream;

/// A device state whose worst case is not wholly inside a band of the right meaning: the panel may misread it.
final class LoopStateUnsafe implements PointRule {
    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return point.wired().stream()
                .flatMap(wired -> wired.loop().stream()
                        .flatMap(loop -> loop.unsafe().stream()
                                .filter(reading -> reading.loopCase().device() != DeviceState.UNPOWERED
                                        || !loop.supplyLossHidden())
                                .limit(1))
                        .map(bad -> finding(wired, bad)));
    }

    private static Finding finding(PointResult.Wired wired, CaseReading bad) {
        String state = ChainBuilder.stateWord(wired.point(), bad);
        String reads = bad.reads().map(Meaning::word).orElse("between bands");
        return Finding.of(
                "loop-unsafe",
                Stop.LOOP,
                Grade.WRONG,
                wired.point().id(),
                "%s reads %s".formatted(capital(state), reads),
                "Worst case %s to %s. The panel should conclude %s, and does not for certain."
                        .formatted(
                                Figures.ohms(bad.range().lowOhms()),
                                Figures.ohms(bad.range().highOhms()),
                                bad.loopCase()
                                        .rightConclusions()
                                        .iterator()
                                        .next()
                                        .word()),
                "Fit the values the panel expects, or change the scheme.");
    }

    private static String capital(String word) {
        return Character.toUpperCase(word.charAt(0)) + word.substring(1);
    }
}
