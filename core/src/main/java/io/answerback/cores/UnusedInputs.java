package io.answerback.cores;

import io.answerback.chain.Figures;
import io.answerback.job.Input;
import io.answerback.job.Job;
import io.answerback.job.Question;
import io.answerback.job.SchemeBands;
import io.answerback.job.School;
import io.answerback.job.Terminal;
import io.answerback.job.TerminalUse;
import io.answerback.job.UnusedTermination;
import io.answerback.job.Zone;
import io.answerback.job.ZoneType;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// The inputs that no point uses, and what the house's scheme needs across each so that the panel stays quiet.
public final class UnusedInputs {
    private UnusedInputs() {}

    /// An input that has to be fitted with something, whether it is or not.
    ///
    /// @param input the input
    /// @param bands how the panel reads the house's scheme there
    /// @param watched whether its zone is on, so that the panel reports it for ever
    public record Unused(Input input, SchemeBands bands, boolean watched) {
        /// What it needs.
        public UnusedTermination needs() {
            return bands.unusedNeeds();
        }

        /// Whether it has what it needs.
        public boolean fitted() {
            return input.unusedFitted() == needs();
        }
    }

    /// The unused inputs of a job, those left out that the house leaves open with their zone switched off.
    public static Stream<Unused> of(Job job) {
        boolean zonesOff = job.practice().school(Question.UNUSED_INPUTS) == School.ZONE_OFF;
        return job.inputs().stream()
                .filter(input -> input.pointId().isEmpty())
                .filter(input -> !zonesOff || watched(job, input))
                .flatMap(input -> job
                        .inputModel(Optional.of(input))
                        .reads(job.practice().scheme())
                        .stream()
                        .map(bands -> new Unused(input, bands, watched(job, input))));
    }

    private static boolean watched(Job job, Input input) {
        return job.zone(input.zone())
                .map(Zone::type)
                .filter(type -> type != ZoneType.NOT_USED)
                .isPresent();
    }

    /// What is to be done about those of one box.
    public static List<UnusedStep> steps(Job job, BoxPlan box) {
        return of(job).filter(
                        unused -> box.place().equals(Place.box(unused.input().module())))
                .map(unused -> new UnusedStep(unused.input().id(), order(unused, box.strip()), unused.fitted()))
                .toList();
    }

    private static String order(Unused unused, List<Terminal> strip) {
        int number = unused.input().number();
        String input = terminal(strip, TerminalUse.INPUT, number).orElse("input " + number);
        String between = terminal(strip, TerminalUse.INPUT_RETURN, number)
                .map(back -> "from %s to %s".formatted(input, back))
                .orElse("across " + input);
        return switch (unused.needs()) {
            case NOTHING -> "Nothing " + between;
            case LINK -> "A link " + between;
            case RESISTOR ->
                "A %s resistor %s".formatted(Figures.resistor(unused.bands().endOfLineOhms()), between);
        };
    }

    private static Optional<String> terminal(List<Terminal> strip, TerminalUse use, int input) {
        for (int i = 0; i < strip.size(); i++) {
            if (strip.get(i).use() == use && strip.get(i).inputs().contains(input)) {
                return Optional.of(LandingWords.terminal(strip, i));
            }
        }
        return Optional.empty();
    }
}
