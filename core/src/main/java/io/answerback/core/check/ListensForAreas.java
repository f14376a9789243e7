package io.answerback.core.check;

import io.answerback.core.bus.BusModule;
import io.answerback.core.profile.ModuleSort;
import io.answerback.core.site.Area;
import io.answerback.core.site.BusAddress;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A communicator that listens as keypads do: each of its addresses answers for an area of its own, no area has
/// two, and none is without.
final class ListensForAreas implements JobRule {
    static final String NONE = "listens-for-too-few";
    static final String TWICE = "listens-twice";
    static final String UNSET = "listens-for-none";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.bus().modules().stream()
                .filter(module -> module.kind().sort() == ModuleSort.COMMUNICATOR)
                .filter(module -> !module.addresses().isEmpty())
                .flatMap(module -> Stream.concat(
                        facts.job().areas().stream().flatMap(area -> ofArea(module, area)), unset(module)));
    }

    private static Stream<Finding> ofArea(BusModule module, Area area) {
        List<BusAddress> its = module.addresses().stream()
                .filter(given ->
                        given.area().filter(number -> number == area.number()).isPresent())
                .toList();
        return switch (its.size()) {
            case 1 -> Stream.empty();
            case 0 ->
                Stream.of(of(
                        NONE + ":" + module.name() + ":" + area.number(),
                        module,
                        "%s does not listen for area %02d %s".formatted(module.name(), area.number(), area.name()),
                        "It pretends to be a keypad for each area; the station never hears of one without.",
                        "Give it an unused keypad address for area %02d.".formatted(area.number())));
            default ->
                Stream.of(of(
                        TWICE + ":" + module.name() + ":" + area.number(),
                        module,
                        "%s listens for area %02d at %d addresses".formatted(module.name(), area.number(), its.size()),
                        "Addresses %s all answer for %s: each of its events is sent as often."
                                .formatted(
                                        its.stream()
                                                .map(given -> Integer.toString(given.address()))
                                                .collect(Collectors.joining(", ")),
                                        area.name()),
                        "Leave it one, and give the others to areas that have none."));
        };
    }

    private static Stream<Finding> unset(BusModule module) {
        return module.addresses().stream()
                .filter(given -> given.area().isEmpty())
                .map(given -> of(
                        UNSET + ":" + given.address(),
                        module,
                        "%s listens at address %d for no area".formatted(module.name(), given.address()),
                        "What it hears there belongs to no account.",
                        "Say which area it answers for at that address."));
    }

    private static Finding of(String id, BusModule module, String says, String why, String remedy) {
        return new Finding(id, Stop.BUS, Grade.WRONG, "", module.name(), says, why, remedy);
    }
}
