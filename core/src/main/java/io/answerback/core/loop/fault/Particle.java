package io.answerback.core.loop.fault;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/// One cause at one value and on one side of a joint half way, with its weight.
record Particle(Cause cause, double value, boolean near, double weight) {
    private static final double BIN_LOG_OHMS = 0.02;

    /// Readings that a meter cannot tell apart fall into one bin: below 10 Ω by the ohm, above by 2 %.
    static long bin(double ohms) {
        if (Double.isInfinite(ohms)) {
            return Long.MAX_VALUE;
        }
        return ohms < 10 ? (long) ohms : 1000 + Math.round(Math.log(ohms / 10) / BIN_LOG_OHMS);
    }

    /// What is not known yet which cause it is, in bits.
    static double entropy(List<Particle> particles) {
        Map<Cause, Double> shares = new EnumMap<>(Cause.class);
        double sum = 0;
        for (Particle particle : particles) {
            shares.merge(particle.cause(), particle.weight(), Double::sum);
            sum += particle.weight();
        }
        double bits = 0;
        for (double share : shares.values()) {
            if (share > 0 && sum > 0) {
                bits -= share / sum * Math.log(share / sum) / Math.log(2);
            }
        }
        return bits;
    }
}
