package io.answerback.core.survey.capacity;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.testing.SmallCapacity;
import io.answerback.core.testing.SmallParts;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;

/// The first way that is offered, held against every combination of modules.
class CheapestWayTest extends CapacityModules {
    private static final Comparator<CapacityOption> CHEAPEST = Comparator.comparingInt(CapacityOption::boxes)
            .thenComparingInt(way -> way.modules().size())
            .thenComparingDouble(CapacityOption::milliamps)
            .thenComparingInt(CapacityOption::spare);

    /// The cheapest way is as cheap as the cheapest of all mixes, each of them tried by matching points to its
    /// inputs one by one.
    @Property(tries = 300)
    void theFirstWayIsTheCheapestThereIs(
            @ForAll("modules") ModuleKind one,
            @ForAll("modules") ModuleKind two,
            @ForAll @Size(min = 1, max = 9) List<@net.jqwik.api.From("kinds") PointKind> kinds) {
        ModuleKind second = SmallParts.kind(
                "n",
                "n",
                two.sort(),
                two.inputs(),
                two.mostOf(),
                two.addresses(),
                two.milliamps(),
                two.boxes(),
                false,
                two.radioBand(),
                two.reserved(),
                Optional.empty());
        Job job = SmallCapacity.job(List.of(BOARD, one, second), kinds.toArray(PointKind[]::new));
        Inventory inventory = Inventory.of(job);
        List<CapacityOption> found = CapacityOptions.of(job, inventory).ways();
        Optional<CapacityOption> best =
                inventory.shortOf() == 0 ? Optional.empty() : cheapest(job, inventory, one, second);
        assertThat(found.isEmpty()).isEqualTo(best.isEmpty());
        best.ifPresent(
                way -> assertThat(CHEAPEST.compare(found.getFirst(), way)).isZero());
    }

    private static Optional<CapacityOption> cheapest(Job job, Inventory inventory, ModuleKind one, ModuleKind two) {
        List<CapacityOption> all = new ArrayList<>();
        for (int a = 0; a <= one.mostOf(); a++) {
            for (int b = 0; b <= two.mostOf(); b++) {
                List<ModuleKind> mix = new ArrayList<>(java.util.Collections.nCopies(a, one));
                mix.addAll(java.util.Collections.nCopies(b, two));
                int inputs = mix.stream().mapToInt(ModuleKind::inputs).sum();
                CapacityOption way =
                        new CapacityOption(mix, inputs, inputs - inventory.shortOf(), List.of(), Optional.empty());
                boolean heard = mix.stream().noneMatch(kind -> kind.radioBand().equals("band Q"));
                boolean fits = way.addresses() <= 4
                        && way.radioZones() <= 16
                        && job.inputs().size() + inputs <= 40;
                if (heard && fits && matches(inventory.unplaced(), mix)) {
                    all.add(way);
                }
            }
        }
        return all.stream().min(CHEAPEST);
    }

    /// Whether every point can have an input of its own: a maximum matching by augmenting paths.
    private static boolean matches(List<Point> points, List<ModuleKind> mix) {
        List<int[]> inputs = new ArrayList<>();
        for (int m = 0; m < mix.size(); m++) {
            for (int number = 1; number <= mix.get(m).inputs(); number++) {
                inputs.add(new int[] {m, number});
            }
        }
        int[] taken = new int[inputs.size()];
        java.util.Arrays.fill(taken, -1);
        for (int p = 0; p < points.size(); p++) {
            if (!augment(p, points, mix, inputs, taken, new boolean[inputs.size()])) {
                return false;
            }
        }
        return true;
    }

    private static boolean augment(
            int p, List<Point> points, List<ModuleKind> mix, List<int[]> inputs, int[] taken, boolean[] seen) {
        for (int i = 0; i < inputs.size(); i++) {
            ModuleKind kind = mix.get(inputs.get(i)[0]);
            if (!seen[i] && kind.serves(inputs.get(i)[1], points.get(p).kind())) {
                seen[i] = true;
                if (taken[i] < 0 || augment(taken[i], points, mix, inputs, taken, seen)) {
                    taken[i] = p;
                    return true;
                }
            }
        }
        return false;
    }
}
