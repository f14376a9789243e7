package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.device.Latch;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.site.Job;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.core.setup.Intent;
import io.answerback.core.supply.Supplies;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.core.wiring.cores.CoreTermination;
import io.answerback.core.work.materials.Material;
import io.answerback.core.work.materials.MaterialList;
import io.answerback.files.demo.DemoJobs;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// Devices that stay in alarm until they are reset, on the first demo: a hold-up button, and smoke detectors put
/// in.
class LatchedDevicesTest {
    private final Job job = DemoJobs.job(1);

    private static PointKind kind(String id) {
        return DataFiles.kinds().byId(id).orElseThrow().kind();
    }

    private static Optional<Finding> found(Job job) {
        return new Assessor(DataFiles.events())
                .assess(job).findings().stream()
                        .filter(finding -> finding.id().equals("detector-reset-missing"))
                        .findFirst();
    }

    @Test
    void theFixLetsAFreeOutputReset() {
        Job smoke = PointEdits.change("kind", List.of(new PointId("19")), point -> point.withKind(kind("smoke")))
                .on(job);
        Finding finding = found(smoke).orElseThrow();
        assertThat(finding.remedy()).contains("follow a reset of detectors").contains("35 mA");
        Job fixed = finding.mend().orElseThrow().on(smoke);
        assertThat(found(fixed)).isEmpty();
        assertThat(new Intent(fixed).of(Decision.OUTPUT_USE, 1))
                .isNotEqualTo(new Intent(smoke).of(Decision.OUTPUT_USE, 1));
    }

    /// Point 03 is on the panel itself, whose output Y1 switches plus: its supply core goes there once it resets,
    /// and its load with it.
    @Test
    void theSupplyCoreGoesToTheOutputThatResets() {
        PointId id = new PointId("03");
        Job smoke = PointEdits.change("kind", List.of(id), point -> point.withKind(kind("smoke")))
                .on(job);
        assertThat(supplyTerminal(smoke, id)).isEqualTo("12V");
        Job fixed = found(smoke).orElseThrow().mend().orElseThrow().on(smoke);
        assertThat(supplyTerminal(fixed, id)).isEqualTo("Y1");
        assertThat(supplyTerminal(fixed, new PointId("02"))).isEqualTo("12V");
        assertThat(Supplies.of(fixed, CorePlan.of(fixed)).states().getFirst().trees())
                .filteredOn(tree -> tree.title().endsWith("Y1"))
                .singleElement()
                .satisfies(tree -> assertThat(tree.milliamps(true)).isEqualTo(35))
                .satisfies(tree -> assertThat(tree.limitMilliamps()).isEqualTo(100));
    }

    private static String supplyTerminal(Job job, PointId id) {
        CorePlan plan = CorePlan.of(job);
        Cable cable = job.cableTo(id).orElseThrow();
        BoxPlan box = plan.at(cable, CableEnd.NEAR).orElseThrow();
        CoreTermination where = box.cable(cable.id())
                .flatMap(cores -> cores.core(CoreUse.SUPPLY))
                .orElseThrow()
                .termination();
        return box.strip().get(((CoreTermination.Under) where).terminal()).name();
    }

    @Test
    void theWayBackIsInThePlanAndTheKeyOnTheList() {
        assertThat(kind("hold-up-button").latch()).contains(Latch.KEY);
        assertThat(kind("smoke").resetBySupply()).isTrue();
        assertThat(kind("smoke-two-wire").resetBySupply())
                .as("its loop does that")
                .isFalse();
        PointId button = job.points().stream()
                .filter(point -> point.kind().latch().isPresent())
                .findFirst()
                .orElseThrow()
                .id();
        assertThat(AcceptancePlan.of(job, DataFiles.events())
                        .line("point:" + button)
                        .orElseThrow()
                        .order())
                .contains("it comes back with its key");
        assertThat(new Assessor(DataFiles.events())
                        .assess(job)
                        .get(MaterialList.FACT)
                        .materials())
                .extracting(Material::id)
                .contains("tool:reset-key");
    }

    /// A job that was kept before it was said how a kind is brought back.
    @Test
    void anOlderJobLearnsItFromTheCatalogue() throws BrokenFile {
        String text = JobCodec.write(JobDocument.of(job));
        String older = text.replace("\"version\": 13", "\"version\": 12")
                .replace(", \"latch\": \"KEY\"", "")
                .replace(", \"latch\": null", "");
        assertThat(older).isNotEqualTo(text).doesNotContain("latch");
        assertThat(JobCodec.read(older, "its file").job()).isEqualTo(job);
    }
}
