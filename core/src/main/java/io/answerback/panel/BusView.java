package io.answerback.panel;

import io.answerback.job.Bus;
import io.answerback.job.BusAddress;
import io.answerback.job.Input;
import io.answerback.job.Job;
import io.answerback.job.ModuleKind;
import io.answerback.job.ModuleSort;
import io.answerback.zone.ZoneMap;
import java.util.Optional;
import java.util.Set;

/// What a panel sees of its bus: which inputs it looks at, and which modules it polls.
///
/// @param job the site's programming
record BusView(Job job) {
    /// Why the panel does not look at an input; empty when it does.
    ///
    /// @param lost the modules that do not answer
    Optional<String> deafTo(Input input, Set<String> lost) {
        if (!known(input.module())) {
            return Optional.of("the panel has not learned %s: it does not look at it".formatted(input.module()));
        }
        if (lost.contains(input.module())) {
            return Optional.of("%s does not answer".formatted(input.module()));
        }
        ZoneMap map = ZoneMap.of(job);
        return map.zone(input.zone())
                .filter(line -> line.ignored().contains(input))
                .map(line -> "%s is not looked at: zone %02d is read from %s"
                        .formatted(
                                input.name(),
                                input.zone(),
                                line.source().map(Input::name).orElse("nowhere")));
    }

    /// Whether the panel knows a module; it is taken to while nobody has read out what it has learned.
    private boolean known(String module) {
        Bus bus = job.bus();
        return bus.learned().isEmpty()
                || bus.of(module).isEmpty()
                || polled(module).isPresent();
    }

    /// The address at which a panel polls a module; empty for one it has not learned.
    Optional<Integer> polled(String module) {
        Bus bus = job.bus();
        return bus.of(module).stream()
                .map(BusAddress::address)
                .filter(address -> bus.learned().isEmpty()
                        || bus.learnedAt(address)
                                .filter(learned -> learned.sort() == sort(module))
                                .isPresent())
                .findFirst();
    }

    private ModuleSort sort(String module) {
        return job.module(module)
                .flatMap(its -> job.panel().profile().module(its.kindId()))
                .map(ModuleKind::answersAs)
                .orElse(null);
    }
}
