package io.answerback.core.engine.edit;

import static io.answerback.core.testing.SmallBox.SIX;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.LoadFigure;
import io.answerback.core.model.site.Job;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.survey.capacity.ModuleEdits;
import io.answerback.core.testing.SmallBox;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.wiring.cabling.CablingEdits;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/// Which cables there are, and what becomes of them when what they serve changes.
class CablingEditsTest {
    private static final Job JOB = SmallBox.job(SIX);

    private static List<CableId> ids(Job job) {
        return job.cables().stream().map(Cable::id).toList();
    }

    @Test
    void aCableGetsALabelNobodyHas() {
        Job job = CablingEdits.add(CableEnds.toPoints(List.of(new PointId("02"))), SmallJob.THIN)
                .on(JOB);
        assertThat(ids(job)).doesNotHaveDuplicates().hasSize(4);
        assertThat(job.cables().getLast().metres()).isZero();
    }

    @Test
    void anotherDeviceOnACableTakesItsOwnCableAway() {
        Job job = CablingEdits.serveAlso(new CableId("C-01"), new PointId("03")).on(JOB);
        assertThat(ids(job)).containsExactly(new CableId("C-01"), new CableId("C-02"));
        assertThat(job.cable(new CableId("C-01")).orElseThrow().ends().points())
                .containsExactly(new PointId("01"), new PointId("03"));
        assertThatThrownBy(() -> CablingEdits.serveAlso(new CableId("C-77"), new PointId("03"))
                        .on(JOB))
                .hasMessageContaining("no cable C-77");
    }

    @Test
    void aPointThatGoesTakesItsCableButNotOneOthersUse() {
        Job together =
                CablingEdits.serveAlso(new CableId("C-01"), new PointId("03")).on(JOB);
        Job less = PointEdits.remove(Set.of(new PointId("03"))).on(together);
        assertThat(less.cable(new CableId("C-01")).orElseThrow().ends().points())
                .containsExactly(new PointId("01"));
        Job without = PointEdits.remove(Set.of(new PointId("02"))).on(JOB);
        assertThat(ids(without)).containsExactly(new CableId("C-01"), new CableId("C-03"));
    }

    @Test
    void aModuleThatGoesTakesItsCable() {
        Job keypad = CapacityEdits.fit(
                        "Keypad", List.of(JOB.panel().profile().module("keypad").orElseThrow()))
                .on(JOB);
        Job cabled = CablingEdits.toModules(SmallJob.THIN).on(keypad);
        assertThat(ids(cabled)).hasSize(4);
        String name = cabled.modules().getLast().name();
        assertThat(ids(ModuleEdits.remove(new ModuleId(name)).on(cabled))).isEqualTo(ids(JOB));
        // once every module has one there is nothing to add
        assertThat(CablingEdits.toModules(SmallJob.THIN).on(cabled)).isEqualTo(cabled);
    }

    @Test
    void renumberingFollowsCablesAndLoads() {
        Job job = PowerEdits.load(new LoadFigure(new PointId("03"), 5, 6, LoadFigure.Source.SHEET))
                .on(JOB);
        Job less = PointEdits.remove(Set.of(new PointId("01"))).on(job);
        Job renumbered = PointEdits.renumberAll().on(less);
        assertThat(renumbered.cable(new CableId("C-03")).orElseThrow().ends().points())
                .containsExactly(new PointId("02"));
        assertThat(renumbered.power().load(new PointId("02"))).isPresent();
        assertThat(renumbered.power().load(new PointId("03"))).isEmpty();
    }

    @Test
    void aJointBoxIsBroughtByOneCableHoweverManyBeginThere() {
        Job one = CablingEdits.throughJoint(List.of(new CableId("C-01")), new JointId("J-1"), SmallJob.THIN)
                .on(JOB);
        Job two = CablingEdits.throughJoint(List.of(new CableId("C-02")), new JointId("J-1"), SmallJob.THIN)
                .on(one);
        assertThat(two.cables())
                .filteredOn(cable -> cable.ends().joint().equals(Optional.of(new JointId("J-1"))))
                .hasSize(1);
        assertThat(CablingEdits.freeJoint(two)).isEqualTo(new JointId("J-2"));
        // again for one that begins there already changes nothing
        assertThat(CablingEdits.throughJoint(List.of(new CableId("C-02")), new JointId("J-1"), SmallJob.THIN)
                        .on(two))
                .isEqualTo(two);
    }

    @Test
    void aJointBoxNeverHasTheNameOfAModule() {
        String module = JOB.modules().getFirst().id().text();
        assertThatThrownBy(() -> CablingEdits.throughJoint(
                                List.of(new CableId("C-01")), new JointId(module), SmallJob.THIN)
                        .on(JOB))
                .hasMessage(
                        "there is a module called %s; give the joint box another name, such as J-1".formatted(module));
        assertThatThrownBy(() -> CablingEdits.throughJoint(List.of(), new JointId("J-1"), SmallJob.THIN)
                        .on(JOB))
                .hasMessageContaining("no cable is to begin at joint box J-1");
    }

    @Test
    void endsThatCannotBeAreRefused() {
        assertThatThrownBy(() -> new CableEnds(Optional.empty(), List.of(), Optional.empty(), Optional.empty()))
                .hasMessageContaining("give it one of the three");
        assertThatThrownBy(() -> new CableEnds(
                        Optional.empty(),
                        List.of(new PointId("01")),
                        Optional.of(new ModuleId("Keypad")),
                        Optional.empty()))
                .hasMessageContaining("give it one of the three");
        assertThatThrownBy(() -> CableEnds.toPoints(List.of(new PointId("01"), new PointId("01"))))
                .hasMessageContaining("a point twice");
        assertThatThrownBy(() -> CableEnds.toJoint(new JointId("J-1")).startingAt(Optional.of(new JointId("J-1"))))
                .hasMessageContaining("to itself");
    }
}
