package io.answerback.core.setup;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.Zone;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Devices that open their contact for a moment only, on inputs that take longer to believe it; and vibration that
/// alarms at a single knock.
public final class PulseMissed implements JobCheck {
    /// A device opens its contact for less time than its input takes to respond.
    public static final Rule RULE = new Rule(
            "pulse-missed",
            Stop.SET_UP,
            Grade.WRONG,
            "A device opens its contact for less time than its input takes to respond.",
            "It trips, and the panel does not see it.");

    /// A vibration detector without double knock.
    public static final Rule SINGLE_KNOCK = new Rule(
            "single-knock",
            Stop.SET_UP,
            Grade.NOTE,
            "A vibration detector without double knock.",
            "A passing lorry is an alarm.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE, SINGLE_KNOCK);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        List<Point> brief = facts.points().stream()
                .filter(point -> point.has(kind -> kind.pulseMillis() > 0 || kind.family() == KindFamily.VIBRATION))
                .toList();
        if (brief.isEmpty()) {
            return Stream.empty();
        }
        Intent intent = new Intent(facts);
        return brief.stream()
                .flatMap(point -> zone(facts, point).stream()
                        .flatMap(zone -> Stream.concat(
                                missed(facts, intent, point, zone).stream(), single(intent, point, zone).stream())));
    }

    private static Optional<Zone> zone(Facts facts, Point point) {
        return facts.inputOf(point.id())
                .map(Input::zone)
                .flatMap(facts::zone)
                .filter(zone -> zone.type() != ZoneType.NOT_USED);
    }

    private static Optional<Finding> missed(Facts facts, Intent intent, Point point, Zone zone) {
        double response = intent.of(Decision.ZONE_RESPONSE, zone.number())
                .filter(SettingValue.Amount.class::isInstance)
                .map(value -> ((SettingValue.Amount) value).value())
                .orElse((double) facts.panel().profile().itsManners().responseMillis());
        return point.kinds().stream()
                .filter(kind -> kind.pulseMillis() > 0 && kind.pulseMillis() < response)
                .findFirst()
                .map(kind -> missed(point, kind, response));
    }

    private static Finding missed(Point point, PointKind kind, double response) {
        return RULE.finds(
                new Target.OfPoint(point.id()),
                Text.of("The response time of its input is too long for a %s", kind.name()),
                Text.of("Its contact opens for %d ms; the input responds after %.0f ms.", kind.pulseMillis(), response),
                Text.of(
                        "Set the response time to %d ms or less where the panel can, or take a detector that holds its contact longer. The maker's sheets come first.",
                        kind.pulseMillis() / 2));
    }

    private static Optional<Finding> single(Intent intent, Point point, Zone zone) {
        boolean twice = intent.needsTwoKnocks(zone.number());
        return twice || !point.has(kind -> kind.family() == KindFamily.VIBRATION)
                ? Optional.empty()
                : Optional.of(SINGLE_KNOCK.finds(
                        new Target.OfPoint(point.id()),
                        "One knock is an alarm",
                        "Its zone is not programmed for double knock: a passing lorry or a ball is an alarm.",
                        "Program double knock where the panel can, or set the pulse count of the detector."));
    }
}
