package io.answerback.core.prove.proof;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Setting;
import io.answerback.core.model.profile.SettingScope;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Proof;
import io.answerback.core.model.site.Zone;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A zone that was programmed again after its point was answered.
public final class ProgrammedSinceProven implements PointCheck {
    /// A zone was programmed again after its point was answered.
    public static final Rule RULE = new Rule(
            "programmed-since-proven",
            Stop.SET_UP,
            Grade.TIGHT,
            "A zone was programmed again after its point was answered.",
            "What was typed has never been seen at the station.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        Optional<Proof> proof = facts.proofOf(pointId);
        Optional<Zone> zone = facts.of(WiredPoint.FACT, pointId).flatMap(WiredPoint::zone);
        return proof.isEmpty() || zone.isEmpty()
                ? Stream.empty()
                : facts.setup().typed().stream()
                        .filter(typed -> typed.number() == zone.get().number()
                                && ofZone(facts, typed)
                                && typed.skipped().isEmpty())
                        .filter(typed -> typed.at().isAfter(proof.get().answeredAt()))
                        .findFirst()
                        .map(typed -> finding(pointId, typed))
                        .stream();
    }

    private static boolean ofZone(Parts job, PanelProgramming.Typed typed) {
        return job.panel()
                .profile()
                .setup()
                .setting(typed.setting())
                .map(Setting::scope)
                .filter(scope -> scope == SettingScope.ZONE)
                .isPresent();
    }

    private static Finding finding(PointId pointId, PanelProgramming.Typed typed) {
        return RULE.finds(
                new Target.OfPoint(pointId),
                "Its zone was programmed again since it was answered",
                Text.of(
                        "\"%s\" was typed on %s: what was typed has never been seen at the station.",
                        typed.setting(), typed.at().toString().substring(0, 10)),
                "Send it once more.");
    }
}
