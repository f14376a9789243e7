package io.answerback.core.signal.format;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.receiver.PulseShape;
import io.answerback.core.signal.format.FramePart.Kind;
import java.util.ArrayList;
import java.util.List;

/// The rounds of a pulse report as runs of digits, each with what it means. A round that is sent twice stands
/// twice.
public final class PulseParts {
    private PulseParts() {}

    /// The runs of a report.
    ///
    /// @param what what the event is, in plain words
    public static List<FramePart> of(PulseReport report, String what) {
        PulseShape shape = report.format().shape().orElseThrow();
        List<FramePart> parts = new ArrayList<>();
        for (int i = 0; i < report.rounds().size(); i++) {
            boolean second = shape.extended() && i >= shape.timesSent();
            round(report.rounds().get(i), shape, second, what, parts);
        }
        return List.copyOf(parts);
    }

    private static void round(String round, PulseShape shape, boolean second, String what, List<FramePart> parts) {
        String account = round.substring(0, shape.accountDigits());
        String event = round.substring(shape.accountDigits(), shape.accountDigits() + 1);
        if (second && shape.zoneOfTwoDigits()) {
            parts.add(again(account));
            String zone = round.substring(shape.accountDigits());
            parts.add(new FramePart(Kind.EVENT, zone, "zone", Text.of("Zone %s; 0 is ten pulses.", zone)));
            return;
        }
        if (second) {
            parts.add(again(account));
            parts.add(new FramePart(Kind.EVENT, event, "zone", zone(event.charAt(0))));
        } else {
            parts.add(new FramePart(Kind.ACCOUNT, account, "account", "Which site this is; 0 is ten pulses."));
            parts.add(new FramePart(Kind.EVENT, event, what, pulses(event.charAt(0))));
        }
        if (shape.eventDigits() == 2) {
            String zone = round.substring(shape.accountDigits() + 1, shape.accountDigits() + 2);
            parts.add(new FramePart(
                    Kind.EVENT,
                    zone,
                    "zone",
                    shape.extended()
                            ? "The last digit of the zone; the next rounds have the whole of it."
                            : zone(zone.charAt(0))));
        }
        if (shape.parity()) {
            parts.add(new FramePart(
                    Kind.GUARD,
                    round.substring(round.length() - 1),
                    "parity",
                    "It brings the sum of all digits to a multiple of 15; 0 counts as 10."));
        }
    }

    private static FramePart again(String places) {
        return new FramePart(
                Kind.EVENT,
                places,
                "event again",
                "In the places of the account; a receiver that does not join the rounds takes it for an account.");
    }

    private static String pulses(char digit) {
        return Text.of("The digit of the event: %d pulses.", PulseReport.pulses(digit));
    }

    private static String zone(char digit) {
        return Text.of("Zone %d, as %d pulses.", PulseReport.zoneOf(digit), PulseReport.pulses(digit));
    }
}
