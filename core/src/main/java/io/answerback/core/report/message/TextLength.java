package io.answerback.core.report.message;

import java.util.stream.Collectors;

/// How a text is sent as text messages: in the basic alphabet of 7 bits or in UCS-2, and in how many parts
/// (3GPP TS 23.038 and TS 23.040). One letter outside the basic alphabet makes the whole text UCS-2, with less
/// than half the room.
///
/// @param basic whether the basic alphabet holds every letter
/// @param units septets in the basic alphabet, where some letters take two; else units of 16 bits
/// @param parts messages that the network carries and counts; 0 for an empty text
/// @param outside the letters outside the basic alphabet, each once; empty where there are none
public record TextLength(boolean basic, int units, int parts, String outside) {
    private static final String BASIC = "@£$¥èéùìòÇ\nØø\rÅåΔ_ΦΓΛΩΠΨΣΘΞÆæßÉ !\"#¤%&'()*+,-./0123456789:;<=>?¡"
            + "ABCDEFGHIJKLMNOPQRSTUVWXYZÄÖÑÜ§¿abcdefghijklmnopqrstuvwxyzäöñüà";
    private static final String TWO_SEPTETS = "^{}\\[~]|€\f";
    private static final int ONE_BASIC = 160;
    private static final int MORE_BASIC = 153;
    private static final int ONE_WIDE = 70;
    private static final int MORE_WIDE = 67;

    /// How a text is sent.
    public static TextLength of(String text) {
        String outside = text.codePoints()
                .filter(letter -> BASIC.indexOf(letter) < 0 && TWO_SEPTETS.indexOf(letter) < 0)
                .distinct()
                .mapToObj(Character::toString)
                .collect(Collectors.joining());
        if (!outside.isEmpty()) {
            return new TextLength(false, text.length(), parts(text, ONE_WIDE, MORE_WIDE, false), outside);
        }
        int septets = text.chars()
                .map(letter -> TWO_SEPTETS.indexOf(letter) < 0 ? 1 : 2)
                .sum();
        return new TextLength(true, septets, parts(text, ONE_BASIC, MORE_BASIC, true), "");
    }

    /// A letter of two units is never split between two parts.
    private static int parts(String text, int one, int more, boolean basic) {
        int whole = 0;
        int parts = 0;
        int free = 0;
        for (int i = 0; i < text.length(); ) {
            int letter = text.codePointAt(i);
            int wide = basic ? (TWO_SEPTETS.indexOf(letter) < 0 ? 1 : 2) : Character.charCount(letter);
            whole += wide;
            if (wide > free) {
                parts++;
                free = more;
            }
            free -= wide;
            i += Character.charCount(letter);
        }
        return whole == 0 ? 0 : whole <= one ? 1 : parts;
    }
}
