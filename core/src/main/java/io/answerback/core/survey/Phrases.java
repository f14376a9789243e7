package io.answerback.core.survey;

import io.answerback.core.model.profile.ZoneType;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// What people call the things a panel can do with a zone, and how words are compared.
final class Phrases {
    private static final Map<ZoneType, List<String>> TYPES = new LinkedHashMap<>();

    static {
        TYPES.put(ZoneType.ENTRY_EXIT, List.of("entry/exit", "entry exit", "entry", "delayed", "final exit", "timed"));
        TYPES.put(
                ZoneType.ENTRY_ROUTE,
                List.of(
                        "entry route",
                        "route",
                        "follower",
                        "entry follower",
                        "follows entry",
                        "follows the entry",
                        "inhibited on entry",
                        "walk through"));
        TYPES.put(ZoneType.IMMEDIATE, List.of("immediate", "at once", "instant"));
        TYPES.put(ZoneType.ALWAYS, List.of("24-hour", "24 hour", "24h", "24 h", "always"));
        TYPES.put(ZoneType.HOLD_UP, List.of("hold-up", "hold up"));
        TYPES.put(ZoneType.HOLD_UP_SILENT, List.of("silent hold-up", "silent hold up"));
        TYPES.put(ZoneType.TAMPER, List.of("tamper"));
        TYPES.put(ZoneType.TECHNICAL, List.of("technical"));
        TYPES.put(ZoneType.FIRE, List.of("fire"));
        TYPES.put(ZoneType.GAS, List.of("gas"));
        TYPES.put(ZoneType.KEY_SWITCH, List.of("key switch"));
        TYPES.put(ZoneType.KEY_SWITCH_HELD, List.of("held key switch", "held key"));
        TYPES.put(ZoneType.LOG_ONLY, List.of("log only", "log"));
        TYPES.put(ZoneType.NOT_USED, List.of("not used", "off"));
    }

    private static final Set<String> TYPE_WORDS = Set.of(
            "entry",
            "exit",
            "follow",
            "follows",
            "follower",
            "immediate",
            "instant",
            "delay",
            "delayed",
            "timed",
            "inhibited",
            "isolated",
            "omitted",
            "24h",
            "24-hour",
            "tamper",
            "silent",
            "technical");

    private Phrases() {}

    /// A text in lower case with single blanks, and nothing but letters, digits, hyphens and slashes.
    static String plain(String text) {
        return text.toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}/-]+", " ")
                .strip();
    }

    /// The type exactly these words stand for; empty when they stand for none.
    static Optional<ZoneType> type(String words) {
        String wanted = plain(words);
        return TYPES.entrySet().stream()
                .filter(type -> type.getValue().contains(wanted))
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /// Whether words have one among them by which people say what a zone does.
    static boolean soundsLikeType(String words) {
        return Arrays.stream(plain(words).split(" ")).anyMatch(TYPE_WORDS::contains);
    }

    /// The type whose words end a text, with those words; empty when none do.
    static Optional<Map.Entry<ZoneType, String>> typeEnding(String text) {
        String padded = " " + plain(text);
        return TYPES.entrySet().stream()
                .flatMap(type -> type.getValue().stream().map(words -> Map.entry(type.getKey(), words)))
                .filter(type -> padded.endsWith(" " + type.getValue()))
                .max(java.util.Comparator.comparingInt(type -> type.getValue().length()));
    }

    /// The first words there are for every type, in the order of the types above.
    static List<String> types() {
        return TYPES.values().stream().map(List::getFirst).toList();
    }
}
