package io.answerback.core.wiring.cores;

import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.Decision.OutputUse;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Zone;
import io.answerback.core.model.unit.Attachment;
import io.answerback.core.model.unit.Unit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Which output of the panel tells which input of a communicator what happens, and which input of the panel lets the
/// communicator set the site.
///
/// @param output the output of the panel's board, from 1
/// @param input the input of the communicator, from 1
/// @param follows what the output follows
public record EventCores(int output, int input, OutputUse follows) {
    /// Every output that has a free input to go to, in the order of the strip. One that resets detectors is busy.
    public static List<EventCores> of(Parts job, Unit unit) {
        int outputs = count(job.panel().profile().board(), TerminalUse.OUTPUT);
        int inputs = count(unit.profile().module(), TerminalUse.INPUT);
        List<EventCores> pairs = new ArrayList<>();
        for (int output = 1; output <= outputs && pairs.size() < inputs; output++) {
            OutputUse use = follows(job, output);
            if (use != OutputUse.RESET) {
                pairs.add(new EventCores(output, pairs.size() + 1, use));
            }
        }
        return pairs;
    }

    /// The first input of the panel that sets and unsets and has no point of its own; empty while there is none.
    public static Optional<Input> keySwitch(Parts job) {
        return job.inputs().stream()
                .filter(input -> input.pointId().isEmpty())
                .filter(input -> job.zone(input.zone())
                        .map(Zone::type)
                        .filter(type -> type.switches())
                        .isPresent())
                .findFirst();
    }

    /// Whether a communicator that is attached by inputs and outputs works this input, so that it is not unused.
    public static boolean works(Parts job, Input input) {
        return job.communicator()
                        .unit()
                        .flatMap(unit -> unit.fitting().way())
                        .filter(way -> way == Attachment.INPUTS_AND_OUTPUTS)
                        .isPresent()
                && keySwitch(job).filter(input::equals).isPresent();
    }

    /// Whether an output tells the communicator whether the site is set.
    public static boolean tellsWhetherSet(Parts job, Unit unit) {
        return of(job, unit).stream().anyMatch(pair -> pair.follows() == OutputUse.SET);
    }

    private static OutputUse follows(Parts job, int output) {
        return job.setup()
                .decided(Decision.OUTPUT_USE, output)
                .map(decided -> OutputUse.valueOf(decided.value()))
                .orElse(OutputUse.NOTHING);
    }

    private static int count(ModuleKind kind, TerminalUse use) {
        return (int) kind.terminals().stream()
                .filter(terminal -> terminal.use() == use)
                .count();
    }
}
