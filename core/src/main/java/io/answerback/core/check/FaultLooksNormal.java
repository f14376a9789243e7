package io.answerback.core.check;

import io.answerback.core.chain.PointResult;
import io.answerback.core.device.KindFamily;
import io.answerback.core.device.ResistorPlace;
import io.answerback.core.device.SchemeKind;
import io.answerback.core.loop.FaultKind;
import io.answerback.core.loop.SupervisedSchemes;
import io.answerback.core.loop.TrialFaults;
import io.answerback.core.site.Job;
import io.answerback.core.site.Point;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A cable fault that the panel takes for a point at rest. What the scheme itself cannot see is a note; a
/// resistor that sits in the panel gives away what the scheme could see, and is tight. A cut or a short that
/// would silence a hold-up, fire or gas point is wrong.
final class FaultLooksNormal implements PointRule {
    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return point.wired().stream().filter(wired -> !ofCable(wired).isEmpty()).map(wired -> finding(job, wired));
    }

    /// How a loop was fitted is told by measuring it once; what becomes of its cable later is not.
    private static List<FaultKind> ofCable(PointResult.Wired wired) {
        return wired.loop().stream()
                .flatMap(loop -> loop.hidden().stream())
                .map(reading -> reading.loopCase().fault().kind())
                .filter(kind -> !kind.ofFitting())
                .distinct()
                .toList();
    }

    private static Finding finding(Job job, PointResult.Wired wired) {
        String faults = ofCable(wired).stream().map(FaultLooksNormal::words).collect(Collectors.joining(" and "));
        boolean inPanel = wired.point().loop().place() == ResistorPlace.IN_PANEL;
        boolean vital = vital(wired.point())
                && !SupervisedSchemes.unseen(wired.loop().orElseThrow()).isEmpty();
        return Finding.of(
                "looks-normal",
                Stop.LOOP,
                vital ? Grade.WRONG : inPanel ? Grade.TIGHT : Grade.NOTE,
                wired.point().id(),
                "With " + faults + " it looks normal",
                why(wired, inPanel, vital),
                remedy(job, wired, inPanel, vital));
    }

    /// A call for help or a fire that one broken or shorted core would silence.
    private static boolean vital(Point point) {
        KindFamily family = point.kind().family();
        return family == KindFamily.HOLD_UP || family.lifeSafety();
    }

    private static String why(PointResult.Wired wired, boolean inPanel, boolean vital) {
        String why = inPanel
                ? "The resistor sits in the panel, so it supervises no cable."
                : "A " + wired.point().loop().scheme().words() + " cannot tell this fault from a point at rest.";
        return vital ? why + " One fault of its cable would silence it, and nobody would know." : why;
    }

    private static String remedy(Job job, PointResult.Wired wired, boolean inPanel, boolean vital) {
        if (inPanel) {
            return "Move the resistor to the last device.";
        }
        return vital ? otherScheme(job, wired) : "Open the point once a year with the cable measured.";
    }

    private static String otherScheme(Job job, PointResult.Wired wired) {
        List<SchemeKind> schemes = SupervisedSchemes.of(
                wired.fitted().orElseThrow(),
                wired.point().kind().contact(),
                wired.model(),
                TrialFaults.of(job.practice()));
        return schemes.isEmpty()
                ? "Its input reads no scheme that would see it: put it on an input that reads an end-of-line resistor."
                : "Wire it as %s, which sees a cut and a short."
                        .formatted(schemes.stream().map(SchemeKind::words).collect(Collectors.joining(" or ")));
    }

    private static String words(FaultKind fault) {
        return switch (fault) {
            case CUT -> "a cut";
            case SHORT -> "a short";
            case LEAK -> "a damp joint";
            case LEAK_TO_ZERO_VOLTS -> "a leak to 0 V";
            case JOINT -> "a bad joint";
            case NO_RESISTOR -> "its resistor left out";
            default -> fault.id().replace('-', ' ');
        };
    }
}
