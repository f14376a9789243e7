package io.answerback.core.wiring.cabling;

import io.answerback.core.loop.radio.RadioPlaces;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.SchemeBands;
import io.answerback.core.model.profile.Terminal;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Zone;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.EventCores;
import io.answerback.core.wiring.cores.TerminationWords;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// The inputs that no point uses, and what each needs across it so that the panel stays quiet: what its scheme
/// reads as normal.
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

    /// The unused inputs of a job, those left out that the house leaves open with their zone switched off, and
    /// those of which it is not known what they need.
    public static Stream<Unused> of(Parts job) {
        return minded(job)
                .flatMap(input ->
                        bands(job, input).stream().map(bands -> new Unused(input, bands, watched(job, input))));
    }

    /// The unused inputs that read none of the schemes they could be left in, so that nothing is known to keep
    /// them quiet.
    public static Stream<Input> unread(Parts job) {
        return minded(job).filter(input -> bands(job, input).isEmpty());
    }

    private static Stream<Input> minded(Parts job) {
        boolean zonesOff = job.practice().option(PracticeQuestion.UNUSED_INPUTS) == PracticeOption.ZONE_OFF;
        return job.inputs().stream()
                .filter(input -> input.pointId().isEmpty())
                .filter(input -> !RadioPlaces.byRadio(job, input))
                .filter(input -> !EventCores.works(job, input))
                .filter(input -> !zonesOff || watched(job, input));
    }

    /// How an unused input is read: an input kept for detectors that close, by a scheme in which they close; one
    /// that powers two-wire detectors, as their loop; another as a closed loop where the house fits links and the
    /// panel reads that, else by the house's scheme.
    public static Optional<SchemeBands> bands(Parts job, Input input) {
        InputModel reads = job.inputModel(Optional.of(input));
        return schemes(job, input).stream()
                .flatMap(scheme -> reads.reads(scheme).stream())
                .findFirst();
    }

    /// The schemes an unused input may be left in, the best first.
    public static List<SchemeKind> schemes(Parts job, Input input) {
        Optional<ModuleKind.ReservedInput> kept = job.kindOf(input.module())
                .flatMap(kind -> kind.reserved().stream()
                        .filter(one -> one.number() == input.number())
                        .findFirst());
        boolean fire = job.zone(input.zone())
                .filter(zone -> zone.type() == ZoneType.FIRE)
                .isPresent();
        if (kept.filter(ModuleKind.ReservedInput::twoWire).isPresent()) {
            return List.of(SchemeKind.TWO_WIRE_SMOKE);
        }
        if (fire || kept.filter(its -> its.use() == KindFamily.FIRE).isPresent()) {
            return List.of(SchemeKind.END_OF_LINE_ACROSS, SchemeKind.NORMALLY_OPEN);
        }
        SchemeKind house = job.practice().scheme();
        return job.practice().option(PracticeQuestion.UNUSED_INPUTS) == PracticeOption.LINK
                ? List.of(SchemeKind.CLOSED_LOOP, house)
                : List.of(house);
    }

    private static boolean watched(Parts job, Input input) {
        return job.zone(input.zone())
                .map(Zone::type)
                .filter(type -> type != ZoneType.NOT_USED)
                .isPresent();
    }

    /// What is to be done about those of one box.
    public static List<UnusedStep> steps(Parts job, BoxPlan box) {
        return of(job).filter(unused -> box.place().equals(unused.input().module()))
                .map(unused -> new UnusedStep(unused.input().id(), order(unused, box.strip()), unused.fitted()))
                .toList();
    }

    private static String order(Unused unused, List<Terminal> strip) {
        int number = unused.input().number();
        String input = terminal(strip, TerminalUse.INPUT, number).orElse("input " + number);
        String between = terminal(strip, TerminalUse.INPUT_RETURN, number)
                .map(back -> Text.of("from %s to %s", input, back))
                .orElse("across " + input);
        return switch (unused.needs()) {
            case NOTHING -> "Nothing " + between;
            case LINK -> "A link " + between;
            case RESISTOR -> Text.of("%s %s", resistors(unused.bands()), between);
        };
    }

    /// Two branches have no resistor at their end: at rest the panel sees both side by side.
    private static String resistors(SchemeBands bands) {
        return bands.scheme() == SchemeKind.TWO_ZONES_PARALLEL
                ? Text.of(
                        "A %s and a %s resistor side by side",
                        Figures.resistor(bands.alarmOhms()), Figures.resistor(bands.secondOhms()))
                : Text.of("A %s resistor", Figures.resistor(bands.endOfLineOhms()));
    }

    private static Optional<String> terminal(List<Terminal> strip, TerminalUse use, int input) {
        for (int i = 0; i < strip.size(); i++) {
            if (strip.get(i).use() == use && strip.get(i).inputs().contains(input)) {
                return Optional.of(TerminationWords.terminal(strip, i));
            }
        }
        return Optional.empty();
    }
}
