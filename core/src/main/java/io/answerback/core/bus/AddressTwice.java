package io.answerback.core.bus;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.BusAddress;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Two modules set to one address: both answer at once, and the panel understands neither.
public final class AddressTwice implements JobCheck {
    /// Two modules are set to one address.
    public static final Rule RULE = new Rule(
            "address-twice",
            Stop.BUS,
            Grade.WRONG,
            "Two modules are set to one address.",
            "Both answer at once: the panel loses both, or sees one of them come and go.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Map<Integer, List<BusAddress>> byAddress = facts.bus().addresses().stream()
                .collect(Collectors.groupingBy(BusAddress::address, TreeMap::new, Collectors.toList()));
        return byAddress.entrySet().stream()
                .filter(entry -> entry.getValue().size() > 1)
                .map(entry -> finding(facts, entry.getKey(), entry.getValue()));
    }

    private static Finding finding(Facts facts, int address, List<BusAddress> given) {
        String names = given.stream().map(BusAddress::module).map(facts::nameOf).collect(Collectors.joining(" and "));
        return RULE.finds(
                        new Target.OfBox(given.getLast().module()),
                        Text.of("%s are both set to address %d", names, address),
                        "They answer over each other: the panel loses both, or sees one of them come and go.",
                        Text.of(
                                "Set %s to an address that is free.",
                                facts.nameOf(given.getLast().module())))
                .of(address);
    }
}
