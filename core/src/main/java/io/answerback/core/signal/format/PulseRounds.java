package io.answerback.core.signal.format;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.receiver.PulseShape;
import io.answerback.core.model.receiver.ReportFormat;
import java.util.ArrayList;
import java.util.List;

/// What a receiver accepts of the rounds of a pulse format: two that are equal, or one whose parity is right.
public final class PulseRounds {
    private PulseRounds() {}

    /// The rounds that were accepted, one for each pair, without their parity digits.
    ///
    /// @param text rounds of digits with blanks between
    /// @throws BadFrame when a round has another count of digits or a digit is none, two rounds differ, or a
    ///     parity digit is wrong; the message says which round
    public static List<String> accepted(String text, ReportFormat format) throws BadFrame {
        PulseShape shape = format.shape().orElseThrow(() -> new BadFrame(format.id() + " is no pulse format"));
        List<String> rounds = split(text);
        for (int i = 0; i < rounds.size(); i++) {
            checkRound(rounds.get(i), i + 1, shape);
        }
        return shape.parity() ? byParity(rounds) : byPairs(rounds);
    }

    private static List<String> split(String text) throws BadFrame {
        List<String> rounds = List.of(text.strip().split("\\s+"));
        if (rounds.getFirst().isEmpty()) {
            throw new BadFrame("there is no round of digits");
        }
        return rounds;
    }

    private static void checkRound(String round, int number, PulseShape shape) throws BadFrame {
        if (!round.matches("[0-9B-F]*")) {
            throw new BadFrame(Text.of(
                    "round %d is \"%s\"; digits are 0-9 and B-F", number, IpFrames.printable(shortened(round))));
        }
        if (round.length() != shape.roundDigits()) {
            throw new BadFrame(
                    Text.of("round %d has %d digits; the format has %d", number, round.length(), shape.roundDigits()));
        }
    }

    private static String shortened(String round) {
        return round.length() > 40 ? round.substring(0, 40) + "…" : round;
    }

    private static List<String> byParity(List<String> rounds) throws BadFrame {
        List<String> accepted = new ArrayList<>();
        for (int i = 0; i < rounds.size(); i++) {
            String digits = rounds.get(i).substring(0, rounds.get(i).length() - 1);
            char said = rounds.get(i).charAt(digits.length());
            char right = ContactId.checkDigit(digits);
            if (said != right) {
                throw new BadFrame(
                        Text.of("parity digit of round %d is %c; the other digits need %c", i + 1, said, right));
            }
            accepted.add(digits);
        }
        return List.copyOf(accepted);
    }

    private static List<String> byPairs(List<String> rounds) throws BadFrame {
        List<String> accepted = new ArrayList<>();
        for (int i = 0; i < rounds.size(); i += 2) {
            if (i + 1 == rounds.size()) {
                throw new BadFrame(Text.of("round %d came only once; a receiver waits for two equal ones", i + 1));
            }
            if (!rounds.get(i).equals(rounds.get(i + 1))) {
                throw new BadFrame(Text.of(
                        "rounds %d and %d differ: %s and %s; a receiver waits for two equal ones",
                        i + 1, i + 2, rounds.get(i), rounds.get(i + 1)));
            }
            accepted.add(rounds.get(i));
        }
        return List.copyOf(accepted);
    }
}
