package io.answerback.core.bus;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.BusAddress;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A communicator that listens as keypads do: each of its addresses answers for an area of its own, no area has
/// two, and none is without.
public final class ListensForAreas implements JobCheck {
    /// A communicator listens at fewer addresses than there are areas.
    public static final Rule NONE = new Rule(
            "listens-for-too-few",
            Stop.BUS,
            Grade.WRONG,
            "A communicator listens at fewer addresses than there are areas.",
            "What happens in the others is not reported.");

    /// A communicator listens for one area at two addresses.
    public static final Rule TWICE = new Rule(
            "listens-twice",
            Stop.BUS,
            Grade.WRONG,
            "A communicator listens for one area at two addresses.",
            "Its events are reported twice, and another area not at all.");

    /// An address at which a communicator listens belongs to no area.
    public static final Rule UNSET = new Rule(
            "listens-for-none",
            Stop.BUS,
            Grade.WRONG,
            "An address at which a communicator listens belongs to no area.",
            "What it hears there is reported under no area.");

    @Override
    public List<Rule> rules() {
        return List.of(NONE, TWICE, UNSET);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(BusState.FACT).modules().stream()
                .filter(module -> module.kind().sort() == ModuleSort.COMMUNICATOR)
                .filter(module -> !module.addresses().isEmpty())
                .flatMap(module ->
                        Stream.concat(facts.areas().stream().flatMap(area -> ofArea(module, area)), unset(module)));
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
                        NONE,
                        module.name() + ":" + area.number(),
                        module,
                        Text.of("%s does not listen for area %02d %s", module.name(), area.number(), area.name()),
                        "It pretends to be a keypad for each area; the station never hears of one without.",
                        Text.of("Give it an unused keypad address for area %02d.", area.number())));
            default ->
                Stream.of(of(
                        TWICE,
                        module.name() + ":" + area.number(),
                        module,
                        Text.of("%s listens for area %02d at %d addresses", module.name(), area.number(), its.size()),
                        Text.of(
                                "Addresses %s all answer for %s: each of its events is sent as often.",
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
                        UNSET,
                        Integer.toString(given.address()),
                        module,
                        Text.of("%s listens at address %d for no area", module.name(), given.address()),
                        "What it hears there belongs to no account.",
                        "Say which area it answers for at that address."));
    }

    private static Finding of(Rule rule, String of, BusModule module, String says, String why, String remedy) {
        return rule.finds(new Target.OfBox(module.id()), says, why, remedy).of(of);
    }
}
