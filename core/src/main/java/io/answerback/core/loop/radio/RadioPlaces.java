package io.answerback.core.loop.radio;

import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.RadioRule;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Parts;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/// Where a wireless device's zone can be: the places a module hears by radio, which are those beyond its
/// terminals.
public final class RadioPlaces {
    private RadioPlaces() {}

    /// The module that hears wireless devices: a radio receiver, or the board where that hears itself. Empty
    /// where nobody does.
    public static Optional<PanelModule> hearer(Parts job) {
        Optional<RadioRule> rule = job.panel().profile().radio();
        Optional<PanelModule> receiver = rule.stream()
                .flatMap(its -> job.modules().stream())
                .filter(module -> kind(job, module.id())
                        .filter(kind -> kind.sort() == ModuleSort.RECEIVER)
                        .isPresent())
                .findFirst();
        return receiver.or(() -> rule.filter(RadioRule::onBoard)
                .flatMap(its -> job.modules().stream().findFirst()));
    }

    /// The next place for a wireless device, on the lowest wireless zone that is free; empty where nobody hears
    /// it or all are taken.
    ///
    /// @param taken zones that are not free
    public static Optional<Input> next(Parts job, Set<Integer> taken) {
        Optional<PanelModule> hearer = hearer(job);
        return hearer.flatMap(module -> zones(job)
                .filter(zone -> !taken.contains(zone))
                .boxed()
                .findFirst()
                .map(zone -> place(job, module.id(), zone)));
    }

    private static Input place(Parts job, ModuleId module, int zone) {
        int first = job.panel().profile().radio().orElseThrow().firstZone();
        int number = kind(job, module).map(ModuleKind::inputs).orElse(0) + zone - first + 1;
        return Input.of(
                new InputId(module + "." + number), module, number, zone, Optional.empty(), UnusedTermination.NOTHING);
    }

    /// The wireless zones of a panel, lowest first; none for one without radio.
    public static IntStream zones(Parts job) {
        int count = job.panel().profile().capacity().radioZones();
        return job.panel()
                .profile()
                .radio()
                .map(rule -> IntStream.range(rule.firstZone(), rule.firstZone() + count))
                .orElseGet(IntStream::empty);
    }

    /// Whether an input is a place that is heard by radio, and no terminals.
    public static boolean byRadio(Parts job, Input input) {
        return !input.second()
                && kind(job, input.module())
                        .filter(kind -> kind.byRadio(input.number()))
                        .isPresent();
    }

    /// How many of the panel's wireless zones one module of a kind uses up: a converter one for each of its
    /// inputs, used or not.
    public static int zonesOf(ModuleKind kind) {
        return kind.sort() == ModuleSort.CONVERTER ? kind.inputs() : 0;
    }

    /// The converter an input is on; empty for others.
    public static Optional<ModuleId> converter(Parts job, Input input) {
        return kind(job, input.module())
                .filter(kind -> kind.sort() == ModuleSort.CONVERTER)
                .map(kind -> input.module());
    }

    private static Optional<ModuleKind> kind(Parts job, ModuleId module) {
        return job.kindOf(module);
    }
}
