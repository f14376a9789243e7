package io.answerback.core.loop.zone;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Parts;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/// A module whose inputs are down for other zones than the panel numbers them: by its address, or for the board
/// and what is plugged on it by the panel's rule alone. A keypad's input may take over another zone.
public final class ZoneUnlikeNumbering implements JobCheck {
    /// The inputs of a module are programmed as other zones than the panel gives them.
    public static final Rule RULE = new Rule(
            "zones-unlike-address",
            Stop.BUS,
            Grade.WRONG,
            "The inputs of a module are programmed as other zones than the panel gives them.",
            "An alarm comes under the name of another zone.");

    @Override
    public List<Rule> rules() {
        return List.of(RULE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        Parts job = facts;
        Function<Input, Optional<Integer>> homes = ZoneMap.homes(job);
        return job.modules().stream()
                .filter(module -> job.kindOf(module)
                        .filter(kind -> kind.sort() != ModuleSort.KEYPAD)
                        .isPresent())
                .flatMap(module -> finding(job, homes, module).stream());
    }

    private static Optional<Finding> finding(Parts job, Function<Input, Optional<Integer>> homes, PanelModule module) {
        List<Input> off = job.inputs().stream()
                .filter(input -> input.module().equals(module.id()) && !input.second())
                .filter(input ->
                        homes.apply(input).filter(zone -> zone != input.zone()).isPresent())
                .toList();
        return off.stream()
                .findFirst()
                .map(input -> finding(
                        job,
                        job.bus().address(module.id()),
                        input,
                        homes.apply(input).orElseThrow(),
                        off.size()));
    }

    private static Finding finding(Parts job, Optional<Integer> address, Input input, int zone, int count) {
        String at = address.map(value -> Text.of("At address %d its", value)).orElse("Its");
        return RULE.finds(
                new Target.OfBox(input.module(), input.pointId()),
                Text.of(
                        "%d inputs of %s are programmed as other zones than it brings",
                        count, job.nameOf(input.module())),
                Text.of(
                        "%s input %d is zone %02d; it is programmed as zone %02d.",
                        at, input.number(), zone, input.zone()),
                address.isPresent()
                        ? "Set it to the address those zones belong to, or let its zones follow its address."
                        : "Let its zones follow the panel's numbering.");
    }
}
