package io.answerback.core.survey.capacity;

import io.answerback.core.bus.BusEdits;
import io.answerback.core.engine.memo.Fact;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

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
        OptionSearch search = new OptionSearch(job, inventory, offers);
        search.from(0, new ArrayList<>());
        List<CapacityOption> best = search.found().stream()
                .sorted(byPrice(search.found())
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
    static int addressesLeft(Parts job, ModuleKind kind) {
        return job.panel()
                .profile()
                .bus()
                .flatMap(rule -> rule.range(kind.id()))
                .filter(range -> !range.offTheBus())
                .map(range -> BusEdits.free(job, kind.id()).size() / Math.max(1, kind.addresses()))
                .orElse(Integer.MAX_VALUE);
    }

    static int left(Parts job, ModuleKind kind) {
        long fitted = job.modules().stream()
                .filter(module -> module.kindId().equals(kind.id()))
                .count();
        return (int) Math.max(0, kind.mostOf() - fitted);
    }
}
