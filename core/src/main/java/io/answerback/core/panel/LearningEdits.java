package io.answerback.core.panel;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.BusRule;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Bus;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Learned;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// Edits to what the panel has learned of its bus, and to who is on the wall.
public final class LearningEdits {
    private LearningEdits() {}

    /// Takes out of the panel what it has learned at an address.
    public static Edit forget(int address) {
        return bus(
                "what the panel has learned at address " + address,
                bus -> bus.withLearned(old ->
                        old.stream().filter(its -> its.address() != address).toList()));
    }

    /// A service keypad is hooked on at an address, or taken off.
    public static Edit service(Optional<Integer> address) {
        return bus("service keypad", bus -> bus.withService(address));
    }

    /// The panel looks at every address and learns whoever answers; what it has learned before stays. So it
    /// does with a service keypad, unless that is used in the panel's temporary mode.
    public static Edit scan() {
        return new Edit("scan of the bus", job -> {
            PanelStep step = new PanelReducer(job).step(PanelState.unset(job), new PanelInput.Scan(), Instant.EPOCH);
            List<Learned> found = step.effects().stream()
                    .filter(Effect.Learns.class::isInstance)
                    .map(effect -> ((Effect.Learns) effect).module())
                    .toList();
            return job.withBus(job.bus()
                    .withLearned(
                            old -> Stream.concat(old.stream(), found.stream()).toList()));
        });
    }

    /// What the panel has learned at an address, as it was read out of it, in place of what was thought.
    ///
    /// @throws IllegalArgumentException when applied and no module of the panel can be of that sort at that
    ///     address
    public static Edit learned(int address, ModuleSort sort) {
        return new Edit("what the panel has learned at address " + address, job -> {
            if (sorts(job, address).noneMatch(its -> its == sort)) {
                throw new IllegalArgumentException(Text.of(
                        "this panel has no %s at address %d; it can have %s",
                        sort.words(),
                        address,
                        sorts(job, address).map(ModuleSort::words).collect(Collectors.joining(" or "))));
            }
            return job.withBus(job.bus()
                    .withLearned(old -> Stream.concat(
                                    old.stream().filter(its -> its.address() != address),
                                    Stream.of(new Learned(address, sort)))
                            .sorted(Comparator.comparingInt(Learned::address))
                            .toList()));
        });
    }

    /// What sorts of module can answer at an address; none where the panel has no such address.
    public static Stream<ModuleSort> sorts(Job job, int address) {
        return job.panel().profile().modules().stream()
                .filter(kind -> job.panel().profile().bus().stream()
                        .flatMap((BusRule rule) -> rule.addresses(kind.id()))
                        .anyMatch(its -> its == address))
                .map(ModuleKind::answersAs)
                .distinct();
    }

    /// A module is on the wall, or is not yet or no more.
    public static Edit present(ModuleId module, boolean present) {
        return new Edit(
                present ? "fitting" : "unfitting",
                module,
                job -> job.withBus(job.bus().withPresent(module, present)));
    }

    private static Edit bus(String name, UnaryOperator<Bus> change) {
        return new Edit(name, job -> job.withBus(change.apply(job.bus())));
    }
}
