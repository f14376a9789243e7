package io.answerback.core.survey.capacity;

import io.answerback.core.bus.BusEdits;
import io.answerback.core.loop.radio.RadioPlaces;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Panel;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.Zone;
import io.answerback.core.survey.NewJob;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// Edits that make points and inputs meet.
public final class CapacityEdits {
    private CapacityEdits() {}

    /// Gives every point that has none a free input that fits, in the order of the list, and programs its zone
    /// as the survey says. Points for which there is none stay without.
    public static Edit giveInputs() {
        return new Edit(
                "inputs for all points",
                job -> withInputs(job, Inventory.of(job).placed()));
    }

    /// Gives one point that has none a free input that fits, or a wireless zone where it sends by radio, and
    /// programs its zone as the survey says. It stays without where there is none.
    public static Edit giveInput(PointId pointId) {
        return new Edit("input of point " + pointId, job -> {
            Optional<Input> place =
                    Optional.ofNullable(Inventory.of(job).placed().get(pointId));
            return place.map(input -> withInputs(job, Map.of(pointId, input))).orElse(job);
        });
    }

    private static Job withInputs(Job job, Map<PointId, Input> placed) {
        Map<InputId, PointId> pointOf = placed.entrySet().stream()
                .collect(Collectors.toMap(e -> e.getValue().id(), Map.Entry::getKey));
        Stream<Input> terminals = job.inputs().stream()
                .map(input -> pointOf.containsKey(input.id())
                        ? input.withPointId(Optional.of(pointOf.get(input.id())))
                        : input);
        Set<InputId> there = job.inputs().stream().map(Input::id).collect(Collectors.toSet());
        Stream<Input> byRadio = placed.values().stream()
                .filter(input -> RadioPlaces.byRadio(job, input) && !there.contains(input.id()))
                .map(input -> input.withPointId(Optional.of(pointOf.get(input.id()))));
        List<Input> inputs = Stream.concat(terminals, byRadio).toList();
        List<Zone> zones = new ArrayList<>(job.zones());
        placed.forEach((pointId, input) -> {
            Point point = job.existingPoint(pointId);
            zones.removeIf(zone -> zone.number() == input.zone());
            zones.add(new Zone(
                    input.zone(), point.surveyed().type(), point.surveyed().area(), Optional.empty()));
        });
        return placed.isEmpty() ? job : job.withInputs(inputs).withZones(zones);
    }

    /// Wires a point to another input, or to none. Its zone is programmed as the survey says; the one it
    /// leaves is no longer programmed.
    ///
    /// @param inputId the input; empty for none
    public static Edit wire(PointId pointId, Optional<InputId> inputId) {
        return new Edit("input of point " + pointId, job -> {
            Set<Integer> left =
                    job.inputOf(pointId).map(input -> Set.of(input.zone())).orElse(Set.of());
            Point point = job.existingPoint(pointId);
            List<Input> inputs = job.inputs().stream()
                    .map(input -> input.pointId().filter(pointId::equals).isPresent()
                            ? input.withPointId(Optional.empty())
                            : input)
                    .map(input -> inputId.filter(input.id()::equals).isPresent()
                            ? input.withPointId(Optional.of(pointId))
                            : input)
                    .toList();
            Job wired = job.withInputs(inputs);
            List<Zone> zones = new ArrayList<>(job.zones());
            zones.removeIf(zone -> left.contains(zone.number()));
            wired.inputOf(pointId).ifPresent(input -> {
                zones.removeIf(zone -> zone.number() == input.zone());
                zones.add(new Zone(
                        input.zone(), point.surveyed().type(), point.surveyed().area(), Optional.empty()));
            });
            return wired.withZones(zones);
        });
    }

    /// Fits modules, each with its inputs on the lowest zone numbers that are free in one run.
    ///
    /// @param what what is fitted, as the undo menu says it
    public static Edit fit(String what, List<ModuleKind> kinds) {
        return new Edit(what, job -> {
            Job next = job;
            for (ModuleKind kind : kinds) {
                next = fitted(next, kind);
            }
            return next;
        });
    }

    private static Job fitted(Job job, ModuleKind kind) {
        PanelModule module = PanelModule.called(freeName(job, kind), kind.id(), keypadAreas(job, kind));
        List<PanelModule> modules = new ArrayList<>(job.modules());
        modules.add(module);
        List<Input> inputs = new ArrayList<>(job.inputs());
        if (kind.inputs() > 0) {
            inputs.addAll(NewJob.inputs(module.id(), kind, firstZone(job, kind)));
        }
        Job fitted = job.withModules(modules).withInputs(inputs);
        return BusEdits.addressed(fitted, module.id(), kind);
    }

    /// The zone of its first input: by the panel's rule where that says and nobody has those numbers, else the
    /// lowest of a free run.
    private static int firstZone(Job job, ModuleKind kind) {
        Set<Integer> taken = job.inputs().stream().map(Input::zone).collect(Collectors.toSet());
        return BusEdits.firstZones(job, kind.id())
                .filter(first -> IntStream.range(first, first + kind.inputs()).noneMatch(taken::contains))
                .findFirst()
                .orElseGet(() -> freeZone(job, kind.inputs()));
    }

    /// A first keypad works every area; which areas later ones work is for the engineer to say.
    private static List<Integer> keypadAreas(Job job, ModuleKind kind) {
        boolean first = job.modules().stream().allMatch(module -> module.areas().isEmpty());
        return kind.sort() == ModuleSort.KEYPAD && first
                ? job.areas().stream().map(area -> area.number()).toList()
                : List.of();
    }

    private static String freeName(Job job, ModuleKind kind) {
        String word = switch (kind.sort()) {
            case BOARD -> NewJob.BOARD;
            case PLUG_IN -> "Plug-in";
            case BUS_EXPANDER -> "Expander";
            case KEYPAD -> "Keypad";
            case CONVERTER -> "Converter";
            case RECEIVER -> "Receiver";
            case OUTPUTS -> "Output module";
            case SUPPLY -> "Supply";
            case COMMUNICATOR -> "Communicator";
            case SOUNDER -> "Sounder";
            case SPEAKER -> "Speaker";
        };
        return PanelModule.freeName(job, word);
    }

    private static int freeZone(Job job, int count) {
        PanelProfile profile = job.panel().profile();
        Set<Integer> taken = job.inputs().stream().map(Input::zone).collect(Collectors.toSet());
        int run = 0;
        for (int zone = 1; zone <= profile.capacity().zones(); zone++) {
            run = taken.contains(zone) ? 0 : run + 1;
            if (run == count) {
                return zone - count + 1;
            }
        }
        throw new IllegalArgumentException(Text.of(
                "%s has %d zones, and there is no run of %d free numbers left",
                profile.name(), profile.capacity().zones(), count));
    }

    /// Another make of panel. Its board takes the place of the old one: what was on an input that the new
    /// board has too, stays there; the rest has no input then. Other modules stay as they are, known to the new
    /// panel or not.
    public static Edit panel(PanelProfile profile) {
        return new Edit("panel " + profile.name(), job -> {
            ModuleId board = job.modules().getFirst().id();
            List<PanelModule> modules = new ArrayList<>(job.modules());
            modules.set(
                    0,
                    new PanelModule(
                            board,
                            modules.getFirst().name(),
                            profile.board().id(),
                            modules.getFirst().areas(),
                            modules.getFirst().besideMetal()));
            List<Input> inputs = boardInputs(job, board, profile);
            Set<Integer> left = inputs.stream().map(Input::zone).collect(Collectors.toSet());
            return job.withInputs(inputs)
                    .withBus(job.bus().withLearned(old -> List.of()))
                    .withRadio(job.radio().withEnrolled(old -> List.of()))
                    .withPanel(new Panel(job.panel().name(), profile))
                    .withModules(modules)
                    .withZones(job.zones().stream()
                            .filter(zone -> left.contains(zone.number()))
                            .toList());
        });
    }

    private static List<Input> boardInputs(Job job, ModuleId board, PanelProfile profile) {
        List<Input> inputs = new ArrayList<>();
        for (Input fresh : NewJob.inputs(board, profile.board(), 1)) {
            inputs.add(job.inputs().stream()
                    .filter(old -> old.module().equals(board) && old.number() == fresh.number())
                    .findFirst()
                    .orElse(fresh));
        }
        job.inputs().stream().filter(input -> !input.module().equals(board)).forEach(inputs::add);
        return inputs;
    }
}
