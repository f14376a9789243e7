package io.answerback.core.report.control;

import io.answerback.core.model.unit.TextCommand;
import io.answerback.core.model.unit.TextControl;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/// A text message read by the patterns of a communicator: small and capital letters are alike, and more blanks
/// count as one.
///
/// @param command what is commanded
/// @param password the password that was typed
/// @param number the number it is about; empty where the pattern has none
/// @param other the new password; empty where the pattern has none
record WrittenCommand(TextCommand command, String password, String number, String other) {
    private static final Map<String, String> PLACES = Map.of(
            "{password}", "(?<password>[A-Za-z0-9]+)",
            "{number}", "(?<number>\\+?[0-9][0-9 ()/-]*)",
            "{new}", "(?<other>\\S+)");

    /// The command in a text; empty for one that fits no pattern. Of two patterns that fit, the longer is meant.
    static Optional<WrittenCommand> read(TextControl control, String text) {
        String bare = text.strip().replaceAll("\\s+", " ");
        return control.patterns().entrySet().stream()
                .sorted(Comparator.comparing(entry -> -entry.getValue().length()))
                .flatMap(entry -> read(entry.getKey(), entry.getValue(), bare).stream())
                .findFirst();
    }

    private static Optional<WrittenCommand> read(TextCommand command, String pattern, String text) {
        Matcher matcher = regex(pattern).matcher(text);
        return matcher.matches()
                ? Optional.of(new WrittenCommand(
                        command,
                        group(matcher, "password"),
                        group(matcher, "number").replaceAll("[ ()/-]", ""),
                        group(matcher, "other")))
                : Optional.empty();
    }

    private static String group(Matcher matcher, String name) {
        return matcher.namedGroups().containsKey(name) ? matcher.group(name) : "";
    }

    private static Pattern regex(String pattern) {
        StringBuilder regex = new StringBuilder();
        String rest = pattern.strip().replaceAll("\\s+", " ");
        while (!rest.isEmpty()) {
            String left = rest;
            Optional<String> place = Stream.of("{password}", "{number}", "{new}")
                    .filter(left::startsWith)
                    .findFirst();
            regex.append(place.map(PLACES::get).orElseGet(() -> Pattern.quote(left.substring(0, 1))));
            rest = rest.substring(place.map(String::length).orElse(1));
        }
        return Pattern.compile(regex.toString(), Pattern.CASE_INSENSITIVE);
    }
}
