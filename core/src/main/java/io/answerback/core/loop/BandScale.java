package io.answerback.core.loop;

import io.answerback.core.model.profile.InputModel;

/// The scale on which a margin is a distance.
sealed interface BandScale {
    /// Where a resistance in ohms lies on the scale; rising.
    double at(double ohms);

    /// Twice the resistance is as far as half. 1 Ω and 1 MΩ stand for the ends of the scale.
    record LogOhms() implements BandScale {
        @Override
        public double at(double ohms) {
            return Math.log(Math.clamp(ohms, BandChart.SCALE_LOW_OHMS, BandChart.SCALE_HIGH_OHMS));
        }
    }

    /// The volts that the input shows.
    record Volts(InputModel input) implements BandScale {
        @Override
        public double at(double ohms) {
            return input.volts(ohms);
        }
    }
}
