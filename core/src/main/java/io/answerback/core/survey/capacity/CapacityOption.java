package io.answerback.core.survey.capacity;

import io.answerback.core.loop.radio.RadioPlaces;
import io.answerback.core.model.profile.ModuleKind;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/// One way to close a shortfall of inputs, with what it costs.
///
/// @param modules the modules to fit, each as often as it is needed
/// @param inputs the inputs they bring
/// @param spare the inputs left over once every point has one
/// @param sharedBox the kinds of which two go into one box, by id
/// @param price what the modules cost by the firm's prices; empty where it does not keep one for each
public record CapacityOption(
        List<ModuleKind> modules, int inputs, int spare, List<String> sharedBox, Optional<Double> price) {
    public CapacityOption {
        modules = List.copyOf(modules);
        sharedBox = List.copyOf(sharedBox);
    }

    /// The boxes it adds on the wall.
    public int boxes() {
        Map<ModuleKind, Long> counts =
                modules.stream().collect(Collectors.groupingBy(kind -> kind, Collectors.counting()));
        return counts.entrySet().stream()
                .mapToInt(kind -> boxesFor(kind.getKey(), kind.getValue().intValue(), sharedBox))
                .sum();
    }

    /// The boxes so many modules of a kind need.
    ///
    /// @param sharedBox the kinds of which two go into one box, by id
    static int boxesFor(ModuleKind kind, int count, List<String> sharedBox) {
        return kind.boxes() * (sharedBox.contains(kind.id()) ? (count + 1) / 2 : count);
    }

    /// The mains spurs it takes: one for each module with a supply of its own.
    public int mainsSpurs() {
        return (int) modules.stream().filter(ModuleKind::ownSupply).count();
    }

    /// The bus addresses it uses up.
    public int addresses() {
        return modules.stream().mapToInt(ModuleKind::addresses).sum();
    }

    /// What it takes from the panel at rest, in milliamps.
    public double milliamps() {
        return modules.stream().mapToDouble(ModuleKind::milliamps).sum();
    }

    /// The wireless zones it uses up.
    public int radioZones() {
        return modules.stream().mapToInt(RadioPlaces::zonesOf).sum();
    }

    /// The zone numbers it uses up.
    public int zones() {
        return inputs;
    }

    /// What is fitted, such as "2 × Bus expander, 8 inputs".
    public String says() {
        return modules.stream()
                .collect(Collectors.groupingBy(ModuleKind::name, java.util.LinkedHashMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .map(kind -> kind.getValue() == 1 ? kind.getKey() : kind.getValue() + " × " + kind.getKey())
                .collect(Collectors.joining(" + "));
    }
}
