package io.answerback.core.survey;

import io.answerback.core.common.Text;
import io.answerback.core.device.PointKind;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Grade;
import io.answerback.core.finding.PointCheck;
import io.answerback.core.finding.Rule;
import io.answerback.core.finding.Stop;
import io.answerback.core.finding.Target;
import io.answerback.core.id.PointId;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.memo.Facts;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.Parts;
import io.answerback.core.site.Point;
import io.answerback.core.site.Zone;
import io.answerback.core.wording.Terms;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A hold-up, fire, gas, flood or technical point that is watched only while its area is set, or waits for an
/// entry time: as it was surveyed, or as its zone is programmed.
public final class WatchesOnlyWhenSet implements PointCheck {
    /// A hold-up, fire, gas, flood or technical point is programmed to watch only when its area is set.
    public static final Rule PROGRAMMED = new Rule(
            "watches-only-when-set-programmed",
            Stop.SET_UP,
            Grade.WRONG,
            "A hold-up, fire, gas, flood or technical point is programmed to watch only when its area is set.",
            "It must be reported at once, set or unset.");

    /// A hold-up, fire, gas, flood or technical point is surveyed to watch only when its area is set.
    public static final Rule RULE = new Rule(
            "watches-only-when-set",
            Stop.SURVEY,
            Grade.WRONG,
            "A hold-up, fire, gas, flood or technical point is surveyed to watch only when its area is set.",
            "It must be reported at once, set or unset.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE, PROGRAMMED);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return facts.of(WiredPoint.FACT, pointId).stream()
                .filter(wired -> wired.point().kind().family().watchesAlways())
                .flatMap(wired -> Stream.concat(
                        surveyed(facts, wired.point()).stream(),
                        wired.zone().flatMap(zone -> programmed(facts, wired.point(), zone)).stream()));
    }

    private static Optional<Finding> surveyed(Parts job, Point point) {
        ZoneType type = point.surveyed().type();
        return unfit(point.kind(), type)
                ? Optional.of(finding(
                        job,
                        point,
                        RULE,
                        Text.of("%s that is %s", capital(point.kind().name()), type.words()),
                        Text.of("Make it %s.", alwaysType(point.kind()).words())))
                : Optional.empty();
    }

    private static Optional<Finding> programmed(Parts job, Point point, Zone zone) {
        return unfit(point.kind(), zone.type())
                ? Optional.of(finding(
                        job,
                        point,
                        PROGRAMMED,
                        Text.of(
                                "Zone %02d is programmed as %s",
                                zone.number(), zone.type().words()),
                        Text.of("Program it as %s.", alwaysType(point.kind()).words())))
                : Optional.empty();
    }

    private static Finding finding(Parts job, Point point, Rule rule, String says, String remedy) {
        Terms terms = Terms.of(job.practice());
        return rule.finds(
                new Target.OfPoint(point.id()),
                says,
                Text.of(
                        "A %s must be reported at once, whether the area is %s or %s.",
                        point.kind().name(), terms.set(), terms.unset()),
                remedy);
    }

    /// A zone that is off has findings of its own; what is only logged is a choice for technical points.
    private static boolean unfit(PointKind kind, ZoneType type) {
        return switch (type) {
            case NOT_USED -> false;
            case LOG_ONLY -> kind.family() != io.answerback.core.device.KindFamily.TECHNICAL;
            default -> !type.watchesAlways();
        };
    }

    private static ZoneType alwaysType(PointKind kind) {
        return switch (kind.family()) {
            case HOLD_UP -> ZoneType.HOLD_UP;
            case FIRE -> ZoneType.FIRE;
            case GAS -> ZoneType.GAS;
            default -> ZoneType.TECHNICAL;
        };
    }

    private static String capital(String word) {
        return Character.toUpperCase(word.charAt(0)) + word.substring(1);
    }
}
