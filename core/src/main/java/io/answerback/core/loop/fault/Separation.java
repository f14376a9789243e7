package io.answerback.core.loop.fault;

import io.answerback.core.loop.scheme.Extreme;
import io.answerback.core.loop.scheme.LoopPart;
import java.util.List;

/// Whether a measurement would tell two explanations apart for certain: what the loop can read under one has
/// nothing in common with what it can read under the other, the meter's error counted in.
final class Separation {
    private static final double ERRORS = 3;

    private Separation() {}

    static boolean by(MeasurementSetup setup, FaultyLoop loop, Explanation one, Explanation other) {
        if (one.cause() == Cause.UNEXPLAINED || other.cause() == Cause.UNEXPLAINED) {
            return false;
        }
        for (boolean near : sides(setup, one)) {
            for (boolean otherNear : sides(setup, other)) {
                if (!apart(part(setup, loop, one, near), part(setup, loop, other, otherNear))) {
                    return false;
                }
            }
        }
        return true;
    }

    private static List<Boolean> sides(MeasurementSetup setup, Explanation explanation) {
        return setup == MeasurementSetup.FROM_MID_JOINT && FaultyLoop.onEitherSide(explanation.cause())
                ? List.of(false, true)
                : List.of(false);
    }

    private static LoopPart part(MeasurementSetup setup, FaultyLoop loop, Explanation explanation, boolean near) {
        double value = explanation.value().map(Explanation.Stretch::likeliest).orElse(0.0);
        return loop.of(explanation.cause(), value, near, setup);
    }

    private static boolean apart(LoopPart one, LoopPart other) {
        return above(one, other) || above(other, one);
    }

    private static boolean above(LoopPart high, LoopPart low) {
        double least = high.ohms(Extreme.LOW);
        double most = low.ohms(Extreme.HIGH);
        if (Double.isInfinite(most)) {
            return false;
        }
        return Double.isInfinite(least) || least - error(least) > most + error(most);
    }

    private static double error(double ohms) {
        return ERRORS * Reading.ohms(MeasurementSetup.AT_REST, ohms).errorOhms();
    }
}
