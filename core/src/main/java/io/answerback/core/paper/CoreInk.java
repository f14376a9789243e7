package io.answerback.core.paper;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/// The colours of cores as ink.
final class CoreInk {
    private static final Map<String, String> INKS = Map.ofEntries(
            Map.entry("red", "C7332B"),
            Map.entry("black", "16181C"),
            Map.entry("yellow", "D9B400"),
            Map.entry("green", "2F8F4E"),
            Map.entry("blue", "2B63B8"),
            Map.entry("white", "FFFFFF"),
            Map.entry("brown", "7A4A26"),
            Map.entry("orange", "E07C20"),
            Map.entry("violet", "7B45A0"),
            Map.entry("grey", "8C939B"),
            Map.entry("pink", "E29AB0"),
            Map.entry("turquoise", "3AA6A6"));

    private CoreInk() {}

    /// Six hexadecimal digits for a colour by its first word, such as "white" for "white 2"; empty for one that
    /// is not known.
    static Optional<String> of(String colour) {
        return Optional.ofNullable(
                INKS.get(colour.strip().toLowerCase(Locale.ROOT).split("[^a-z]", -1)[0]));
    }
}
