package io.answerback.core.loop.radio;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.RadioRule;
import java.util.LinkedHashMap;
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
                .collect(Collectors.toMap(Sender::part, Function.identity(), (one, other) -> one, LinkedHashMap::new))
                .values()
                .stream()
                .filter(sender ->
                        sender.overFloorDecibels().filter(over -> over < least).isPresent())
                .map(sender -> finding(facts, sender, least));
    }

    private static Finding finding(Facts facts, Sender sender, double least) {
        RadioRule rule = facts.of(RadioState.FACT).rule().orElseThrow();
        double over = sender.overFloorDecibels().orElseThrow();
        return RULE.finds(
                        over < 0 ? Grade.WRONG : Grade.TIGHT,
                        target(sender),
                        over < 0
                                ? Text.of("%s is heard %.0f dB too weakly", title(facts, sender), -over)
                                : Text.of(
                                        "%s is heard with %.0f dB to spare; %.0f dB are asked for",
                                        title(facts, sender), over, least),
                        Text.of(
                                "It came in at %.0f dBm; the panel hears from %.0f dBm. A full store, a shut steel door or rain takes the rest.",
                                sender.reading().orElseThrow().decibelMilliwatts(), rule.floorDecibelMilliwatts()),
                        "Move it or the receiver away from metal and power cables, turn it upright, and test again with every door shut.")
                .of(sender.part().text());
    }

    private static Target target(Sender sender) {
        return sender.converter().isPresent()
                ? new Target.OfBox(sender.converter().get())
                : new Target.OfPoint(sender.pointId());
    }

    private static String title(Facts facts, Sender sender) {
        return sender.converter().map(facts::nameOf).orElse(sender.title());
    }
}
