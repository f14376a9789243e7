package io.answerback.core.survey;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.wording.Terms;
import io.answerback.core.loop.WiredPoint;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.Zone;
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
                .flatMap(wired -> Stream.concat(
                        surveyed(facts, wired.point()).stream(),
                        wired.zone().flatMap(zone -> programmed(facts, wired.point(), zone)).stream()));
    }

    private static Optional<Finding> surveyed(Parts job, Point point) {
        ZoneType type = point.surveyed().type();
        return unfit(point, type)
                .map(kind -> finding(
                        job,
                        point,
                        kind,
                        RULE,
                        Text.of("%s that is %s", capital(kind.name()), type.words()),
                        remedy(
                                point,
                                kind,
                                Text.of("Make it %s", alwaysType(kind).words()))));
    }

    private static Optional<Finding> programmed(Parts job, Point point, Zone zone) {
        return unfit(point, zone.type())
                .map(kind -> finding(
                        job,
                        point,
                        kind,
                        PROGRAMMED,
                        Text.of(
                                "Zone %02d is programmed as %s",
                                zone.number(), zone.type().words()),
                        remedy(
                                point,
                                kind,
                                Text.of("Program it as %s", alwaysType(kind).words()))));
    }

    /// What shares the loop of another sort of device cannot be made right by the zone's type alone.
    private static String remedy(Point point, PointKind kind, String byType) {
        return point.has(other -> !other.family().watchesAlways())
                ? Text.of(
                        "Put the %s on an input of its own: the other devices of this loop need another type.",
                        kind.name())
                : byType + ".";
    }

    private static Finding finding(Parts job, Point point, PointKind kind, Rule rule, String says, String remedy) {
        Terms terms = Terms.of(job.practice());
        return rule.finds(
                new Target.OfPoint(point.id()),
                says,
                Text.of(
                        "A %s must be reported at once, whether the area is %s or %s.",
                        kind.name(), terms.set(), terms.unset()),
                remedy);
    }

    /// The kind of the first device on a point's loop that a zone's type does not fit; empty where there is none.
    private static Optional<PointKind> unfit(Point point, ZoneType type) {
        return point.kinds().stream().filter(kind -> unfit(kind, type)).findFirst();
    }

    /// A zone that is off has findings of its own; what is only logged is a choice for technical points.
    private static boolean unfit(PointKind kind, ZoneType type) {
        return kind.family().watchesAlways()
                && switch (type) {
                    case NOT_USED -> false;
                    case LOG_ONLY -> kind.family() != io.answerback.core.model.device.KindFamily.TECHNICAL;
                    case ENTRY_EXIT,
                            ENTRY_ROUTE,
                            IMMEDIATE,
                            ALWAYS,
                            HOLD_UP,
                            HOLD_UP_SILENT,
                            TAMPER,
                            TECHNICAL,
                            FIRE,
                            GAS,
                            KEY_SWITCH,
                            KEY_SWITCH_HELD -> !type.watchesAlways();
                };
    }

    private static ZoneType alwaysType(PointKind kind) {
        return switch (kind.family()) {
            case HOLD_UP -> ZoneType.HOLD_UP;
            case FIRE -> ZoneType.FIRE;
            case GAS -> ZoneType.GAS;
            case DOOR, WINDOW, MOVEMENT, GLASS, VIBRATION, KEY_SWITCH, TECHNICAL -> ZoneType.TECHNICAL;
        };
    }

    private static String capital(String word) {
        return Character.toUpperCase(word.charAt(0)) + word.substring(1);
    }
}
