package io.answerback.core.model.power;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.FedId;

/// What a device or module takes, where somebody knows better than the data the application came with.
///
/// @param part the point or module
/// @param quiescentMilliamps what it takes at rest, in milliamps
/// @param alarmMilliamps what it takes in alarm, in milliamps
/// @param source where the figures are from
public record LoadFigure(FedId part, double quiescentMilliamps, double alarmMilliamps, Source source) {
    /// Where a figure is from.
    public enum Source {
        /// Read off the maker's sheet.
        SHEET("maker's sheet"),
        /// Measured at the device.
        MEASURED("measured");

        private final String words;

        Source(String words) {
            this.words = words;
        }

        /// The source in plain words.
        public String words() {
            return words;
        }
    }

    /// @throws IllegalArgumentException when the part is not named or a figure is out of bounds
    public LoadFigure {
        Require.given(part, "part of a load");
        Require.within(quiescentMilliamps, 0, 20_000, Text.of("quiescent current of %s in milliamps", part));
        Require.within(alarmMilliamps, 0, 20_000, Text.of("alarm current of %s in milliamps", part));
        Require.given(source, "source of the load of " + part);
    }
}
