package io.answerback.core.loop.fault;

import io.answerback.core.loop.scheme.Extreme;
import io.answerback.core.loop.scheme.LoopPart;

/// How likely a reading is where the loop lies somewhere in a range: the true value is anywhere in the range with
/// equal chance, and the meter's error is normal around it. Per ohm, for readings with a figure.
final class Likelihood {
    /// What is left to a reading that a cause cannot give, so that one such reading rules the cause out. More
    /// than 0 only so that the sum of a few of them stays a number.
    static final double SLIP = 1e-60;
    /// What a reading counts for where nothing is said of its cause: far more than a slip, far less than any
    /// cause that gives it.
    static final double UNEXPLAINED = 1e-4;

    private Likelihood() {}

    static double of(Reading reading, LoopPart loop) {
        double low = loop.ohms(Extreme.LOW);
        boolean open = Double.isInfinite(reading.ohms());
        if (open || Double.isInfinite(low)) {
            return open && Double.isInfinite(low) ? 1 : SLIP;
        }
        double high = loop.ohms(Extreme.HIGH);
        double error = Math.max(reading.errorOhms(), 1e-6);
        double density = high - low < error
                ? gauss((reading.ohms() - loop.ohms(Extreme.NOMINAL)) / error) / error
                : (below((high - reading.ohms()) / error) - below((low - reading.ohms()) / error)) / (high - low);
        return density * decadeOhms(reading.ohms()) + SLIP;
    }

    /// A density per ohm as one per decade, so that it can stand beside the chance of an open circuit.
    private static double decadeOhms(double ohms) {
        return Math.max(ohms, 1) * Math.log(10) / 6;
    }

    private static double gauss(double x) {
        return Math.exp(-x * x / 2) / Math.sqrt(2 * Math.PI);
    }

    /// The normal distribution function, by the approximation of Abramowitz and Stegun 26.2.17; its error is
    /// below 7.5e-8.
    static double below(double x) {
        double t = 1 / (1 + 0.2316419 * Math.abs(x));
        double tail = gauss(x)
                * t
                * (0.319381530 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
        return x >= 0 ? 1 - tail : tail;
    }
}
