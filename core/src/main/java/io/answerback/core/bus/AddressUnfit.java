package io.answerback.core.bus;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.BusRange;
import io.answerback.core.model.site.BusAddress;
import io.answerback.core.model.site.Parts;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A module at an address none of its kind can have, or a communicator that listens for an area there is not.
public final class AddressUnfit implements JobCheck {
    /// A module has an address that none of its kind can have.
    public static final Rule RULE = new Rule(
            "address-unfit",
            Stop.BUS,
            Grade.WRONG,
            "A module has an address that none of its kind can have.",
            "The panel does not look for such a module there.");

    /// A communicator that listens as a keypad is set to an area the job does not have.
    public static final Rule AREA = new Rule(
            "listens-for-no-area",
            Stop.BUS,
            Grade.WRONG,
            "A communicator that listens as a keypad is set to an area the job does not have.",
            "What it hears there is reported under no area.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE, AREA);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.of(BusState.FACT).modules().stream()
                .flatMap(module -> module.addresses().stream()
                        .flatMap(given -> Stream.concat(unfit(facts, module, given), area(facts, given))));
    }

    private static Stream<Finding> unfit(Parts job, BusModule module, BusAddress given) {
        Optional<BusRange> range = job.panel()
                .profile()
                .bus()
                .flatMap(rule -> rule.range(module.kind().id()));
        return range
                .filter(its -> !its.holds(given.address()))
                .map(its -> of(
                        RULE,
                        Integer.toString(given.address()),
                        module.id(),
                        Text.of("%s cannot have address %d", module.name(), given.address()),
                        Text.of(
                                "Its kind answers at %d to %d only: the panel never polls it there.",
                                its.leastAddress(), its.mostAddress()),
                        "Set it to a free address of those."))
                .stream();
    }

    private static Stream<Finding> area(Parts job, BusAddress given) {
        return given.area().stream()
                .filter(area -> job.area(area).isEmpty())
                .map(area -> of(
                        AREA,
                        Integer.toString(given.address()),
                        given.module(),
                        Text.of("%s listens for area %02d, and there is none", job.nameOf(given.module()), area),
                        Text.of("Its address %d is given away for nothing.", given.address()),
                        "Give it an address for each area there is, and no more."));
    }

    private static Finding of(Rule rule, String of, ModuleId module, String says, String why, String remedy) {
        return rule.finds(new Target.OfBox(module), says, why, remedy).of(of);
    }
}
