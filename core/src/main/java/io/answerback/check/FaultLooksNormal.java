package io.answerback.check;

import io.answerback.chain.PointResult;
import io.answerback.job.Job;
import io.answerback.job.ResistorPlace;
import io.answerback.loop.CableState;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A cable fault that the panel takes for a point at rest. What the scheme itself cannot see is a note; a
/// resistor that sits in the panel gives away what the scheme could see, and is tight.
final class FaultLooksNormal implements PointRule {
    @Override
    public Stream<Finding> check(Job job, PointResult point) {
        return point.wired().stream()
                .filter(wired ->
                        wired.loop().filter(loop -> !loop.hidden().isEmpty()).isPresent())
                .map(FaultLooksNormal::finding);
    }

    private static Finding finding(PointResult.Wired wired) {
        String faults = wired.loop().orElseThrow().hidden().stream()
                .map(reading -> words(reading.loopCase().cable()))
                .distinct()
                .collect(Collectors.joining(" and "));
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

    private static String words(CableState fault) {
        return switch (fault) {
            case SHORT_AT_DEVICE, SHORT_AT_PANEL -> "a short";
            case NO_RESISTOR -> "its resistor left out";
            case DAMP -> "a damp joint";
            case CUT -> "a cut";
            case SOUND -> "nothing wrong";
        };
    }
}
