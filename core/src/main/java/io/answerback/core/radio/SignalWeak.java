package io.answerback.core.radio;

import io.answerback.core.common.Text;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Grade;
import io.answerback.core.finding.JobCheck;
import io.answerback.core.finding.Rule;
import io.answerback.core.finding.Stop;
import io.answerback.core.finding.Target;
import io.answerback.core.memo.Facts;
import io.answerback.core.profile.RadioRule;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A wireless device or a converter that was heard too weakly, or with too little to spare.
public final class SignalWeak implements JobCheck {
    /// A wireless device was heard too weakly, or with too little margin.
    public static final Rule RULE = new Rule(
            "signal-weak",
            Stop.BUS,
            Grade.WRONG,
            "A wireless device was heard too weakly, or with too little margin.",
            "A full store, a shut steel door or rain takes the rest.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        double least = facts.of(RadioState.FACT).marginDecibels();
        return facts.of(RadioState.FACT).senders().stream()
                .collect(Collectors.toMap(
                        Sender::part, Function.identity(), (one, other) -> one, java.util.TreeMap::new))
                .values()
                .stream()
                .filter(sender ->
                        sender.overFloorDecibels().filter(over -> over < least).isPresent())
                .map(sender -> finding(facts.of(RadioState.FACT).rule().orElseThrow(), sender, least));
    }

    private static Finding finding(RadioRule rule, Sender sender, double least) {
        double over = sender.overFloorDecibels().orElseThrow();
        boolean converter = sender.converter().isPresent();
        return RULE.finds(
                        over < 0 ? Grade.WRONG : Grade.TIGHT,
                        new Target.OfModule(converter ? sender.part() : "", converter ? "" : sender.pointId()),
                        over < 0
                                ? Text.of("%s is heard %.0f dB too weakly", title(sender), -over)
                                : Text.of(
                                        "%s is heard with %.0f dB to spare; %.0f dB are asked for",
                                        title(sender), over, least),
                        Text.of(
                                "It came in at %.0f dBm; the panel hears from %.0f dBm. A full store, a shut steel door or rain takes the rest.",
                                sender.reading().orElseThrow().decibelMilliwatts(), rule.floorDecibelMilliwatts()),
                        "Move it or the receiver away from metal and power cables, turn it upright, and test again with every door shut.")
                .of(sender.part());
    }

    private static String title(Sender sender) {
        return sender.converter().orElse(sender.title());
    }
}
