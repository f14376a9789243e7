package io.answerback.core.work.servicing;

import io.answerback.core.model.common.Require;
import java.time.LocalDate;

/// A day on which something about the site falls due.
///
/// @param kind what sort of thing
/// @param date the day
/// @param what what falls due, such as "battery of Panel"
/// @param why where the day comes from
public record DueDate(Kind kind, LocalDate date, String what, String why) {
    /// What sort of thing falls due, in the order in which it is drawn.
    public enum Kind {
        /// Somebody has to come back.
        VISIT("Next visits"),
        /// A battery of a supply is to be replaced.
        PANEL_BATTERY("Panel batteries"),
        /// A battery inside a device is to be replaced.
        DEVICE_BATTERY("Device batteries"),
        /// The SIM or its plan ends.
        SIM("SIM"),
        /// Something that drifts will cross its bound.
        DRIFT("What drifts");

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        /// Its title.
        public String title() {
            return title;
        }
    }

    /// @throws IllegalArgumentException when a part is missing
    public DueDate {
        Require.given(kind, "sort of a due date");
        Require.given(date, "day of a due date");
        what = Require.text(what, "what falls due");
    }
}
