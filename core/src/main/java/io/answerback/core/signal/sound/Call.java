package io.answerback.core.signal.sound;

import io.answerback.core.signal.sound.Segment.Side;
import java.util.ArrayList;
import java.util.List;

/// A call from lifting the line to the receiver's acknowledgement, stretch by stretch. What is drawn, told step
/// by step and played is this.
///
/// @param segments the stretches, one after the other
public record Call(List<Segment> segments) {
    public Call {
        segments = List.copyOf(segments);
    }

    /// One step of a call.
    ///
    /// @param atSeconds when it begins, in seconds from the beginning
    /// @param seconds how long it lasts
    public record Step(Side from, String says, double atSeconds, double seconds) {}

    /// How long the call lasts, in seconds.
    public double seconds() {
        return segments.stream().mapToDouble(Segment::millis).sum() / 1000;
    }

    /// The steps, in order. Stretches of one step that follow one another are one.
    public List<Step> steps() {
        List<Step> steps = new ArrayList<>();
        double at = 0;
        for (Segment segment : segments) {
            double seconds = segment.millis() / 1000;
            Step last = steps.isEmpty() ? null : steps.getLast();
            if (last != null && last.says().equals(segment.step())) {
                steps.set(
                        steps.size() - 1,
                        new Step(last.from(), last.says(), last.atSeconds(), last.seconds() + seconds));
            } else if (!segment.step().isEmpty()) {
                steps.add(new Step(segment.from(), segment.step(), at, seconds));
            }
            at += seconds;
        }
        return List.copyOf(steps);
    }
}
