package io.answerback.core.bus;

import io.answerback.core.bus.BusModule.Standing;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Learned;
import java.util.List;
import java.util.stream.Stream;

/// What the panel has learned and what is on the wall are not the same.
public final class LearnedUnlikeWall implements JobCheck {
    /// The panel has learned something that is not on the wall.
    public static final Rule GHOST = new Rule(
            "learned-but-absent",
            Stop.BUS,
            Grade.WRONG,
            "The panel has learned something that is not on the wall.",
            "It reports it missing for ever.");

    /// A module is on the wall and the panel has not learned it.
    public static final Rule UNKNOWN = new Rule(
            "present-not-learned",
            Stop.BUS,
            Grade.WRONG,
            "A module is on the wall and the panel has not learned it.",
            "Its zones and its tamper are never seen.");

    @Override
    public List<Rule> rules() {
        return List.of(GHOST, UNKNOWN);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return Stream.concat(
                facts.of(BusState.FACT).ghosts().stream().map(LearnedUnlikeWall::ghost),
                facts.of(BusState.FACT).modules().stream()
                        .filter(BusModule::present)
                        .filter(module ->
                                module.standing() == Standing.NOT_LEARNED || module.standing() == Standing.OTHER)
                        .filter(module -> !module.addresses().isEmpty())
                        .map(LearnedUnlikeWall::unknown));
    }

    private static Finding ghost(Learned learned) {
        return GHOST.finds(
                        new Target.OfJob(),
                        Text.of(
                                "The panel expects a %s at address %d, and none is on the wall",
                                learned.sort().words(), learned.address()),
                        "It reports it missing for ever. A service keypad that was on the bus during a restart is learned so.",
                        Text.of(
                                "Delete address %d from what the panel has learned, or put the module up.",
                                learned.address()))
                .of(learned.address());
    }

    private static Finding unknown(BusModule module) {
        boolean other = module.standing() == Standing.OTHER;
        return UNKNOWN.finds(
                new Target.OfBox(module.id()),
                other
                        ? Text.of("The panel takes %s for something else", module.name())
                        : Text.of("The panel has not learned %s", module.name()),
                "It is on the bus, and the panel does not monitor it: its zones and its tamper are never seen.",
                "Let the panel scan its bus, with no service keypad on it.");
    }
}
