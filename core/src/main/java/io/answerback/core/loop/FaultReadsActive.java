package io.answerback.core.loop;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.PointCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.FaultKind;
import io.answerback.core.loop.scheme.Range;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.SchemeBands;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Zone;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A fault of a cable that the panel takes for the point being active. Where that is a command, such as a turned
/// key, a broken core sets or unsets an area, and it is wrong. Where it is an alarm, it is a false alarm: a note,
/// given where the input reads a scheme that would tell the two apart.
public final class FaultReadsActive implements PointCheck {
    /// A fault of the cable reads as the point being active.
    public static final Rule RULE = new Rule(
            "fault-reads-active",
            Stop.LOOP,
            Grade.WRONG,
            "A fault of the cable reads as a turned key or as an alarm.",
            "A cut cable unsets the site, or causes a false alarm.");

    private static final Set<FaultKind> OF_CABLE = EnumSet.of(
            FaultKind.CUT,
            FaultKind.SHORT,
            FaultKind.LEAK,
            FaultKind.LEAK_TO_ZERO_VOLTS,
            FaultKind.JOINT,
            FaultKind.NO_RESISTOR);
    private static final Set<Meaning> ACTIVE = EnumSet.of(Meaning.ALARM, Meaning.SECOND_ZONE, Meaning.BOTH_ZONES);

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts, PointId pointId) {
        return facts.of(WiredPoint.FACT, pointId).stream().flatMap(wired -> of(facts, wired).stream());
    }

    private static Optional<Finding> of(Parts job, WiredPoint wired) {
        List<FaultKind> faults = wired.loop().map(FaultReadsActive::acting).orElse(List.of());
        if (faults.isEmpty()) {
            return Optional.empty();
        }
        List<SchemeBands> others = tellingSchemes(job, wired);
        boolean command = command(wired);
        if (!command && others.isEmpty()) {
            return Optional.empty();
        }
        String words = faults.stream().map(FaultLooksNormal::words).collect(Collectors.joining(" or "));
        String active = wired.point().kind().words().activeWord();
        Finding found = RULE.finds(
                command ? Grade.WRONG : Grade.NOTE,
                new Target.OfPoint(wired.point().id()),
                command
                        ? Text.of("With %s it reads as %s: the area is set or unset", words, active)
                        : Text.of("With %s it gives an alarm", words),
                command
                        ? Text.of(
                                "A %s cannot tell this fault from the key: a cut cable works the panel, and no fault is reported.",
                                wired.point().loop().scheme().words())
                        : "A broken or crushed core is reported as an alarm: a false call-out.",
                remedy(others));
        return Optional.of(
                command && !others.isEmpty() ? found.mendedBy(as(wired.point().id(), others.getFirst())) : found);
    }

    private static String remedy(List<SchemeBands> others) {
        return others.isEmpty()
                ? "Its input reads no scheme that tells the two apart: put it on an input that reads a double end-of-line."
                : Text.of(
                        "Wire it as %s, which tells the two apart.",
                        others.stream()
                                .map(bands -> bands.scheme().words())
                                .distinct()
                                .collect(Collectors.joining(" or ")));
    }

    /// The kinds of fault, with the point at rest, that the panel takes, or may take, for it being active.
    private static List<FaultKind> acting(LoopResult loop) {
        return loop.cases().stream()
                .filter(reading -> OF_CABLE.contains(reading.loopCase().fault().kind()))
                .filter(reading -> reading.loopCase().device() == DeviceState.AT_REST)
                .filter(reading -> mayReadActive(loop.chart(), reading.range()))
                .map(reading -> reading.loopCase().fault().kind())
                .distinct()
                .toList();
    }

    /// Whether any part of a range lies in a band of an active state: what a panel makes of it then is not
    /// promised.
    private static boolean mayReadActive(BandChart chart, Range range) {
        return chart.bands().stream()
                .filter(band -> ACTIVE.contains(band.meaning()))
                .anyMatch(band -> range.lowOhms() <= band.high() && range.highOhms() >= band.low());
    }

    /// Whether being active is a command: by its kind, by the survey or by what its zone was programmed as.
    private static boolean command(WiredPoint wired) {
        return wired.point().has(kind -> kind.family() == KindFamily.KEY_SWITCH)
                || wired.point().surveyed().type().switches()
                || wired.zone().map(Zone::type).filter(type -> type.switches()).isPresent();
    }

    /// The schemes its input reads in which no fault of the cable passes for active or for rest.
    private static List<SchemeBands> tellingSchemes(Parts job, WiredPoint wired) {
        if (wired.second() || wired.fitted().isEmpty()) {
            return List.of();
        }
        CheckedFaults trial = CheckedFaults.of(job.practice());
        return wired.model().schemes().stream()
                .filter(bands -> bands.scheme() != wired.point().loop().scheme())
                .filter(bands -> bands.scheme() != SchemeKind.TRIPLE_END_OF_LINE
                        || wired.point()
                                .has(kind ->
                                        kind.outputs().mask() || kind.outputs().fault()))
                .filter(bands ->
                        !bands.scheme().twoZones() && wired.point().kind().suits(bands.scheme()))
                .filter(bands -> tells(wired, bands, trial))
                .toList();
    }

    private static boolean tells(WiredPoint wired, SchemeBands bands, CheckedFaults trial) {
        var loop = wired.fitted().orElseThrow();
        LoopResult result = LoopCheck.check(
                loop.withWiring(loop.wiring().expectedBy(bands).withPlace(ResistorPlace.LAST_DEVICE)),
                BandChart.of(bands, wired.model()),
                trial);
        return result.unsafe().isEmpty()
                && acting(result).isEmpty()
                && SupervisedSchemes.unseen(result).isEmpty();
    }

    private static Edit as(PointId pointId, SchemeBands bands) {
        return new Edit(
                "scheme of " + pointId,
                job -> job.withPoints(job.points().stream()
                        .map(point -> point.id().equals(pointId)
                                ? point.withLoop(point.loop().expectedBy(bands).withPlace(ResistorPlace.LAST_DEVICE))
                                : point)
                        .toList()));
    }
}
