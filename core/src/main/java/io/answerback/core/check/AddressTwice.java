package io.answerback.core.check;

import io.answerback.core.site.BusAddress;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Two modules set to one address: both answer at once, and the panel understands neither.
final class AddressTwice implements JobRule {
    static final String RULE = "address-twice";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Map<Integer, List<BusAddress>> byAddress = facts.job().bus().addresses().stream()
                .collect(Collectors.groupingBy(BusAddress::address, TreeMap::new, Collectors.toList()));
        return byAddress.entrySet().stream()
                .filter(entry -> entry.getValue().size() > 1)
                .map(entry -> finding(entry.getKey(), entry.getValue()));
    }

    private static Finding finding(int address, List<BusAddress> given) {
        String names = given.stream().map(BusAddress::module).collect(Collectors.joining(" and "));
        return new Finding(
                RULE + ":" + address,
                Stop.BUS,
                Grade.WRONG,
                "",
                given.getLast().module(),
                "%s are both set to address %d".formatted(names, address),
                "They answer over each other: the panel loses both, or sees one of them come and go.",
                "Set %s to an address that is free.".formatted(given.getLast().module()));
    }
}
