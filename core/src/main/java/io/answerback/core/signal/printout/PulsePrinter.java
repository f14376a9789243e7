package io.answerback.core.signal.printout;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.receiver.Joins;
import io.answerback.core.model.receiver.PulseShape;
import io.answerback.core.model.receiver.ReceiverAbilities;
import io.answerback.core.signal.format.PulseReport;
import io.answerback.core.signal.printout.Printout.Kind;
import io.answerback.core.signal.printout.Printout.Problem;
import java.util.ArrayList;
import java.util.List;

/// What a receiver prints for pulse rounds that it accepted.
final class PulsePrinter {
    private final ReceiverAbilities receiver;
    private final PulseShape shape;
    private final List<PrintedLine> lines = new ArrayList<>();
    private final List<ReadSignal> signals = new ArrayList<>();
    private final List<Problem> problems = new ArrayList<>();

    PulsePrinter(ReceiverAbilities receiver, PulseShape shape) {
        this.receiver = receiver;
        this.shape = shape;
    }

    /// @param rounds the rounds without their parity digits, one for each pair
    Printout print(List<String> rounds) {
        for (int i = 0; i < rounds.size(); i++) {
            String round = rounds.get(i);
            boolean second = shape.extended() && i + 1 < rounds.size() && repeats(round, rounds.get(i + 1));
            if (second) {
                both(round, rounds.get(i + 1));
                i++;
            } else {
                line(account(round), eventDigit(round), zoneOf(round), false);
            }
        }
        return new Printout(lines, signals, problems);
    }

    /// Whether the second round repeats the event's digit of the first in the places of the account.
    private boolean repeats(String first, String second) {
        return account(second).equals(String.valueOf(eventDigit(first)).repeat(shape.accountDigits()));
    }

    private void both(String first, String second) {
        char event = eventDigit(first);
        if (receiver.joins().joins(event)) {
            String zone = shape.zoneOfTwoDigits() ? second.substring(shape.accountDigits()) : zone(eventDigit(second));
            line(account(first), event, zone, false);
            return;
        }
        line(account(first), event, zoneOf(first), false);
        line(account(second), eventDigit(second), zoneOf(second), true);
        String why = receiver.joins() == Joins.NEVER
                ? "it never joins the two rounds"
                : "it joins the two rounds only when the event is a letter, and " + event + " is none";
        problems.add(new Problem(
                Kind.FALSE_ACCOUNT,
                Text.of("two lines for one event: %s. Account %s is nobody's", why, account(second))));
    }

    private void line(String account, char event, String zone, boolean falseAccount) {
        String word = receiver.word(event).orElse(String.valueOf(event));
        String digit = receiver.word(event).isPresent() ? word + " " + event : word;
        lines.add(new PrintedLine(account, digit, zone.isEmpty() ? "" : "zone " + zone, falseAccount));
        signals.add(new ReadSignal(account, String.valueOf(event), "", "", zone));
        if (receiver.word(event).isEmpty() && !falseAccount) {
            problems.add(new Problem(Kind.NO_WORD, "the receiver has no word for event digit " + event));
        }
    }

    private String account(String round) {
        return round.substring(0, shape.accountDigits());
    }

    private char eventDigit(String round) {
        return round.charAt(shape.accountDigits());
    }

    /// The zone that a round by itself tells; empty for none.
    private String zoneOf(String round) {
        return shape.eventDigits() == 2 ? zone(round.charAt(shape.accountDigits() + 1)) : "";
    }

    private static String zone(char digit) {
        return Text.of("%02d", PulseReport.zoneOf(digit));
    }
}
