package io.answerback.core.panel;

import io.answerback.core.loop.zone.ZoneMap;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Bus;
import io.answerback.core.model.site.BusAddress;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Learned;
import io.answerback.core.model.site.Parts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// What a panel sees of its bus: which inputs it looks at, which modules it polls, and who answers when it
/// looks.
///
/// @param job the site's programming
record BusView(Parts job) {
    /// Why the panel does not monitor an input; empty when it does.
    ///
    /// @param lost the modules that do not answer
    Optional<String> deafTo(Input input, Set<ModuleId> lost) {
        if (!known(input.module())) {
            return Optional.of(
                    Text.of("the panel has not learned %s and does not monitor it", job.nameOf(input.module())));
        }
        if (lost.contains(input.module())) {
            return Optional.of(Text.of("%s does not answer", job.nameOf(input.module())));
        }
        ZoneMap map = ZoneMap.of(job);
        return map.zone(input.zone())
                .filter(line -> line.ignored().contains(input))
                .map(line -> Text.of(
                        "%s is not monitored: zone %02d is read from %s",
                        job.nameOf(input),
                        input.zone(),
                        line.source().map(job::nameOf).orElse("nowhere")));
    }

    /// Whether the panel knows a module; it is taken to while nobody has read out what it has learned.
    private boolean known(ModuleId module) {
        Bus bus = job.bus();
        return bus.learned().isEmpty()
                || bus.of(module).isEmpty()
                || polled(module).isPresent();
    }

    /// The address at which a panel polls a module; empty for one it has not learned.
    Optional<Integer> polled(ModuleId module) {
        Bus bus = job.bus();
        return bus.of(module).stream()
                .map(BusAddress::address)
                .filter(address -> bus.learned().isEmpty()
                        || bus.learnedAt(address)
                                .filter(learned -> learned.sort() == sort(module))
                                .isPresent())
                .findFirst();
    }

    /// Whoever answers at an address at which the panel has learned nobody: modules on the wall, and a service
    /// keypad unless it is used in the panel's temporary mode.
    ///
    /// @param lost the modules that do not answer
    List<Learned> strangers(Set<ModuleId> lost) {
        List<Learned> found = new ArrayList<>();
        for (BusAddress given : job.bus().addresses()) {
            ModuleSort sort = sort(given.module());
            if (sort != null && job.bus().present(given.module()) && !lost.contains(given.module())) {
                stranger(given.address(), sort, found);
            }
        }
        job.bus()
                .service()
                .filter(address ->
                        job.practice().option(PracticeQuestion.SERVICE_KEYPAD) == PracticeOption.ENROL_AND_DELETE)
                .ifPresent(address -> stranger(address, ModuleSort.KEYPAD, found));
        return found;
    }

    private void stranger(int address, ModuleSort sort, List<Learned> found) {
        if (job.bus().learnedAt(address).isEmpty() && found.stream().noneMatch(its -> its.address() == address)) {
            found.add(new Learned(address, sort));
        }
    }

    private ModuleSort sort(ModuleId module) {
        return job.kindOf(module).map(ModuleKind::answersAs).orElse(null);
    }
}
