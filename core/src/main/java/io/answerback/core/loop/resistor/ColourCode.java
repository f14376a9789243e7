package io.answerback.core.loop.resistor;

import io.answerback.core.model.common.Text;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/// The colour code of resistors, IEC 60062: four bands are two digits, multiplier and tolerance; five are three
/// digits, multiplier and tolerance; six have the temperature coefficient after that.
public final class ColourCode {
    private static final int LEAST_BANDS = 4;
    private static final int MOST_BANDS = 6;
    private static final double SAME = 1e-9;
    private static final double CLOSE_PERCENT = 2;

    private ColourCode() {}

    /// What a row of bands can mean, read from either end. Of two readings that are both possible, those whose
    /// value is made (E24 or E96) come first; where that does not settle it both are given, and only a meter
    /// tells.
    ///
    /// @param bands four to six colours as they lie, from the left
    /// @throws IllegalArgumentException when there are fewer or more
    public static Readings read(List<BandColour> bands) {
        if (bands.size() < LEAST_BANDS || bands.size() > MOST_BANDS) {
            throw new IllegalArgumentException(Text.of(
                    "a resistor has 4 to 6 bands, not %d: leave out what is dirt, add what is worn off", bands.size()));
        }
        List<BandColour> turned = new ArrayList<>(bands);
        Collections.reverse(turned);
        Optional<MarkedResistor> fromLeft = oneWay(bands);
        Optional<MarkedResistor> fromRight = oneWay(turned).filter(other -> !fromLeft.equals(Optional.of(other)));
        boolean leftMade = fromLeft.filter(ColourCode::made).isPresent();
        boolean rightMade = fromRight.filter(ColourCode::made).isPresent();
        if (leftMade && !rightMade) {
            return new Readings(fromLeft, Optional.empty());
        }
        if (rightMade && !leftMade) {
            return new Readings(fromRight, Optional.empty());
        }
        return fromLeft.isPresent() ? new Readings(fromLeft, fromRight) : new Readings(fromRight, Optional.empty());
    }

    /// What bands can mean.
    ///
    /// @param likely the likelier reading; empty when the bands mean nothing from either end
    /// @param other the reading from the other end where that is as likely; empty when it is not
    public record Readings(Optional<MarkedResistor> likely, Optional<MarkedResistor> other) {
        /// Whether only a meter can tell which end is the first.
        public boolean ambiguous() {
            return other.isPresent();
        }
    }

    private static boolean made(MarkedResistor resistor) {
        return PreferredValues.E24.holds(resistor.ohms()) || PreferredValues.E96.holds(resistor.ohms());
    }

    private static Optional<MarkedResistor> oneWay(List<BandColour> bands) {
        int digits = bands.size() == LEAST_BANDS ? 2 : 3;
        int number = 0;
        for (BandColour band : bands.subList(0, digits)) {
            if (band.digit().isEmpty()) {
                return Optional.empty();
            }
            number = 10 * number + band.digit().getAsInt();
        }
        BandColour multiplier = bands.get(digits);
        OptionalDouble tolerance = bands.get(digits + 1).tolerancePercent();
        OptionalInt coefficient = bands.size() == MOST_BANDS ? bands.getLast().partsPerMillion() : OptionalInt.empty();
        boolean readable = bands.getFirst() != BandColour.BLACK
                && tolerance.isPresent()
                && (bands.size() < MOST_BANDS || coefficient.isPresent());
        return readable
                ? Optional.of(new MarkedResistor(
                        number * Math.pow(10, multiplier.powerOfTen()), tolerance.getAsDouble(), coefficient))
                : Optional.empty();
    }

    /// The bands of a value as it is usually made: five where it is within 2 % or needs three digits, else four.
    ///
    /// @param ohms in ohms, above 0
    /// @param tolerancePercent in percent
    /// @return the colours from the first digit on; empty when no row of bands says this value or tolerance
    public static List<BandColour> bands(double ohms, double tolerancePercent) {
        List<BandColour> four = fourBands(ohms, tolerancePercent);
        return tolerancePercent <= CLOSE_PERCENT || four.isEmpty() ? bands(ohms, tolerancePercent, 3) : four;
    }

    /// The same value as four bands, two digits of it.
    ///
    /// @return empty when two digits do not say it
    public static List<BandColour> fourBands(double ohms, double tolerancePercent) {
        return bands(ohms, tolerancePercent, 2);
    }

    private static List<BandColour> bands(double ohms, double tolerancePercent, int digits) {
        Optional<BandColour> tolerance = BandColour.ofTolerance(tolerancePercent);
        if (!(ohms > 0) || tolerance.isEmpty()) {
            return List.of();
        }
        int power = (int) Math.floor(Math.log10(ohms) + SAME) - digits + 1;
        long number = Math.round(ohms / Math.pow(10, power));
        boolean exact = Math.abs(number * Math.pow(10, power) - ohms) <= SAME * ohms;
        if (!exact || power < BandColour.PINK.powerOfTen() || power > BandColour.WHITE.powerOfTen()) {
            return List.of();
        }
        List<BandColour> bands = new ArrayList<>();
        for (char digit : Long.toString(number).toCharArray()) {
            bands.add(BandColour.ofDigit(digit - '0'));
        }
        bands.add(multiplier(power));
        bands.add(tolerance.get());
        return bands.size() == digits + 2 ? List.copyOf(bands) : List.of();
    }

    private static BandColour multiplier(int power) {
        for (BandColour colour : BandColour.values()) {
            if (colour.powerOfTen() == power) {
                return colour;
            }
        }
        throw new IllegalArgumentException("no colour multiplies by ten to the " + power);
    }
}
