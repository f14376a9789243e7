package io.answerback.core.survey.capacity;

import io.answerback.core.bus.BusState;
import io.answerback.core.engine.memo.Fact;
import io.answerback.core.loop.radio.RadioPlaces;
import io.answerback.core.loop.zone.ZoneMap;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// What a job needs of its panel against what there is.
///
/// @param slots every input, module by module
/// @param placed an input for every point that has none yet, where a free one fits, by the point's number
/// @param unplaced the wired points for which no free input is left
/// @param unheard the wireless points for which nobody listens, or no wireless zone is left
/// @param counts zones, areas, users, wireless zones and bus addresses
public record Inventory(
        List<Slot> slots, Map<PointId, Input> placed, List<Point> unplaced, List<Point> unheard, List<Count> counts) {
    /// The inventory of a job.
    public static final Fact<Inventory> FACT = Fact.of("inventory", Inventory::of);

    /// Takes stock of a job.
    public static Inventory of(Parts job) {
        PanelProfile profile = job.panel().profile();
        Map<ModuleId, Optional<ModuleKind>> kinds = new LinkedHashMap<>();
        job.modules().forEach(module -> kinds.put(module.id(), profile.module(module.kindId())));
        List<Slot> slots = job.inputs().stream()
                .map(input -> new Slot(input, kinds.getOrDefault(input.module(), Optional.empty())))
                .toList();
        Map<PointId, Input> placed = new LinkedHashMap<>();
        List<Point> unplaced = place(job, slots, placed);
        return new Inventory(
                slots,
                placed,
                unplaced.stream().filter(point -> !point.kind().radio()).toList(),
                unplaced.stream().filter(point -> point.kind().radio()).toList(),
                counts(job, slots, kinds));
    }

    /// The points that can go to the fewest inputs are placed first: two-wire detectors, then those an input is
    /// reserved for, then the rest, each in the order of the list. So no point takes an input another needs
    /// more.
    private static List<Point> place(Parts job, List<Slot> slots, Map<PointId, Input> placed) {
        Set<InputId> ignored = ZoneMap.of(job).ignored();
        List<Slot> free = new ArrayList<>(slots.stream()
                .filter(slot -> slot.free() && !ignored.contains(slot.input().id()))
                .toList());
        var wired =
                job.inputs().stream().flatMap(input -> input.pointId().stream()).collect(Collectors.toSet());
        List<Point> waiting = job.points().stream()
                .filter(point -> !wired.contains(point.id()))
                .sorted(Comparator.comparing(point -> !point.kind().twoWire()))
                .toList();
        List<Point> unplaced = new ArrayList<>();
        for (Point point : waiting) {
            Optional<Input> found = point.kind().radio()
                    ? byRadio(job, placed)
                    : best(job, free, point).map(slot -> taken(free, slot));
            found.ifPresentOrElse(input -> placed.put(point.id(), input), () -> unplaced.add(point));
        }
        return unplaced;
    }

    private static Input taken(List<Slot> free, Slot slot) {
        free.remove(slot);
        return slot.input();
    }

    /// Wireless zones have no terminals: a place comes to be when a point needs it.
    private static Optional<Input> byRadio(Parts job, Map<PointId, Input> placed) {
        Stream<Input> kept =
                job.inputs().stream().filter(input -> input.pointId().isPresent() || !RadioPlaces.byRadio(job, input));
        Set<Integer> zones =
                Stream.concat(kept, placed.values().stream()).map(Input::zone).collect(Collectors.toSet());
        return RadioPlaces.next(job, zones);
    }

    /// An input that cannot read the point's loop is of no use to it.
    private static Optional<Slot> best(Parts job, List<Slot> free, Point point) {
        return free.stream()
                .filter(slot -> slot.serves(point.kind()))
                .filter(slot -> reads(job, slot.kind(), point))
                .min(Comparator.comparing((Slot slot) -> slot.reserved().isEmpty()));
    }

    /// Whether inputs of a kind of module read the loop a point has, or one its device can be rewired to; of a
    /// module nobody knows that is not known.
    static boolean reads(Parts job, Optional<ModuleKind> kind, Point point) {
        return kind.map(job.panel().profile()::inputs)
                .map(model -> model.reads(point.loop().scheme()).isPresent()
                        || model.schemes().stream().anyMatch(bands -> suits(point.kind(), bands.scheme())))
                .orElse(true);
    }

    private static boolean suits(PointKind kind, SchemeKind scheme) {
        if (kind.twoWire() || scheme == SchemeKind.TWO_WIRE_SMOKE || scheme.twoZones()) {
            return false;
        }
        return switch (kind.contact()) {
            case NORMALLY_CLOSED -> !scheme.closesWhenActive();
            case NORMALLY_OPEN -> scheme.closesWhenActive();
            case EITHER -> true;
        };
    }

    private static List<Count> counts(Parts job, List<Slot> slots, Map<ModuleId, Optional<ModuleKind>> kinds) {
        var capacity = job.panel().profile().capacity();
        int zones = job.points().size();
        int radio = (int) slots.stream().filter(Slot::wireless).count();
        int addresses = sum(kinds, kind -> kind.addresses() == 0 ? 0 : BusState.wanted(job, kind));
        return List.of(
                new Count("zones", zones, capacity.zones()),
                new Count("areas", job.areas().size(), capacity.areas()),
                new Count("users", job.site().people(), capacity.users()),
                new Count("wireless zones", radio, capacity.radioZones()),
                new Count("bus addresses", addresses, capacity.addresses()));
    }

    private static int sum(Map<ModuleId, Optional<ModuleKind>> kinds, Function<ModuleKind, Integer> figure) {
        return kinds.values().stream()
                .flatMap(Optional::stream)
                .mapToInt(figure::apply)
                .sum();
    }

    /// How many inputs are missing.
    public int shortOf() {
        return unplaced.size();
    }

    /// The count of this name.
    public Count count(String what) {
        return counts.stream()
                .filter(count -> count.what().equals(what))
                .findFirst()
                .orElseThrow();
    }

    /// The free inputs that serve anything.
    public long freeOrdinary() {
        return slots.stream()
                .filter(slot -> slot.free() && slot.reserved().isEmpty())
                .count();
    }
}
