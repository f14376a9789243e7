package io.answerback.desktop.power;

import io.answerback.core.supply.StandbyForecast;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Slide;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import java.util.Optional;
import java.util.function.DoubleFunction;

/// Four sliders that ask "what if" of a battery, while the job stays as it is.
final class WhatIfSliders {
    private static final double MOST_AMP_HOURS = 65;
    private static final double MOST_YEARS = 8;
    private static final double WIDTH = 140;

    private final Runnable changed;
    private Optional<StandbyForecast> job = Optional.empty();
    private Optional<StandbyForecast> asked = Optional.empty();

    WhatIfSliders(Runnable changed) {
        this.changed = changed;
    }

    /// What is asked of the battery of the job; as the job is, unless somebody moved a slider since it became so.
    StandbyForecast asked(StandbyForecast now) {
        if (!job.equals(Optional.of(now))) {
            job = Optional.of(now);
            asked = Optional.empty();
        }
        return asked.orElse(now);
    }

    Part part(StandbyForecast now) {
        StandbyForecast shown = asked(now);
        double most = Math.max(1, 3 * now.draw().standbyAmps());
        return Group.flow(
                        slider(
                                "Battery",
                                1,
                                MOST_AMP_HOURS,
                                shown.ratedAmpHours(),
                                "%.3g Ah"::formatted,
                                shown::withRated),
                        slider("Age", 0, MOST_YEARS, shown.years(), "%.1f years"::formatted, shown::withYears),
                        slider("Coldest", -30, 25, shown.celsius(), "%.0f °C"::formatted, shown::withCelsius),
                        slider(
                                "Quiescent load",
                                0.01,
                                most,
                                shown.draw().standbyAmps(),
                                amps -> "%.0f mA".formatted(amps * 1000),
                                shown::withStandby),
                        Tool.of("As it is", "shows the job again", () -> ask(Optional.empty())))
                .style("what-if");
    }

    private void ask(Optional<StandbyForecast> other) {
        asked = other;
        changed.run();
    }

    private Part slider(
            String name,
            double least,
            double most,
            double value,
            DoubleFunction<String> words,
            DoubleFunction<StandbyForecast> moved) {
        Slide slide = new Slide(
                "What if: " + name,
                least,
                most,
                value,
                WIDTH,
                Optional.empty(),
                to -> ask(Optional.of(moved.apply(to))),
                () -> ask(Optional.empty()));
        return Group.column(
                        Group.row(Words.quiet(name), Words.figure(words.apply(value)))
                                .style("what-if-head"),
                        slide.styled("what-if-slider"))
                .keyed(name);
    }
}
