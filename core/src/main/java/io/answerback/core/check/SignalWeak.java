package io.answerback.core.check;

import io.answerback.core.profile.RadioRule;
import io.answerback.core.radio.Sender;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A wireless device or a converter that was heard too weakly, or with too little to spare.
final class SignalWeak implements JobRule {
    static final String RULE = "signal-weak";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        double least = facts.radio().marginDecibels();
        return facts.radio().senders().stream()
                .collect(Collectors.toMap(
                        Sender::part, Function.identity(), (one, other) -> one, java.util.TreeMap::new))
                .values()
                .stream()
                .filter(sender ->
                        sender.overFloorDecibels().filter(over -> over < least).isPresent())
                .map(sender -> finding(facts.radio().rule().orElseThrow(), sender, least));
    }

    private static Finding finding(RadioRule rule, Sender sender, double least) {
        double over = sender.overFloorDecibels().orElseThrow();
        boolean converter = sender.converter().isPresent();
        return new Finding(
                RULE + ":" + sender.part(),
                Stop.BUS,
                over < 0 ? Grade.WRONG : Grade.TIGHT,
                converter ? "" : sender.pointId(),
                converter ? sender.part() : "",
                over < 0
                        ? "%s is heard %.0f dB too weakly".formatted(title(sender), -over)
                        : "%s is heard with %.0f dB to spare; %.0f dB are asked for"
                                .formatted(title(sender), over, least),
                "It came in at %.0f dBm; the panel hears from %.0f dBm. A full store, a shut steel door or rain takes the rest."
                        .formatted(sender.reading().orElseThrow().decibelMilliwatts(), rule.floorDecibelMilliwatts()),
                "Move it or the receiver away from metal and power cables, turn it upright, and test again with every door shut.");
    }

    private static String title(Sender sender) {
        return sender.converter().orElse(sender.title());
    }
}
