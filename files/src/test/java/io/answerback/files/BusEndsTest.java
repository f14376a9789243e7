package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessor;
import io.answerback.core.bus.BusEnds;
import io.answerback.core.bus.TerminatorEdits;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.site.Job;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.core.wiring.cores.FittedPart;
import io.answerback.core.work.materials.MaterialList;
import io.answerback.files.demo.DemoJobs;
import java.util.List;
import org.junit.jupiter.api.Test;

/// The terminators of the first demo's bus, 120 Ω each. By hand from its list of cables: the bus runs
/// from the panel to keypads 1 and 2 on one branch and to the expanders on others; the two farthest apart are its
/// ends.
class BusEndsTest {
    private final Job job = DemoJobs.job(1);

    private static List<Finding> found(Job job) {
        return new Assessor(DataFiles.events())
                .assess(job).findings().stream()
                        .filter(finding -> finding.rule().id().startsWith("bus-terminator"))
                        .toList();
    }

    private List<FittedPart> parts(Job of, ModuleId module) {
        return CorePlan.of(of).box(module).map(BoxPlan::parts).orElseThrow();
    }

    @Test
    void theEndsAreTheTwoModulesFarthestApart() {
        BusEnds ends = BusEnds.of(job);
        assertThat(ends.ends()).containsExactlyInAnyOrder(new ModuleId("Keypad 3"), new ModuleId("Expander 2"));
        assertThat(ends.readsOhms(2)).isEqualTo(60);
        assertThat(ends.readsOhms(1)).isEqualTo(120);
        assertThat(ends.readsOhms(0)).isInfinite();
    }

    @Test
    void aMissingOrMisplacedTerminatorIsFoundAndPutRight() {
        assertThat(found(job)).isEmpty();
        ModuleId end = BusEnds.of(job).ends().getFirst();
        Job missing = TerminatorEdits.at(end, false).on(job);
        assertThat(found(missing)).extracting(Finding::id).containsExactly("bus-terminator-missing:" + end);
        assertThat(found(missing).getFirst().why()).contains("read 120 Ω and should read 60 Ω");
        Job misplaced = TerminatorEdits.at(new ModuleId("Keypad 1"), true).on(job);
        assertThat(found(misplaced)).extracting(Finding::id).containsExactly("bus-terminator-misplaced:Keypad 1");
        for (Job wrong : List.of(missing, misplaced)) {
            assertThat(found(found(wrong).getFirst().mend().orElseThrow().on(wrong)))
                    .isEmpty();
        }
    }

    @Test
    void itIsInTheBoxAndOnTheListOfMaterials() {
        ModuleId end = BusEnds.of(job).ends().getFirst();
        assertThat(parts(job, end)).extracting(FittedPart::ohms).containsExactly(120.0);
        assertThat(parts(TerminatorEdits.at(end, false).on(job), end)).isEmpty();
        assertThat(new Assessor(DataFiles.events())
                        .assess(job)
                        .get(MaterialList.FACT)
                        .materials())
                .filteredOn(material -> material.id().equals("resistor:120R"))
                .singleElement()
                .satisfies(material -> assertThat(material.needed()).isEqualTo(2));
    }

    /// The bus branches at the panel: without the length of one cable it is not known which two are farthest apart.
    @Test
    void whileALengthIsNotKnownNothingIsSaidOfABusThatBranches() {
        Job unknown = Edits.cableMetres(new CableId("C-41"), 0).on(job);
        assertThat(BusEnds.of(unknown).ends()).isEmpty();
        assertThat(found(unknown)).isEmpty();
        Job line = unknown.withCables(unknown.cables().stream()
                .filter(cable -> !List.of("C-42", "C-43", "C-44", "C-46")
                        .contains(cable.id().text()))
                .toList());
        assertThat(BusEnds.of(line).ends()).containsExactlyInAnyOrder(new ModuleId("Panel"), new ModuleId("Keypad 3"));
    }

    @Test
    void aPanelThatAsksForNoneHasNone() {
        Job other = DemoJobs.job(2);
        assertThat(BusEnds.of(other).ends()).isEmpty();
        assertThat(found(other)).isEmpty();
    }
}
