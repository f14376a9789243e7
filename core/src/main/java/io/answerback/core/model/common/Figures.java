package io.answerback.core.model.common;

import java.util.Locale;

/// Figures as an engineer says them.
public final class Figures {
    private static final char THIN_SPACE = '\u2009';

    private Figures() {}

    /// Ohms to the ohm with a thin space between thousands, such as "2 223 Ω"; "open" when no current flows.
    public static String ohms(double ohms) {
        if (Double.isInfinite(ohms)) {
            return "open";
        }
        if (ohms < 10 && ohms != Math.rint(ohms)) {
            return String.format(Locale.ROOT, "%.1f Ω", ohms);
        }
        return String.format(Locale.ROOT, "%,d Ω", Math.round(ohms)).replace(',', THIN_SPACE);
    }

    /// A difference in ohms with its sign, such as "+45 Ω" or "−310 Ω".
    public static String signedOhms(double ohms) {
        return (ohms < 0 ? "−" : "+") + ohms(Math.abs(ohms));
    }

    /// A resistor's value as it is said and printed (IEC 60062 letter code): 470R, 2k2, 4k7, 1M.
    public static String resistor(double ohms) {
        if (ohms >= 1e6) {
            return lettered(ohms / 1e6, 'M');
        }
        return ohms >= 1000 ? lettered(ohms / 1000, 'k') : lettered(ohms, 'R');
    }

    private static String lettered(double value, char letter) {
        String plain = String.format(Locale.ROOT, "%.3f", value).replaceAll("0+$", "");
        int point = plain.indexOf('.');
        return plain.substring(0, point) + letter + plain.substring(point + 1);
    }

    /// Volts to the hundredth, such as "1.60 V".
    public static String volts(double volts) {
        return String.format(Locale.ROOT, "%.2f V", volts);
    }

    /// A share as whole percent, such as "27 %"; rounded down, so that a margin never looks larger than it is.
    public static String percent(double share) {
        return (int) Math.floor(share * 100 + 1e-9) + " %";
    }

    /// Metres rounded down, so that a limit never looks longer than it is, such as "62 m" or "3.5 m";
    /// kilometres from 1000 m.
    public static String metres(double metres) {
        if (metres >= 1000) {
            return String.format(Locale.ROOT, "%.1f km", Math.floor(metres / 100) / 10);
        }
        return plain(metres >= 10 ? Math.floor(metres) : Math.floor(metres * 10) / 10) + " m";
    }

    /// A greatest length as it is said: metres, or that there is none below the longest that was tried.
    ///
    /// @param tried the longest that was tried, in metres
    public static String longest(double metres, double tried) {
        return metres >= tried ? "no limit below " + metres(tried) : metres(metres);
    }

    /// A number without a needless decimal point.
    public static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? Long.toString((long) value)
                : Double.toString(value);
    }

    /// A signal in decibels over one milliwatt, such as "−74 dBm".
    public static String decibelMilliwatts(double signal) {
        return Text.of("%s%.0f dBm", signal < 0 ? "\u2212" : "", Math.abs(signal));
    }
}
