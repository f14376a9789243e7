package io.answerback.desktop.loop;

import io.answerback.core.loop.LoopFigure;
import io.answerback.core.model.common.Figures;
import java.util.Optional;

/// Where figures lie on the slider: by difference, and faults by ratio. It reaches a little past the point
/// where the loop gives.
record SlideScale(LoopFigure figure, double left, double right) {
    /// How far past the point where it gives the slider goes.
    private static final double BEYOND = 1.3;

    static SlideScale of(LoopFigure figure, double planned, Optional<Double> gives) {
        double end = gives.map(value -> value * BEYOND).orElse(2 * planned);
        return switch (figure) {
            case CABLE_LENGTH ->
                new SlideScale(figure, 0, Math.clamp(Math.max(end, planned * BEYOND), 10, figure.most()));
            case TOLERANCE, HOTTEST -> new SlideScale(figure, figure.least(), figure.most());
            case LEAK -> new SlideScale(figure, figure.most(), figure.least());
            case JOINT -> new SlideScale(figure, figure.least(), figure.most());
        };
    }

    double share(double value) {
        double share =
                figure.fault() ? Math.log(value / left) / Math.log(right / left) : (value - left) / (right - left);
        return Math.clamp(share, 0, 1);
    }

    double value(double share) {
        double value = figure.fault() ? left * Math.pow(right / left, share) : left + (right - left) * share;
        double rounded = figure == LoopFigure.TOLERANCE ? Math.round(value * 10) / 10.0 : Math.rint(value);
        return Math.clamp(rounded, figure.least(), figure.most());
    }

    String words(double value) {
        return switch (figure) {
            case CABLE_LENGTH -> Figures.metres(value);
            case TOLERANCE -> "±" + Figures.plain(Math.floor(value * 10) / 10) + " %";
            case HOTTEST -> Figures.plain(Math.floor(value)) + " °C";
            case LEAK, JOINT -> Figures.ohms(Math.rint(value));
        };
    }
}
