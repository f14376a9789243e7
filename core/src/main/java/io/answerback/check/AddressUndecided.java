package io.answerback.check;

import io.answerback.bus.BusModule;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Modules that have fewer addresses on the bus than they need: a communicator that listens needs one for each area it
/// serves.
final class AddressUndecided implements JobRule {
    static final String RULE = "address-undecided";
    static final String SHORT = "listens-for-too-few";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        if (facts.job().panel().profile().bus().isEmpty()) {
            return Stream.empty();
        }
        List<BusModule> none = facts.bus().modules().stream()
                .filter(module -> module.addresses().isEmpty())
                .toList();
        Stream<Finding> few = facts.bus().modules().stream()
                .filter(module ->
                        !module.addresses().isEmpty() && module.addresses().size() < module.wanted())
                .map(AddressUndecided::few);
        return none.isEmpty() ? few : Stream.concat(Stream.of(none(none)), few);
    }

    private static Finding none(List<BusModule> modules) {
        return new Finding(
                RULE,
                Stop.BUS,
                Grade.NOTE,
                "",
                modules.getFirst().name(),
                "%d on the bus have no address yet".formatted(modules.size()),
                "%s: which zones they bring, and whether the panel knows them, cannot be told."
                        .formatted(modules.stream().map(BusModule::name).collect(Collectors.joining(", "))),
                "Let addresses be proposed on the bus sheet, or type those their switches are set to.");
    }

    private static Finding few(BusModule module) {
        return new Finding(
                SHORT + ":" + module.name(),
                Stop.BUS,
                Grade.WRONG,
                "",
                module.name(),
                "%s listens for %d of %d areas"
                        .formatted(module.name(), module.addresses().size(), module.wanted()),
                "It pretends to be a keypad for each area; an area without one is never heard of at the station.",
                "Give it an unused keypad address for each area.");
    }
}
