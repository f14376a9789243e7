package io.answerback.check;

import io.answerback.chain.PointResult;
import io.answerback.job.Job;
import io.answerback.job.ResistorPlace;
import io.answerback.loop.FaultKind;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A cable fault that the panel takes for a point at rest. What the scheme itself cannot see is a note; a
/// resistor that sits in the panel gives away what the scheme could see, and is tight.
final class FaultLooksNormal implements PointRule {
    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return point.wired().stream().filter(wired -> !ofCable(wired).isEmpty()).map(FaultLooksNormal::finding);
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

    private static Finding finding(PointResult.Wired wired) {
        String faults = ofCable(wired).stream().map(FaultLooksNormal::words).collect(Collectors.joining(" and "));
        boolean inPanel = wired.point().loop().place() == ResistorPlace.IN_PANEL;
        return Finding.of(
                "looks-normal",
                Stop.LOOP,
                inPanel ? Grade.TIGHT : Grade.NOTE,
                wired.point().id(),
                "With " + faults + " it looks normal",
                inPanel
                        ? "The resistor sits in the panel, so it supervises no cable."
                        : "A " + wired.point().loop().scheme().words()
                                + " cannot tell this fault from a point at rest.",
                inPanel
                        ? "Move the resistor to the last device."
                        : "Open the point once a year with the cable measured.");
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
