package io.answerback.check;

import io.answerback.job.BusRule;
import io.answerback.job.Input;
import io.answerback.job.Job;
import io.answerback.job.ModuleKind;
import io.answerback.job.ModuleSort;
import io.answerback.job.PanelModule;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A module whose inputs are down for other zones than its address brings.
final class ZoneUnlikeNumbering implements JobRule {
    static final String RULE = "zones-unlike-address";

    @Override
    public Stream<Finding> check(JobFacts facts) {
        Job job = facts.job();
        return job.panel().profile().bus().stream()
                .flatMap(rule -> job.modules().stream().flatMap(module -> finding(job, rule, module).stream()));
    }

    private static Optional<Finding> finding(Job job, BusRule rule, PanelModule module) {
        Optional<ModuleKind> kind = job.panel().profile().module(module.kindId());
        Optional<Integer> address = job.bus().address(module.name());
        if (kind.isEmpty() || address.isEmpty() || kind.get().sort() == ModuleSort.KEYPAD) {
            return Optional.empty();
        }
        List<Input> off = job.inputs().stream()
                .filter(input -> input.module().equals(module.name()) && !input.second())
                .filter(input -> rule.zone(kind.get().id(), address.get(), input.number())
                        .filter(zone -> zone != input.zone())
                        .isPresent())
                .toList();
        return off.stream().findFirst().map(input -> finding(rule, kind.get(), address.get(), input, off.size()));
    }

    private static Finding finding(BusRule rule, ModuleKind kind, int address, Input input, int count) {
        return new Finding(
                RULE + ":" + input.module(),
                Stop.BUS,
                Grade.WRONG,
                input.pointId().orElse(""),
                input.module(),
                "%d of %s are down for other zones than it brings".formatted(count, input.module()),
                "At address %d its input %d is zone %02d; it is down for zone %02d."
                        .formatted(
                                address,
                                input.number(),
                                rule.zone(kind.id(), address, input.number()).orElseThrow(),
                                input.zone()),
                "Set it to the address those zones belong to, or let its zones follow its address.");
    }
}
