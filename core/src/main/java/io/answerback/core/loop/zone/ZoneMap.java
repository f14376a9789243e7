package io.answerback.core.loop.zone;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.FactOf;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.profile.BusRange;
import io.answerback.core.model.profile.BusRule;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Zone;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;

/// Where each zone really is: the input it is read from, and the inputs of the same number that are not looked
/// at.
///
/// @param lines every zone some input brings or somebody programmed, by number
public record ZoneMap(List<Line> lines) {
    /// The map of a job.
    public static final Fact<ZoneMap> FACT = Fact.of("zone map", ZoneMap::mapped);

    /// The input the panel looks at for the zone of another, by the id of the latter; empty when it looks at that
    /// itself.
    public static final FactOf<InputId, Optional<Input>> READ_INSTEAD = FactOf.each(
            "input read instead",
            (facts, id) -> Optional.ofNullable(facts.of(ZoneMap.INSTEAD).get(id)));

    private static final Fact<Map<InputId, Input>> INSTEAD =
            Fact.of("inputs read instead", facts -> facts.of(FACT).readInstead());

    /// One zone.
    ///
    /// @param zone its number
    /// @param source the input it is read from; empty when no input brings it
    /// @param ignored inputs of the same number that are not monitored
    /// @param takenOver whether a keypad's input has taken it over
    /// @param rivals inputs not monitored that have taken it over too: which one the panel reads is not known
    /// @param programmed how it is programmed; empty when it is not
    public record Line(
            int zone,
            Optional<Input> source,
            List<Input> ignored,
            boolean takenOver,
            List<Input> rivals,
            Optional<Zone> programmed) {
        public Line {
            rivals = List.copyOf(rivals);
            ignored = List.copyOf(ignored);
        }
    }

    public ZoneMap {
        lines = List.copyOf(lines);
    }

    /// The map of a job. Where several inputs bring one zone, a keypad's that took it over wins, then the one
    /// whose number it is by the profile's rule.
    public static ZoneMap of(Parts job) {
        return job instanceof Facts facts ? facts.of(FACT) : mapped(job);
    }

    private static ZoneMap mapped(Parts job) {
        Homes homes = new Homes(job);
        Map<Integer, List<Input>> byZone = new TreeMap<>();
        job.inputs()
                .forEach(input -> byZone.computeIfAbsent(input.zone(), key -> new ArrayList<>())
                        .add(input));
        Map<Integer, Zone> programmed = job.zones().stream().collect(Collectors.toMap(Zone::number, zone -> zone));
        Set<Integer> numbers = new TreeSet<>(byZone.keySet());
        numbers.addAll(programmed.keySet());
        return new ZoneMap(numbers.stream()
                .map(number -> line(number, byZone.getOrDefault(number, List.of()), homes, programmed.get(number)))
                .toList());
    }

    private static Line line(int number, List<Input> inputs, Homes homes, Zone programmed) {
        List<Input> ranked = inputs.stream()
                .sorted(Comparator.comparing((Input input) -> !homes.tookOver(input))
                        .thenComparing(input -> !homes.atHome(input)))
                .toList();
        Optional<Input> source = ranked.stream().findFirst();
        return new Line(
                number,
                source,
                ranked.stream().skip(1).toList(),
                source.filter(homes::tookOver).isPresent(),
                ranked.stream().skip(1).filter(homes::tookOver).toList(),
                Optional.ofNullable(programmed));
    }

    /// The zone an input has by the panel's rule: of a module on the bus by its address, of the board and of
    /// what is plugged on by the rule alone. Empty where the rule does not say, or the module has no address
    /// yet.
    public static Function<Input, Optional<Integer>> homes(Parts job) {
        return new Homes(job)::home;
    }

    /// The line of a zone; empty for one that no input brings and nobody programmed.
    public Optional<Line> zone(int number) {
        return lines.stream().filter(line -> line.zone() == number).findFirst();
    }

    /// The inputs that are not monitored, by id.
    public Set<InputId> ignored() {
        return lines.stream()
                .flatMap(line -> line.ignored().stream())
                .map(Input::id)
                .collect(Collectors.toSet());
    }

    /// The input that is read in place of each that is not monitored, by the id of the latter.
    public Map<InputId, Input> readInstead() {
        Map<InputId, Input> instead = new HashMap<>();
        lines.forEach(line ->
                line.source().ifPresent(source -> line.ignored().forEach(input -> instead.put(input.id(), source))));
        return instead;
    }

    /// Which zone an input has by the profile's rule.
    static final class Homes {
        private final Parts job;

        Homes(Parts job) {
            this.job = job;
        }

        /// Empty where the rule does not say, or the module has no address yet.
        Optional<Integer> home(Input input) {
            return input.second()
                    ? Optional.empty()
                    : job.panel()
                            .profile()
                            .bus()
                            .flatMap(rule -> job.kindOf(input.module()).flatMap(kind -> home(input, kind, rule)));
        }

        private Optional<Integer> home(Input input, ModuleKind kind, BusRule rule) {
            boolean offTheBus =
                    rule.range(kind.id()).filter(BusRange::offTheBus).isPresent();
            Optional<Integer> address = offTheBus ? Optional.of(0) : job.bus().address(input.module());
            return address.flatMap(its -> rule.zone(kind.id(), its, input.number()));
        }

        boolean atHome(Input input) {
            return home(input).filter(zone -> zone == input.zone()).isPresent();
        }

        /// Only an input on a keypad can take over another's number.
        boolean tookOver(Input input) {
            return job.kindOf(input.module())
                            .filter(kind -> kind.sort() == ModuleSort.KEYPAD)
                            .isPresent()
                    && home(input).filter(zone -> zone != input.zone()).isPresent();
        }
    }
}
