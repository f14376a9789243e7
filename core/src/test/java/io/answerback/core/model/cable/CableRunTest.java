package io.answerback.core.model.cable;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.site.Job;
import io.answerback.core.testing.SmallJob;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class CableRunTest {
    private static Cable cable(String id, CableEnds ends, double metres, double ohmsPerKilometre) {
        return Cable.indoors(new CableId(id), ends, metres, new Conductor("core", ohmsPerKilometre));
    }

    @Test
    void aLoopRunsThroughEveryCableUpToItsBox() {
        Cable device = cable(
                "C-01",
                CableEnds.toPoints(List.of(new PointId("01"))).startingAt(Optional.of(new JointId("J-2"))),
                10,
                92);
        Cable between = cable(
                "C-02", CableEnds.toJoint(new JointId("J-2")).startingAt(Optional.of(new JointId("J-1"))), 20, 92);
        Cable trunk = cable("C-03", CableEnds.toJoint(new JointId("J-1")), 30, 92);
        Job job = SmallJob.job().withCables(List.of(trunk, device, between));
        assertThat(job.cableRun(new PointId("01")).orElseThrow().cables()).containsExactly(device, between, trunk);
        assertThat(job.cableRun(new PointId("02"))).isEmpty();
    }

    @Test
    void cablesThatBiteTheirTailsEnd() {
        Cable device = cable(
                "C-01",
                CableEnds.toPoints(List.of(new PointId("01"))).startingAt(Optional.of(new JointId("J-1"))),
                10,
                92);
        Cable one = cable(
                "C-02", CableEnds.toJoint(new JointId("J-1")).startingAt(Optional.of(new JointId("J-2"))), 20, 92);
        Cable other = cable(
                "C-03", CableEnds.toJoint(new JointId("J-2")).startingAt(Optional.of(new JointId("J-1"))), 30, 92);
        Job job = SmallJob.job().withCables(List.of(device, one, other));
        assertThat(job.cableRun(new PointId("01")).orElseThrow().cables()).containsExactly(device, one, other);
    }

    @Test
    void aDoubledLoopHasHalfTheResistance() {
        Cable single = SmallJob.cable("01");
        Cable doubled = single.withInstallation(single.installation().withDoubled(CoreUse.LOOP, true));
        Cable equivalent = new CableRun(List.of(doubled)).equivalent();
        assertThat(equivalent.conductor().ohmsPerKilometre()).isEqualTo(46);
        assertThat(new CableRun(List.of(single)).equivalent()).isSameAs(single);
    }

    @Test
    void aRunIsNeverEmpty() {
        assertThatThrownBy(() -> new CableRun(List.of())).hasMessageContaining("at least one cable");
    }

    /// However cables follow each other, the one that stands for them has the resistance of them all in series.
    @Property
    void seriesResistancesAdd(@ForAll @Size(min = 1, max = 6) List<@DoubleRange(min = 0.5, max = 300) Double> metres) {
        List<Cable> cables = new ArrayList<>();
        double ohms = 0;
        for (int i = 0; i < metres.size(); i++) {
            double perKilometre = 20 + 35 * i;
            cables.add(cable(
                    "C-%02d".formatted(i + 1),
                    CableEnds.toPoints(List.of(new PointId("01"))),
                    metres.get(i),
                    perKilometre));
            ohms += metres.get(i) / 1000 * perKilometre;
        }
        Cable one = new CableRun(cables).equivalent();
        assertThat(one.metres() / 1000 * one.conductor().ohmsPerKilometre()).isCloseTo(ohms, within(1e-9 * ohms));
    }
}
