package io.answerback.core.loop.resistor;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/// A colour of the resistor code (IEC 60062), with what it stands for in each place. A colour that cannot stand
/// in a place has no value there.
public enum BandColour {
    /// Multiplier only.
    PINK(-1, -3, 0, 0),
    /// Multiplier and tolerance only.
    SILVER(-1, -2, 10, 0),
    /// Multiplier and tolerance only.
    GOLD(-1, -1, 5, 0),
    /// 0.
    BLACK(0, 0, 0, 250),
    /// 1.
    BROWN(1, 1, 1, 100),
    /// 2.
    RED(2, 2, 2, 50),
    /// 3.
    ORANGE(3, 3, 0.05, 15),
    /// 4.
    YELLOW(4, 4, 0.02, 25),
    /// 5.
    GREEN(5, 5, 0.5, 20),
    /// 6.
    BLUE(6, 6, 0.25, 10),
    /// 7.
    VIOLET(7, 7, 0.1, 5),
    /// 8.
    GREY(8, 8, 0.01, 1),
    /// 9.
    WHITE(9, 9, 0, 0);

    private final int digit;
    private final int powerOfTen;
    private final double tolerancePercent;
    private final int partsPerMillion;

    BandColour(int digit, int powerOfTen, double tolerancePercent, int partsPerMillion) {
        this.digit = digit;
        this.powerOfTen = powerOfTen;
        this.tolerancePercent = tolerancePercent;
        this.partsPerMillion = partsPerMillion;
    }

    /// The digit it stands for; empty for the metals and pink.
    public OptionalInt digit() {
        return digit < 0 ? OptionalInt.empty() : OptionalInt.of(digit);
    }

    /// The power of ten it multiplies by.
    public int powerOfTen() {
        return powerOfTen;
    }

    /// The tolerance it stands for, in percent either way; empty where it stands for none.
    public OptionalDouble tolerancePercent() {
        return tolerancePercent == 0 ? OptionalDouble.empty() : OptionalDouble.of(tolerancePercent);
    }

    /// The temperature coefficient it stands for, in parts per million and kelvin; empty where it stands for
    /// none.
    public OptionalInt partsPerMillion() {
        return partsPerMillion == 0 ? OptionalInt.empty() : OptionalInt.of(partsPerMillion);
    }

    /// The colour of a digit, 0 to 9.
    static BandColour ofDigit(int wanted) {
        return values()[BLACK.ordinal() + wanted];
    }

    /// The colour of a tolerance in percent; empty when none stands for it.
    static Optional<BandColour> ofTolerance(double percent) {
        for (BandColour colour : values()) {
            if (colour.tolerancePercent == percent && percent > 0) {
                return Optional.of(colour);
            }
        }
        return Optional.empty();
    }

    /// The colour's name in lower case.
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
