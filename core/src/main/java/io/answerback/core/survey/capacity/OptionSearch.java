package io.answerback.core.survey.capacity;

import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.profile.BusRange;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.RadioRule;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/// Walks through every mix of modules, dropping a branch as soon as it breaks a limit or closes the gap.
final class OptionSearch {
    private final Parts job;
    private final Inventory inventory;
    private final List<ModuleKind> offers;
    private final List<CapacityOption> found = new ArrayList<>();
    private final int zoneNumbersLeft;

    OptionSearch(Parts job, Inventory inventory, List<ModuleKind> offers) {
        this.job = job;
        this.inventory = inventory;
        this.offers = offers;
        this.zoneNumbersLeft = job.panel().profile().capacity().zones()
                - (int) job.inputs().stream().map(Input::zone).distinct().count();
    }

    void from(int first, List<ModuleKind> mix) {
        if (!mix.isEmpty() && closes(mix)) {
            found.add(way(mix));
            return;
        }
        for (int i = first; i < offers.size(); i++) {
            ModuleKind kind = offers.get(i);
            mix.add(kind);
            if (mix.stream().filter(kind::equals).count() <= CapacityOptions.left(job, kind)
                    && sharing(mix, kind) <= CapacityOptions.addressesLeft(job, kind)
                    && fits(mix)) {
                from(i, mix);
            }
            mix.removeLast();
        }
    }

    /// How many of a mix take their addresses from the same range as a kind.
    private long sharing(List<ModuleKind> mix, ModuleKind kind) {
        Optional<BusRange> range = job.panel().profile().bus().flatMap(rule -> rule.range(kind.id()));
        return mix.stream()
                .filter(one -> one.equals(kind)
                        || range.filter(its -> its.kinds().contains(one.id())).isPresent())
                .count();
    }

    private boolean fits(List<ModuleKind> mix) {
        CapacityOption way = new CapacityOption(
                mix, mix.stream().mapToInt(ModuleKind::inputs).sum(), 0, List.of(), Optional.empty());
        Count addresses = inventory.count("bus addresses");
        Count radio = inventory.count("wireless zones");
        return way.zones() <= zoneNumbersLeft
                && addresses.used() + way.addresses() <= addresses.of()
                && radio.used() + way.radioZones() <= radio.of();
    }

    /// Two-wire detectors need inputs made for them; a reserved input serves its own family; the rest need
    /// ordinary inputs. A mix without any one of its modules must not close the gap, or that module is
    /// waste.
    private boolean closes(List<ModuleKind> mix) {
        return lacking(mix) <= 0 && mix.stream().distinct().allMatch(kind -> lacking(withoutOne(mix, kind)) > 0);
    }

    private static List<ModuleKind> withoutOne(List<ModuleKind> mix, ModuleKind kind) {
        List<ModuleKind> fewer = new ArrayList<>(mix);
        fewer.remove(kind);
        return fewer;
    }

    private int lacking(List<ModuleKind> mix) {
        Map<KindFamily, Long> twoWire = inventory.unplaced().stream()
                .filter(point -> point.kind().twoWire())
                .collect(Collectors.groupingBy(point -> point.kind().family(), Collectors.counting()));
        int lacking = 0;
        for (var need : twoWire.entrySet()) {
            lacking += Math.max(0, need.getValue().intValue() - reserved(mix, need.getKey(), true));
        }
        Map<KindFamily, Long> wired = inventory.unplaced().stream()
                .filter(point -> !point.kind().twoWire())
                .collect(Collectors.groupingBy(point -> point.kind().family(), Collectors.counting()));
        int ordinary = 0;
        for (var need : wired.entrySet()) {
            ordinary += Math.max(0, need.getValue().intValue() - reserved(mix, need.getKey(), false));
        }
        return lacking + Math.max(unread(mix), Math.max(0, ordinary - ordinary(mix)));
    }

    /// How many of the points stay without an input that reads their loop: those of the scheme the fewest
    /// modules read are placed first, each on what reads the fewest schemes.
    private int unread(List<ModuleKind> mix) {
        Map<ModuleKind, Integer> room = new LinkedHashMap<>();
        mix.stream()
                .sorted(Comparator.comparingInt(
                        kind -> job.panel().profile().inputs(kind).schemes().size()))
                .forEach(kind -> room.merge(kind, kind.inputs(), Integer::sum));
        List<Point> points = inventory.unplaced().stream()
                .filter(point -> !point.kind().twoWire())
                .sorted(Comparator.comparingLong(point -> readers(mix, point)))
                .toList();
        int without = 0;
        for (Point point : points) {
            Optional<ModuleKind> place = room.entrySet().stream()
                    .filter(one -> one.getValue() > 0 && Inventory.reads(job, Optional.of(one.getKey()), point))
                    .map(Map.Entry::getKey)
                    .findFirst();
            place.ifPresent(kind -> room.merge(kind, -1, Integer::sum));
            without += place.isEmpty() ? 1 : 0;
        }
        return without;
    }

    private long readers(List<ModuleKind> mix, Point point) {
        return mix.stream()
                .filter(kind -> Inventory.reads(job, Optional.of(kind), point))
                .count();
    }

    private static int reserved(List<ModuleKind> mix, KindFamily use, boolean twoWire) {
        return (int) mix.stream()
                .flatMap(kind -> kind.reserved().stream())
                .filter(input -> input.use() == use && input.twoWire() == twoWire)
                .count();
    }

    private static int ordinary(List<ModuleKind> mix) {
        return mix.stream()
                .mapToInt(kind -> kind.inputs() - kind.reserved().size())
                .sum();
    }

    private Optional<Double> price(List<ModuleKind> mix) {
        Map<String, Double> prices = job.practice().firm().prices();
        return mix.stream().allMatch(kind -> prices.containsKey(kind.id()))
                ? Optional.of(
                        mix.stream().mapToDouble(kind -> prices.get(kind.id())).sum())
                : Optional.empty();
    }

    private CapacityOption way(List<ModuleKind> mix) {
        int inputs = mix.stream().mapToInt(ModuleKind::inputs).sum();
        List<String> sharedBox =
                job.panel().profile().radio().map(RadioRule::sharedBox).orElse(List.of());
        return new CapacityOption(mix, inputs, inputs - inventory.unplaced().size(), sharedBox, price(mix));
    }

    /// What closes the gap, found so far.
    List<CapacityOption> found() {
        return found;
    }
}
