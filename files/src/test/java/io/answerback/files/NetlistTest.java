package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.loop.CheckedFaults;
import io.answerback.core.loop.LoopNetlist;
import io.answerback.core.loop.LoopNetwork;
import io.answerback.core.loop.scheme.Extreme;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.loop.scheme.LoopPart;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.files.demo.DemoJobs;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Loops solved by a circuit simulator that shares nothing with this application, where one is installed.
class NetlistTest {
    @TempDir
    Path folder;

    @Test
    void everyDemoLoopInEveryStateIsWhatTheSimulatorFinds() throws Exception {
        Simulator.assumeInstalled();
        Map<String, Double> computed = new LinkedHashMap<>();
        Map<String, Double> simulated = new HashMap<>();
        for (int number = 1; number <= DemoJobs.COUNT; number++) {
            Job job = DemoJobs.job(number);
            for (Point point :
                    job.points().stream().filter(its -> !its.kind().radio()).toList()) {
                // one circuit of all loops takes the simulator many times as long
                LoopNetlist netlist = new LoopNetlist();
                FittedLoop fitted = FittedLoop.of(point, job.cableTo(point.id()).orElseThrow());
                for (LoopCase loopCase : CheckedFaults.of(job.practice()).cases(fitted)) {
                    LoopPart loop = LoopNetwork.of(fitted, loopCase);
                    for (Extreme extreme : Extreme.values()) {
                        String name =
                                "ohms_%d_%s_%d_%d".formatted(number, point.id(), computed.size(), extreme.ordinal());
                        netlist.add(name, loop, extreme);
                        computed.put(name, loop.ohms(extreme));
                    }
                }
                simulated.putAll(Simulator.run(folder, netlist.text("point " + point.id())));
            }
        }
        assertThat(simulated.keySet()).isEqualTo(computed.keySet());
        computed.forEach((name, ohms) -> {
            if (Double.isInfinite(ohms)) {
                assertThat(simulated.get(name)).as(name).isGreaterThan(LoopNetlist.OPEN_OHMS / 100);
            } else {
                // 0.01 %, or the microohms that stand for a short
                assertThat(simulated.get(name)).as(name).isCloseTo(ohms, within(Math.max(ohms * 1e-4, 1e-4)));
            }
        });
        assertThat(computed.size()).isGreaterThan(900);
    }

    @Test
    void aNetlistPrintsItsOhms() throws Exception {
        Job job = DemoJobs.job(1);
        Point door = job.point(new PointId("07")).orElseThrow();
        LoopPart loop = LoopNetwork.of(
                FittedLoop.of(door, job.cableTo(new PointId("07")).orElseThrow()), LoopCase.AT_REST);
        String text = LoopNetlist.of(new CableId("Point 07").text(), loop, Extreme.NOMINAL);
        assertThat(text)
                .startsWith("* Point 07\n")
                .contains("cable, there and back")
                .endsWith(".end\n");
        Simulator.assumeInstalled();
        assertThat(Simulator.run(folder, text).get("ohms")).isCloseTo(loop.ohms(Extreme.NOMINAL), within(0.01));
    }
}
