package io.answerback.core.check;

import io.answerback.core.bus.BusModule;
import io.answerback.core.profile.BusRange;
import io.answerback.core.site.BusAddress;
import io.answerback.core.site.Job;
import java.util.Optional;
import java.util.stream.Stream;

/// A module at an address none of its kind can have, or a communicator that listens for an area there is not.
final class AddressUnfit implements JobRule {
    static final String RULE = "address-unfit";
    static final String AREA = "listens-for-no-area";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        return facts.bus().modules().stream()
                .flatMap(module -> module.addresses().stream()
                        .flatMap(given -> Stream.concat(unfit(facts.job(), module, given), area(facts.job(), given))));
    }

    private static Stream<Finding> unfit(Job job, BusModule module, BusAddress given) {
        Optional<BusRange> range = job.panel()
                .profile()
                .bus()
                .flatMap(rule -> rule.range(module.kind().id()));
        return range
                .filter(its -> !its.holds(given.address()))
                .map(its -> of(
                        RULE + ":" + given.address(),
                        module.name(),
                        "%s cannot have address %d".formatted(module.name(), given.address()),
                        "Its kind answers at %d to %d only: the panel never polls it there."
                                .formatted(its.leastAddress(), its.mostAddress()),
                        "Set it to a free address of those."))
                .stream();
    }

    private static Stream<Finding> area(Job job, BusAddress given) {
        return given.area().stream()
                .filter(area -> job.area(area).isEmpty())
                .map(area -> of(
                        AREA + ":" + given.address(),
                        given.module(),
                        "%s listens for area %02d, and there is none".formatted(given.module(), area),
                        "Its address %d is given away for nothing.".formatted(given.address()),
                        "Give it an address for each area there is, and no more."));
    }

    private static Finding of(String id, String module, String says, String why, String remedy) {
        return new Finding(id, Stop.BUS, Grade.WRONG, "", module, says, why, remedy);
    }
}
