package io.answerback.core.capacity;

import io.answerback.core.common.Text;
import io.answerback.core.device.KindFamily;
import io.answerback.core.edit.BusEdits;
import io.answerback.core.memo.Fact;
import io.answerback.core.profile.BusRange;
import io.answerback.core.profile.ModuleKind;
import io.answerback.core.profile.ModuleSort;
import io.answerback.core.profile.PanelProfile;
import io.answerback.core.profile.RadioRule;
import io.answerback.core.site.Input;
import io.answerback.core.site.Parts;
import io.answerback.core.site.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/// Finds the cheapest ways to close a shortfall of inputs: by the firm's prices where it keeps one for every
/// way, then fewest boxes on the wall, fewest mains spurs, fewest modules, least current, and fewest inputs
/// left over. Every mix of modules the panel takes is tried, never more than it has addresses and zones for.
///
/// @param ways the best ways, cheapest first; empty when nothing is short or nothing helps
/// @param ruledOut kinds of module that cannot help, each with the reason
public record CapacityOptions(List<CapacityOption> ways, List<RuledOut> ruledOut) {
    /// The ways for a job.
    public static final Fact<CapacityOptions> FACT =
            Fact.of("ways to close a shortfall", facts -> of(facts, facts.of(Inventory.FACT)));

    private static final int MOST_SHOWN = 4;

    /// A kind of module that cannot help.
    ///
    /// @param kind which
    /// @param why why not
    public record RuledOut(ModuleKind kind, String why) {}

    /// The ways for a job.
    public static CapacityOptions of(Parts job, Inventory inventory) {
        List<RuledOut> out = new ArrayList<>();
        List<ModuleKind> offers = new ArrayList<>();
        for (ModuleKind kind : job.panel().profile().modules()) {
            if (kind.sort() != ModuleSort.BOARD && kind.inputs() > 0) {
                String why = whyNot(job, kind, inventory.unplaced());
                if (why.isEmpty()) {
                    offers.add(kind);
                } else {
                    out.add(new RuledOut(kind, why));
                }
            }
        }
        if (inventory.shortOf() == 0) {
            return new CapacityOptions(List.of(), out);
        }
        Search search = new Search(job, inventory, offers);
        search.from(0, new ArrayList<>());
        List<CapacityOption> best = search.found.stream()
                .sorted(byPrice(search.found)
                        .thenComparingInt(CapacityOption::boxes)
                        .thenComparingInt(CapacityOption::mainsSpurs)
                        .thenComparingInt(way -> way.modules().size())
                        .thenComparingDouble(CapacityOption::milliamps)
                        .thenComparingInt(CapacityOption::spare))
                .limit(MOST_SHOWN)
                .toList();
        return new CapacityOptions(best, out);
    }

    /// By price where the firm keeps one for every way there is; else prices say nothing.
    private static Comparator<CapacityOption> byPrice(List<CapacityOption> found) {
        boolean all = found.stream().allMatch(way -> way.price().isPresent());
        return Comparator.comparingDouble(way -> all ? way.price().orElseThrow() : 0);
    }

    /// Whether the ways are in the order of the firm's prices.
    public boolean priced() {
        return !ways.isEmpty() && ways.stream().allMatch(way -> way.price().isPresent());
    }

    private static String whyNot(Parts job, ModuleKind kind, List<Point> unplaced) {
        PanelProfile profile = job.panel().profile();
        if (!kind.radioBand().isEmpty() && !kind.radioBand().equals(profile.radioBand())) {
            return profile.radioBand().isEmpty()
                    ? "it speaks " + kind.radioBand() + "; this panel has no radio"
                    : "it speaks " + kind.radioBand() + "; this panel hears " + profile.radioBand();
        }
        if (left(job, kind) == 0) {
            return "the panel takes " + kind.mostOf() + ", and they are fitted";
        }
        if (kind.addresses() > 0 && addressesLeft(job, kind) == 0) {
            return "every bus address its kind can have is taken";
        }
        boolean none = !unplaced.isEmpty()
                && unplaced.stream().noneMatch(point -> Inventory.reads(job, Optional.of(kind), point));
        return none
                ? Text.of(
                        "it does not read %s",
                        unplaced.getFirst().loop().scheme().words())
                : "";
    }

    /// How many more of a kind there are addresses for; as many as one likes where the profile does not number
    /// them.
    private static int addressesLeft(Parts job, ModuleKind kind) {
        return job.panel()
                .profile()
                .bus()
                .flatMap(rule -> rule.range(kind.id()))
                .filter(range -> !range.offTheBus())
                .map(range -> BusEdits.free(job, kind.id()).size() / Math.max(1, kind.addresses()))
                .orElse(Integer.MAX_VALUE);
    }

    private static int left(Parts job, ModuleKind kind) {
        long fitted = job.modules().stream()
                .filter(module -> module.kindId().equals(kind.id()))
                .count();
        return (int) Math.max(0, kind.mostOf() - fitted);
    }

    /// Walks through every mix of modules, dropping a branch as soon as it breaks a limit or closes the gap.
    private static final class Search {
        private final Parts job;
        private final Inventory inventory;
        private final List<ModuleKind> offers;
        private final List<CapacityOption> found = new ArrayList<>();
        private final int zoneNumbersLeft;

        private Search(Parts job, Inventory inventory, List<ModuleKind> offers) {
            this.job = job;
            this.inventory = inventory;
            this.offers = offers;
            this.zoneNumbersLeft = job.panel().profile().capacity().zones()
                    - (int) job.inputs().stream().map(Input::zone).distinct().count();
        }

        private void from(int first, List<ModuleKind> mix) {
            if (!mix.isEmpty() && closes(mix)) {
                found.add(way(mix));
                return;
            }
            for (int i = first; i < offers.size(); i++) {
                ModuleKind kind = offers.get(i);
                mix.add(kind);
                if (mix.stream().filter(kind::equals).count() <= left(job, kind)
                        && sharing(mix, kind) <= addressesLeft(job, kind)
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
                            || range.filter(its -> its.kinds().contains(one.id()))
                                    .isPresent())
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
                    ? Optional.of(mix.stream()
                            .mapToDouble(kind -> prices.get(kind.id()))
                            .sum())
                    : Optional.empty();
        }

        private CapacityOption way(List<ModuleKind> mix) {
            int inputs = mix.stream().mapToInt(ModuleKind::inputs).sum();
            List<String> sharedBox =
                    job.panel().profile().radio().map(RadioRule::sharedBox).orElse(List.of());
            return new CapacityOption(mix, inputs, inputs - inventory.unplaced().size(), sharedBox, price(mix));
        }
    }
}
