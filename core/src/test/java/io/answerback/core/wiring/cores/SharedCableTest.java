package io.answerback.core.wiring.cores;

import static io.answerback.core.testing.SmallBox.FOUR;
import static io.answerback.core.testing.SmallBox.POWERED;
import static io.answerback.core.testing.SmallBox.job;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.site.Job;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cabling.CablingEdits;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/// Devices that share a cable, a cable doubled by another, and loops that take four cores.
class SharedCableTest extends JoinedCables {
    @Test
    void devicesOnOneCableHaveALoopEachAndShareTheRest() {
        Job powered = PointEdits.change(
                        "", Set.of(new PointId("01"), new PointId("02")), point -> point.withKind(POWERED))
                .on(job(EIGHT));
        Job job = CablingEdits.serveAlso(new CableId("C-01"), new PointId("02")).on(powered);
        assertThat(job.cable(new CableId("C-02"))).isEmpty();
        CableCores cores = CorePlan.of(job).cable(new CableId("C-01")).orElseThrow();
        assertThat(cores.cores())
                .extracting(PlannedCore::use)
                .containsExactlyInAnyOrder(
                        CoreUse.SUPPLY,
                        CoreUse.SUPPLY_RETURN,
                        CoreUse.LOOP,
                        CoreUse.LOOP_RETURN,
                        CoreUse.LOOP,
                        CoreUse.LOOP_RETURN,
                        CoreUse.TAMPER,
                        CoreUse.TAMPER_RETURN);
        assertThat(CorePlan.of(job)
                        .at(job.cable(new CableId("C-01")).orElseThrow(), CableEnd.FAR)
                        .orElseThrow()
                        .strip())
                .extracting(io.answerback.core.model.profile.Terminal::name)
                .containsExactly(
                        "contact in 01",
                        "contact out 01",
                        "contact in 02",
                        "contact out 02",
                        "+",
                        "−",
                        "tamper in",
                        "tamper out");
    }

    @Test
    void aSecondCableCarriesWholePairsTheFirstHasNoRoomFor() {
        Job job = PointEdits.change("", Set.of(new PointId("02")), point -> point.withKind(POWERED))
                .on(job(FOUR));
        assertThat(CorePlan.of(job).cable(new CableId("C-02")).orElseThrow().lacking())
                .hasSize(2);
        job = CablingEdits.add(
                        io.answerback.core.model.cable.CableEnds.toPoints(List.of(new PointId("02"))), SmallJob.THIN)
                .on(job);
        String second = job.cables().getLast().id().text();
        job = CableEdits.installation("", new CableId(second), installation -> installation.withType(FOUR))
                .on(job);
        CorePlan plan = CorePlan.of(job);
        assertThat(plan.cable(new CableId("C-02")).orElseThrow().lacking()).isEmpty();
        assertThat(plan.cable(new CableId(second)).orElseThrow().cores())
                .extracting(PlannedCore::use)
                .containsExactlyInAnyOrder(CoreUse.TAMPER, CoreUse.TAMPER_RETURN, CoreUse.SPARE, CoreUse.SPARE);
    }

    @Test
    void aDoubledLoopTakesFourCores() {
        Job job = CableEdits.installation(
                        "", new CableId("C-02"), installation -> installation.withDoubled(CoreUse.LOOP, true))
                .on(job(EIGHT));
        assertThat(CorePlan.of(job).cable(new CableId("C-02")).orElseThrow().cores())
                .filteredOn(core -> core.use() == CoreUse.LOOP || core.use() == CoreUse.LOOP_RETURN)
                .extracting(PlannedCore::termination)
                .containsExactlyInAnyOrder(
                        new CoreTermination.Under(4, false),
                        new CoreTermination.Under(4, false),
                        new CoreTermination.Under(3, true),
                        new CoreTermination.Under(3, true));
    }
}
