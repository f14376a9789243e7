package io.answerback.core.model.common;

import java.math.BigDecimal;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Reads figures as engineers write them: "2k2", "4.7k", "470", "470R", "62 m", "62,5 metres", and lengths in feet
/// ("40 ft", to a tenth of a metre).
public final class FigureReader {
    private static final Pattern LETTERED = Pattern.compile("(\\d+)([RkKM])(\\d+)");
    private static final Pattern PLAIN =
            Pattern.compile("(-?\\d+(?:[.,]\\d+)?)\\s*([kKM]?)\\s*(?:R|Ω|ohm|ohms|metres?|meters?|m|%|°C|C)?");
    private static final Pattern FEET = Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*(?:ft|feet|foot)\\.?");
    private static final double METRES_A_FOOT = 0.3048;

    private FigureReader() {}

    /// The number a text stands for, in the base unit (ohms, metres, percent, °C); a refusal shows what can be
    /// written.
    ///
    /// @param what what is being asked for, with its unit, for the message
    public static Typed<Double> read(String text, String what) {
        return Typed.of(() -> number(text, what));
    }

    private static double number(String text, String what) {
        String given = Require.text(text, what).replace('−', '-');
        Matcher lettered = LETTERED.matcher(given);
        if (lettered.matches()) {
            return times(lettered.group(1) + "." + lettered.group(3), lettered.group(2));
        }
        Matcher feet = FEET.matcher(given);
        if (feet.matches() && what.contains("metres")) {
            return Math.round(times(feet.group(1).replace(',', '.'), "") * METRES_A_FOOT * 10) / 10.0;
        }
        Matcher plain = PLAIN.matcher(given);
        if (plain.matches()) {
            return times(plain.group(1).replace(',', '.'), plain.group(2));
        }
        throw new IllegalArgumentException(
                Text.of("%s is \"%s\"; write a number, such as 62, 4.7k or 2k2", what, given));
    }

    private static double times(String decimal, String letter) {
        int powerOfTen = switch (letter) {
            case "k", "K" -> 3;
            case "M" -> 6;
            default -> 0;
        };
        return new BigDecimal(decimal).scaleByPowerOfTen(powerOfTen).doubleValue();
    }
}
