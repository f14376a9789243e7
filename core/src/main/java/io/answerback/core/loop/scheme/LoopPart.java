package io.answerback.core.loop.scheme;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.profile.Conductor;
import java.util.ArrayList;
import java.util.List;

/// One part of a zone loop, seen as a two-terminal network.
///
/// Resistance never falls when any part's resistance rises (Rayleigh's monotonicity law), so the exact worst
/// case of a whole loop is its value with every part at its low end and with every part at its high end.
public sealed interface LoopPart {

    /// Resistance in ohms at one end of every tolerance; positive infinity when no current can flow.
    double ohms(Extreme extreme);

    /// The exact worst-case interval, in ohms.
    default Range range() {
        return new Range(ohms(Extreme.LOW), ohms(Extreme.NOMINAL), ohms(Extreme.HIGH));
    }

    /// A resistor as marked.
    ///
    /// @param markedOhms the marked value in ohms, 0 or more
    /// @param tolerancePercent tolerance in percent either way, 0 to 100
    record Resistor(double markedOhms, double tolerancePercent) implements LoopPart {
        /// @throws IllegalArgumentException when a figure is out of bounds
        public Resistor {
            Require.within(markedOhms, 0, 1e9, "resistor in ohms");
            Require.within(tolerancePercent, 0, 100, "tolerance in percent");
        }

        @Override
        public double ohms(Extreme extreme) {
            return switch (extreme) {
                case LOW -> markedOhms * (1 - tolerancePercent / 100);
                case NOMINAL -> markedOhms;
                case HIGH -> markedOhms * (1 + tolerancePercent / 100);
            };
        }
    }

    /// A switching contact. Closed, it has its contact resistance at most, and none at least.
    ///
    /// @param closedOhms resistance when closed, in ohms, 0 or more
    /// @param closed whether it conducts now
    record Contact(double closedOhms, boolean closed) implements LoopPart {
        /// @throws IllegalArgumentException when the resistance is negative
        public Contact {
            Require.within(closedOhms, 0, 1e6, "contact in ohms");
        }

        @Override
        public double ohms(Extreme extreme) {
            if (!closed) {
                return Double.POSITIVE_INFINITY;
            }
            return extreme == Extreme.LOW ? 0 : closedOhms;
        }
    }

    /// Both cores of a cable: 2 · length · r20 · (1 + 0.00393 · (t − 20)), copper.
    ///
    /// @param metres length one way, in metres, 0 or more
    /// @param conductor one core
    /// @param coldestCelsius the coldest it gets, in °C
    /// @param hottestCelsius the hottest it gets, in °C, not below `coldestCelsius`
    record Copper(double metres, Conductor conductor, double coldestCelsius, double hottestCelsius)
            implements LoopPart {
        /// Temperature coefficient of copper's resistance from 20 °C, per °C (IEC 60028).
        public static final double COPPER_PER_CELSIUS = 0.00393;

        private static final double REFERENCE_CELSIUS = 20;

        /// @throws IllegalArgumentException when the length is negative or the temperatures are reversed
        public Copper {
            Require.within(metres, 0, 1e6, "cable length in metres");
            Require.within(hottestCelsius, coldestCelsius, 200, "hottest temperature in °C");
        }

        @Override
        public double ohms(Extreme extreme) {
            double celsius = switch (extreme) {
                case LOW -> coldestCelsius;
                case NOMINAL -> Math.clamp(REFERENCE_CELSIUS, coldestCelsius, hottestCelsius);
                case HIGH -> hottestCelsius;
            };
            double at20 = 2 * metres * conductor.ohmsPerKilometre() / 1000;
            return at20 * (1 + COPPER_PER_CELSIUS * (celsius - REFERENCE_CELSIUS));
        }
    }

    /// A path across the pair that should not be there.
    ///
    /// @param leakOhms its resistance in ohms, 0 or more
    record Leak(double leakOhms) implements LoopPart {
        /// @throws IllegalArgumentException when the resistance is negative
        public Leak {
            Require.within(leakOhms, 0, 1e12, "leak in ohms");
        }

        @Override
        public double ohms(Extreme extreme) {
            return leakOhms;
        }
    }

    /// A part of a loop that was worked out already.
    ///
    /// @param range its resistance at each end of every tolerance
    record Known(Range range) implements LoopPart {
        @Override
        public double ohms(Extreme extreme) {
            return switch (extreme) {
                case LOW -> range.lowOhms();
                case NOMINAL -> range.nominalOhms();
                case HIGH -> range.highOhms();
            };
        }
    }

    /// A broken core.
    record Cut() implements LoopPart {
        @Override
        public double ohms(Extreme extreme) {
            return Double.POSITIVE_INFINITY;
        }
    }

    /// Two cores touching.
    record Short() implements LoopPart {
        @Override
        public double ohms(Extreme extreme) {
            return 0;
        }
    }

    /// Parts one after another: resistances add.
    ///
    /// @param parts in their order; none for a plain link
    record Series(List<LoopPart> parts) implements LoopPart {
        public Series {
            parts = List.copyOf(parts);
        }

        /// Parts in the order the current meets them; a series of nothing among them is left out.
        public static Series of(LoopPart... parts) {
            List<LoopPart> some = new ArrayList<>(parts.length);
            for (LoopPart part : parts) {
                if (!(part instanceof Series series && series.parts().isEmpty())) {
                    some.add(part);
                }
            }
            return new Series(some);
        }

        @Override
        public double ohms(Extreme extreme) {
            double sum = 0;
            for (LoopPart part : parts) {
                sum += part.ohms(extreme);
            }
            return sum;
        }
    }

    /// Parts side by side: conductances add.
    ///
    /// @param parts in any order
    record Parallel(List<LoopPart> parts) implements LoopPart {
        public Parallel {
            parts = List.copyOf(parts);
        }

        /// Parts across the same two terminals; branches of nothing among them are left out.
        public static Parallel of(LoopPart... parts) {
            List<LoopPart> some = new ArrayList<>(parts.length);
            for (LoopPart part : parts) {
                if (!(part instanceof Parallel parallel && parallel.parts().isEmpty())) {
                    some.add(part);
                }
            }
            return new Parallel(some);
        }

        @Override
        public double ohms(Extreme extreme) {
            double siemens = 0;
            for (LoopPart part : parts) {
                siemens += 1 / part.ohms(extreme);
            }
            return 1 / siemens;
        }
    }
}
