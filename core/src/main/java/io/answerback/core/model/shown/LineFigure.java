package io.answerback.core.model.shown;

import java.util.Locale;

/// What can be measured when a line of the acceptance plan is shown.
public enum LineFigure {
    /// How long it took, in seconds.
    SECONDS("s", 3600),
    /// How loud it was, in dB(A).
    DECIBELS("dB(A)", 150),
    /// From how far off it was measured, in metres.
    METRES("m", 200),
    /// The voltage of the battery under load, in volts.
    VOLTS("V", 60);

    private final String unit;
    private final double most;

    LineFigure(String unit, double most) {
        this.unit = unit;
        this.most = most;
    }

    /// Its unit, such as "dB(A)".
    public String unit() {
        return unit;
    }

    /// The largest figure anybody can have measured, in its unit.
    public double most() {
        return most;
    }

    /// A figure with its unit, such as "104 dB(A)"; seconds and volts with the decimals that are worth reading.
    public String words(double figure) {
        String digits = figure == Math.rint(figure)
                ? String.format(Locale.ROOT, "%.0f", figure)
                : String.format(Locale.ROOT, this == VOLTS ? "%.2f" : "%.1f", figure);
        return digits + " " + unit;
    }
}
