package io.answerback.core.work.servicing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.work.servicing.Trend.Read;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// What changes from visit to visit, and when it crosses its bound.
class TrendTest {
    private static Read read(String day, double value) {
        return new Read(Instant.parse(day + "T10:00:00Z"), value);
    }

    @Test
    void aStraightLineSaysWhenTheBoundIsCrossed() {
        Trend trend = Trend.of(
                        "07, loop at rest",
                        "Ω",
                        List.of(read("2025-06-01", 2700), read("2026-06-01", 2800)),
                        Optional.of(1500.0),
                        Optional.of(3000.0),
                        54)
                .orElseThrow();
        assertThat(trend.perYear()).isCloseTo(100, within(0.1));
        assertThat(trend.bound()).contains(3000.0);
        assertThat(trend.crosses().orElseThrow()).isBetween(LocalDate.of(2028, 5, 30), LocalDate.of(2028, 6, 3));
        assertThat(trend.words()).startsWith("2700 Ω, then 2800 Ω: +100.1 Ω a year; crosses 3000 Ω about 2028-0");
    }

    @Test
    void severalReadingsAreFittedWithLeastSquares() {
        // values 0, 1, 5 at 0, 1, 2 years: slope 2.5
        Trend trend = Trend.of(
                        "x",
                        "V",
                        List.of(read("2024-01-01", 10), read("2024-12-31", 11), read("2025-12-31", 15)),
                        Optional.empty(),
                        Optional.empty(),
                        0.1)
                .orElseThrow();
        assertThat(trend.perYear()).isCloseTo(2.5, within(0.01));
        assertThat(trend.crosses()).isEmpty();
    }

    @Test
    void noiseShortTimesAndFarCrossingsSayNothing() {
        assertThat(Trend.of("x", "Ω", List.of(read("2025-06-01", 2700)), Optional.empty(), Optional.empty(), 5))
                .isEmpty();
        assertThat(Trend.of(
                        "x",
                        "Ω",
                        List.of(read("2025-06-01", 2700), read("2026-06-01", 2704)),
                        Optional.empty(),
                        Optional.empty(),
                        5))
                .isEmpty();
        assertThat(Trend.of(
                        "x",
                        "Ω",
                        List.of(read("2025-06-01", 2700), read("2025-06-20", 2900)),
                        Optional.empty(),
                        Optional.empty(),
                        5))
                .isEmpty();
        assertThat(Trend.of(
                                "x",
                                "Ω",
                                List.of(read("2025-06-01", 2700), read("2026-06-01", 2710)),
                                Optional.empty(),
                                Optional.of(9000.0),
                                5)
                        .orElseThrow()
                        .crosses())
                .isEmpty();
    }
}
