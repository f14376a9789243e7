package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.device.PointKind;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.Job;
import io.answerback.core.site.Point;
import io.answerback.core.site.Zone;
import io.answerback.core.wording.Terms;
import java.util.Optional;
import java.util.stream.Stream;

/// A hold-up, fire, gas, flood or technical point that is watched only while its area is set, or waits for an
/// entry time: as it was surveyed, or as its zone is programmed.
final class WatchesOnlyWhenSet implements PointRule {
    static final String RULE = "watches-only-when-set";

    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return point.wired().stream()
                .filter(wired -> wired.point().kind().family().watchesAlways())
                .flatMap(wired -> Stream.concat(
                        surveyed(job, wired.point()).stream(),
                        wired.zone().flatMap(zone -> programmed(job, wired.point(), zone)).stream()));
    }

    private static Optional<Finding> surveyed(Job job, Point point) {
        ZoneType type = point.duty().type();
        return unfit(point.kind(), type)
                ? Optional.of(finding(
                        job,
                        point,
                        RULE,
                        Stop.SURVEY,
                        "%s that is %s".formatted(capital(point.kind().name()), type.words()),
                        "Make it %s.".formatted(alwaysType(point.kind()).words())))
                : Optional.empty();
    }

    private static Optional<Finding> programmed(Job job, Point point, Zone zone) {
        return unfit(point.kind(), zone.type())
                ? Optional.of(finding(
                        job,
                        point,
                        RULE + "-programmed",
                        Stop.SET_UP,
                        "Zone %02d is programmed as %s"
                                .formatted(zone.number(), zone.type().words()),
                        "Program it as %s.".formatted(alwaysType(point.kind()).words())))
                : Optional.empty();
    }

    private static Finding finding(Job job, Point point, String rule, Stop stop, String says, String remedy) {
        Terms terms = Terms.of(job.practice());
        return Finding.of(
                rule,
                stop,
                Grade.WRONG,
                point.id(),
                says,
                "A %s must be reported at once, whether the area is %s or %s."
                        .formatted(point.kind().name(), terms.set(), terms.unset()),
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
