package io.answerback.files;

import io.answerback.core.model.receiver.Joins;
import io.answerback.core.model.receiver.ReceiverAbilities;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.signal.format.PulseTiming;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Rows of the tables of receivers and of the timing of pulses.
final class ReceiverRow {
    private ReceiverRow() {}

    /// @throws IllegalArgumentException when a cell is not what its column takes, naming both
    static ReceiverAbilities abilities(UnaryOperator<String> row) {
        return new ReceiverAbilities(
                row.apply("model"),
                words(row, "formats").map(ReceiverRow::format).toList(),
                number(row, "handshake_hz").intValue(),
                number(row, "acknowledge_hz").intValue(),
                joins(row.apply("joins")),
                digits(row),
                keys(row),
                row.apply("source"));
    }

    /// @throws IllegalArgumentException when a cell is not what its column takes, naming both
    static PulseTiming timing(UnaryOperator<String> row) {
        return new PulseTiming(
                number(row, "pulses_per_second").intValue(),
                number(row, "on_ms"),
                number(row, "off_ms"),
                number(row, "digit_gap_ms"),
                number(row, "round_gap_ms"),
                number(row, "data_hz").intValue(),
                number(row, "acknowledge_ms"),
                row.apply("source"));
    }

    private static Stream<String> words(UnaryOperator<String> row, String column) {
        return Arrays.stream(row.apply(column).split(" ")).filter(word -> !word.isBlank());
    }

    private static Double number(UnaryOperator<String> row, String column) {
        try {
            return Double.valueOf(row.apply(column));
        } catch (NumberFormatException none) {
            throw new IllegalArgumentException(
                    "column %s has \"%s\"; it must be a number".formatted(column, row.apply(column)));
        }
    }

    private static ReportFormat format(String id) {
        return ReportFormat.byId(id)
                .orElseThrow(() -> new IllegalArgumentException(
                        "format is \"%s\"; there are %s".formatted(id, ReportFormat.ids())));
    }

    private static Joins joins(String name) {
        return Arrays.stream(Joins.values())
                .filter(joins -> joins.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "column joins has \"%s\"; it must be NEVER, LETTERS or ALWAYS".formatted(name)));
    }

    /// Pairs such as `3=ALARM`, with blanks between.
    private static Map<String, String> digits(UnaryOperator<String> row) {
        return words(row, "words")
                .map(pair -> pair.split("=", 2))
                .collect(Collectors.toMap(pair -> pair[0], pair -> pair.length == 2 ? pair[1] : ""));
    }

    private static List<Integer> keys(UnaryOperator<String> row) {
        return words(row, "key_bits")
                .map(bits -> {
                    try {
                        return Integer.valueOf(bits);
                    } catch (NumberFormatException none) {
                        throw new IllegalArgumentException(
                                "column key_bits has \"%s\"; it takes numbers".formatted(bits));
                    }
                })
                .toList();
    }
}
