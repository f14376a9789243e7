package io.answerback.core.loop;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Meaning;
import java.util.List;
import java.util.stream.Stream;

/// A device state whose worst case is not wholly inside a band of the right meaning: the panel may misread it.
public final class LoopStateUnsafe implements PointCheck {
    /// The worst case of a device state is not wholly inside a band of the right meaning.
    public static final Rule RULE = new Rule(
            "loop-unsafe",
            Stop.LOOP,
            Grade.WRONG,
            "The worst case of a device state is not wholly inside a band of the right meaning.",
            "The panel may misread it.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return facts.of(WiredPoint.FACT, pointId).stream()
                .flatMap(wired -> wired.loop().stream()
                        .flatMap(loop -> loop.unsafe().stream()
                                .filter(reading -> reading.loopCase().device() != DeviceState.UNPOWERED
                                        || !loop.supplyLossHidden())
                                .limit(1))
                        .map(bad -> finding(wired, bad)));
    }

    private static Finding finding(WiredPoint wired, CaseReading bad) {
        String state = StateWords.of(wired.point(), bad);
        String reads = bad.reads().map(Meaning::word).orElse("between bands");
        return RULE.finds(
                new Target.OfPoint(wired.point().id()),
                Text.of("%s reads %s", capital(state), reads),
                Text.of(
                        "Worst case %s to %s. The panel should conclude %s, and does not for certain.",
                        Figures.ohms(bad.range().lowOhms()),
                        Figures.ohms(bad.range().highOhms()),
                        bad.loopCase().rightConclusions().iterator().next().word()),
                "Fit the values the panel expects, or change the scheme.");
    }

    private static String capital(String word) {
        return Character.toUpperCase(word.charAt(0)) + word.substring(1);
    }
}
