package io.answerback.core.model.power;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.ModuleId;
import java.time.Instant;

/// Something that was measured at a supply.
///
/// @param module the module with the supply
/// @param what what was measured
/// @param value the reading, in the unit of what was measured
/// @param at when
public record SupplyReading(ModuleId module, Quantity what, double value, Instant at) {
    /// What can be measured at a supply.
    public enum Quantity {
        /// Across the battery while the mains charges it.
        FLOAT_VOLTS("float volts", "V", 20),
        /// What the system takes at rest, in series with the battery, the mains off.
        STANDING_MILLIAMPS("quiescent current", "mA", 100_000),
        /// The same in an alarm.
        ALARM_MILLIAMPS("alarm current", "mA", 100_000),
        /// Across the battery, its leads off, an hour after charging.
        RESTED_VOLTS("battery, leads off", "V", 20),
        /// Across the battery while it carries the alarm.
        LOADED_VOLTS("battery in an alarm", "V", 20);

        private final String words;
        private final String unit;
        private final double most;

        Quantity(String words, String unit, double most) {
            this.words = words;
            this.unit = unit;
            this.most = most;
        }

        /// What it is in plain words.
        public String words() {
            return words;
        }

        /// Whether it is a current, in milliamps, and not volts.
        public boolean current() {
            return this == STANDING_MILLIAMPS || this == ALARM_MILLIAMPS;
        }

        /// Its unit, as it stands after the value.
        public String unit() {
            return unit;
        }
    }

    /// @throws IllegalArgumentException when a part is missing or the reading is beyond sense
    public SupplyReading {
        Require.given(module, "module of a reading");
        Require.given(what, "what was measured at " + module);
        Require.within(value, 0, what.most, Text.of("%s of %s in %s", what.words, module, what.unit));
        Require.given(at, "time of a reading at " + module);
    }
}
