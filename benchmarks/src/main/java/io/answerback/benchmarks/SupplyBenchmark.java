package io.answerback.benchmarks;

import io.answerback.core.model.device.LoadType;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.supply.SupplyNode;
import io.answerback.core.supply.SupplyVolts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/// Solving a supply tree of 300 places with loads of all three laws, in twenty branches of fifteen.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(2)
public class SupplyBenchmark {
    private static final int BRANCHES = 20;
    private static final int PLACES = 15;

    private final SupplyNode tree = tree();

    private static SupplyNode tree() {
        List<SupplyNode> branches = new ArrayList<>();
        for (int branch = 0; branch < BRANCHES; branch++) {
            SupplyNode next = null;
            for (int place = PLACES - 1; place >= 0; place--) {
                LoadType loadType = LoadType.values()[(branch + place) % LoadType.values().length];
                String name = branch + "." + place;
                next = new SupplyNode(
                        name,
                        Optional.of(new CableId(name)),
                        0.8,
                        List.of(new SupplyNode.Load(new PointId(name), loadType, 0.012)),
                        next == null ? List.of() : List.of(next));
            }
            branches.add(next);
        }
        return new SupplyNode("output", Optional.empty(), 0, List.of(), branches);
    }

    @Benchmark
    public SupplyVolts treeOf300Places() {
        return SupplyVolts.solve(tree, 10.5);
    }
}
