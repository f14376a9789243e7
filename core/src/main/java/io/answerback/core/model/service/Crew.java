package io.answerback.core.model.service;

import io.answerback.core.model.common.Require;
import java.time.LocalDate;
import java.util.Optional;

/// Who works on a job, and until when.
///
/// @param people how many work side by side, 1 to 50
/// @param hoursADay how many hours a day they work on site, 1 to 16
/// @param handOverOn the day it is to be handed over; empty while nobody said
public record Crew(int people, double hoursADay, Optional<LocalDate> handOverOn) {
    /// One person, seven hours on site a day.
    public static final Crew USUAL = new Crew(1, 7, Optional.empty());

    /// @throws IllegalArgumentException when a figure is out of bounds
    public Crew {
        Require.within(people, 1, 50, "people who work side by side");
        Require.within(hoursADay, 1, 16, "hours a day on site");
        handOverOn = handOverOn == null ? Optional.empty() : handOverOn;
    }
}
