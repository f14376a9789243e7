package io.answerback.core.prove.acceptance;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.shown.LineFigure;
import io.answerback.core.model.shown.Measured;
import io.answerback.core.model.shown.Showing;
import java.util.List;
import java.util.Optional;

/// A figure that is measured when a line is shown.
///
/// @param of what is measured
/// @param most the most it may be, in its unit; empty where nothing says so
/// @param needed whether the line is not shown without it
public record Wanted(LineFigure of, Optional<Double> most, boolean needed) {
    private static final double DECIBELS_A_DECADE = 20;

    /// A figure without which the line is not shown.
    static Wanted needed(LineFigure of) {
        return new Wanted(of, Optional.empty(), true);
    }

    /// A figure that must not be above this.
    static Wanted atMost(LineFigure of, double most) {
        return new Wanted(of, Optional.of(most), true);
    }

    /// A figure worth writing down.
    static Wanted optional(LineFigure of) {
        return new Wanted(of, Optional.empty(), false);
    }

    /// What is wrong with what was measured, in words; empty where nothing is. Nothing is measured in the model.
    Optional<String> problems(Showing showing) {
        if (showing.way() == Showing.Way.MODEL) {
            return Optional.empty();
        }
        Optional<Double> figure = figure(showing.measured(), of);
        if (figure.isEmpty()) {
            return needed ? Optional.of(Text.of("no %s written down", of.unit())) : Optional.empty();
        }
        return most.filter(bound -> figure.get() > bound)
                .map(bound -> Text.of("%s, at most %s", of.words(figure.get()), of.words(bound)));
    }

    /// The figure that was measured of this; empty where none was.
    public static Optional<Double> figure(List<Measured> measured, LineFigure of) {
        return measured.stream()
                .filter(its -> its.of() == of)
                .map(Measured::figure)
                .findFirst();
    }

    /// How loud it would be a metre off, in dB(A), to be held against the data sheet: the level falls by 6 dB each
    /// time the distance doubles (a point source in the open). Walls make it louder, so that it proves nothing.
    /// Empty where level or distance was not measured.
    public static Optional<Double> decibelsAtOneMetre(List<Measured> measured) {
        return figure(measured, LineFigure.DECIBELS)
                .flatMap(level -> figure(measured, LineFigure.METRES)
                        .map(metres -> level + DECIBELS_A_DECADE * Math.log10(metres)));
    }
}
