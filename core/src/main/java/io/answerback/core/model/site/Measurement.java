package io.answerback.core.model.site;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.id.PointId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.Optional;

/// Something that was measured at a point's loop, with the cores lifted.
///
/// @param pointId the point
/// @param at when
/// @param what what was measured
/// @param ohms what the meter showed, in ohms; empty when it showed an open circuit
/// @param note anything worth knowing about it; may be empty
@RecordBuilder
public record Measurement(PointId pointId, Instant at, Measured what, Optional<Double> ohms, String note)
        implements MeasurementBuilder.With {
    /// What a meter was put on.
    public enum Measured {
        /// The loop with the device at rest.
        LOOP_AT_REST("loop at rest"),
        /// The loop with the device active.
        LOOP_ACTIVE("loop active"),
        /// The loop with the second zone's device active.
        LOOP_SECOND_ACTIVE("loop, second zone active"),
        /// The loop with the devices of both zones active.
        LOOP_BOTH_ACTIVE("loop, both zones active"),
        /// The loop with the detector masked.
        LOOP_MASKED("loop, masked"),
        /// The loop with the device's cover off.
        LOOP_COVER_OFF("loop, tamper open"),
        /// The cable with its cores bridged at the far end.
        FAR_END_SHORTED("cable, far end bridged"),
        /// The cable with its cores lifted at the far end.
        FAR_END_LIFTED("cable, far end lifted"),
        /// The loop from a joint half way on, away from the panel.
        FROM_MID_JOINT("from the joint half way"),
        /// From the lifted live core to 0 V.
        TO_ZERO_VOLTS("live core to 0 V"),
        /// The loop at rest after a new end-of-line resistor was fitted.
        NEW_RESISTOR("loop, new resistor"),
        /// The end-of-line resistor alone.
        RESISTOR("resistor");

        private final String words;

        Measured(String words) {
            this.words = words;
        }

        /// What was measured, in plain words.
        public String words() {
            return words;
        }
    }

    /// @throws IllegalArgumentException when a part is missing or the reading is out of bounds
    public Measurement {
        Require.given(pointId, "point of a measurement");
        Require.given(at, "time of a measurement at point " + pointId);
        Require.given(what, "what was measured at point " + pointId);
        ohms = ohms == null ? Optional.empty() : ohms;
        ohms.ifPresent(value -> Require.within(value, 0, 1e9, "reading in ohms"));
        note = note == null ? "" : note.strip();
    }
}
