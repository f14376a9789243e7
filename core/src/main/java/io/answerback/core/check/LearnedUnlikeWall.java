package io.answerback.core.check;

import io.answerback.core.bus.BusModule;
import io.answerback.core.bus.BusModule.Standing;
import io.answerback.core.site.Learned;
import java.util.stream.Stream;

/// What the panel has learned and what is on the wall are not the same.
final class LearnedUnlikeWall implements JobRule {
    static final String GHOST = "learned-but-absent";
    static final String UNKNOWN = "present-not-learned";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return Stream.concat(
                facts.bus().ghosts().stream().map(LearnedUnlikeWall::ghost),
                facts.bus().modules().stream()
                        .filter(BusModule::present)
                        .filter(module ->
                                module.standing() == Standing.NOT_LEARNED || module.standing() == Standing.OTHER)
                        .filter(module -> !module.addresses().isEmpty())
                        .map(LearnedUnlikeWall::unknown));
    }

    private static Finding ghost(Learned learned) {
        return new Finding(
                GHOST + ":" + learned.address(),
                Stop.BUS,
                Grade.WRONG,
                "",
                "",
                "The panel expects a %s at address %d, and none is on the wall"
                        .formatted(learned.sort().words(), learned.address()),
                "It reports it missing for ever. A service keypad that was on the bus during a restart is learned so.",
                "Delete address %d from what the panel has learned, or put the module up."
                        .formatted(learned.address()));
    }

    private static Finding unknown(BusModule module) {
        boolean other = module.standing() == Standing.OTHER;
        return new Finding(
                UNKNOWN + ":" + module.name(),
                Stop.BUS,
                Grade.WRONG,
                "",
                module.name(),
                other
                        ? "The panel takes %s for something else".formatted(module.name())
                        : "The panel has not learned %s".formatted(module.name()),
                "It hangs on the bus, and the panel does not look at it: its zones and its tamper are never seen.",
                "Let the panel scan its bus, with no service keypad on it.");
    }
}
