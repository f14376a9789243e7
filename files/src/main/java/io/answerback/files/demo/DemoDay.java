package io.answerback.files.demo;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/// The day a demo is opened: everything in it happened as long before that day as it was written before its own.
///
/// @param later by how many days it is opened later than it was written for
record DemoDay(long later) {
    private static final LocalDate WRITTEN_FOR = LocalDate.of(2026, 6, 2);

    /// The day it was written for.
    static final DemoDay AS_WRITTEN = new DemoDay(0);

    /// A day on which it is opened.
    static DemoDay on(LocalDate today) {
        return new DemoDay(ChronoUnit.DAYS.between(WRITTEN_FOR, today));
    }

    Instant instant(String written) {
        return Instant.parse(written).plus(later, ChronoUnit.DAYS);
    }

    LocalDate date(String written) {
        return LocalDate.parse(written).plusDays(later);
    }
}
