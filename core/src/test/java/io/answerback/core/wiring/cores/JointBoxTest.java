package io.answerback.core.wiring.cores;

import static io.answerback.core.testing.SmallBox.FOUR;
import static io.answerback.core.testing.SmallBox.SIX;
import static io.answerback.core.testing.SmallBox.job;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.cable.CableInstallation;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.site.Job;
import io.answerback.core.testing.Found;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cabling.CablingEdits;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/// Cables that reach their box through joint boxes, cables that serve several devices, and second cables.
class JointBoxTest extends JoinedCables {
    /// C-02 and C-03 begin at J-1, and C-04 brings it what they need.
    private static Job joined() {
        Job job = CablingEdits.throughJoint(
                        List.of(new CableId("C-02"), new CableId("C-03")), new JointId("J-1"), SmallJob.THIN)
                .on(job(SIX));
        return CableEdits.installation("", new CableId(trunk(job)), installation -> installation.withType(EIGHT))
                .on(job);
    }

    private static String trunk(Job job) {
        return job.cables().stream()
                .filter(cable -> cable.ends().joint().equals(Optional.of(new JointId("J-1"))))
                .findFirst()
                .orElseThrow()
                .id()
                .text();
    }

    private static List<String> stops(Job job, String cable, CoreUse use) {
        CorePlan plan = CorePlan.of(job);
        String colour = plan.at(job.cable(new CableId(cable)).orElseThrow(), CableEnd.FAR)
                .flatMap(box -> box.cable(new CableId(cable)))
                .flatMap(cores -> cores.core(use))
                .orElseThrow()
                .colour();
        return plan.path(new CoreEnd(new CableId(cable), colour)).orElseThrow().stops().stream()
                .map(stop -> stop.title() + ": " + stop.where())
                .toList();
    }

    @Test
    void aCoreIsFollowedFromItsTerminalThroughTheJointToTheDevice() {
        Job job = joined();
        List<String> way = stops(job, "C-02", CoreUse.LOOP);
        assertThat(way).hasSize(3);
        assertThat(way.getFirst()).isEqualTo("Panel: input 2");
        assertThat(way.get(1)).startsWith("J-1: joins ");
        assertThat(way.getLast()).isEqualTo("02 Store door: contact in");
        // from the other side it is the same way
        CorePlan plan = CorePlan.of(job);
        CorePath whole = plan.path(new CoreEnd(new CableId("C-02"), "yellow")).orElseThrow();
        assertThat(plan.path(whole.cores().getFirst()).orElseThrow().cores()).isEqualTo(whole.cores());
    }

    @Test
    void whatIsBehindAJointBoxIsNeededOfTheCableThatBringsIt() {
        Job job = joined();
        CableCores cores = CorePlan.of(job).cable(new CableId(trunk(job))).orElseThrow();
        assertThat(cores.cores())
                .filteredOn(core -> core.use() == CoreUse.LOOP)
                .extracting(core -> core.need().pointId())
                .containsExactlyInAnyOrder(Optional.of(new PointId("02")), Optional.of(new PointId("03")));
        assertThat(cores.lacking()).isEmpty();
        Job thin = CableEdits.installation("", new CableId(trunk(job)), installation -> installation.withType(FOUR))
                .on(job);
        // the loops come first; the covers behind it lose their pair
        assertThat(CorePlan.of(thin)
                        .cable(new CableId(trunk(thin)))
                        .orElseThrow()
                        .lacking())
                .extracting(CoreNeed::use)
                .containsExactly(CoreUse.TAMPER, CoreUse.TAMPER_RETURN);
    }

    @Test
    void theRingOfAJointBoxIsOneStationOfTheRingOfItsBox() {
        Job job = joined();
        CorePlan plan = CorePlan.of(job);
        assertThat(plan.box(new ModuleId("Panel")).orElseThrow().ring().joined())
                .containsExactly(new CableId("C-01"), new CableId(trunk(job)));
        assertThat(plan.box(new JointId("J-1")).orElseThrow().ring().joined())
                .containsExactly(new CableId("C-02"), new CableId("C-03"));
    }

    @Test
    void aSecondJointBoxOnTheWayIsFollowedToo() {
        Job job = joined();
        job = CablingEdits.throughJoint(List.of(new CableId("C-03")), CablingEdits.freeJoint(job), SmallJob.THIN)
                .on(job);
        String second = job.cables().stream()
                .filter(cable -> cable.ends().joint().equals(Optional.of(new JointId("J-2"))))
                .findFirst()
                .orElseThrow()
                .id()
                .text();
        job = CableEdits.installation("", new CableId(second), installation -> installation.withType(SIX))
                .on(job);
        assertThat(stops(job, "C-03", CoreUse.LOOP_RETURN))
                .hasSize(4)
                .satisfies(way -> assertThat(way.get(1)).startsWith("J-1: "))
                .satisfies(way -> assertThat(way.get(2)).startsWith("J-2: "));
    }

    @Test
    void theRingGoesThroughTheLidAndClosesThereWhenNoCoverBehindIsJoined() {
        Job job = CablingEdits.throughJoint(List.of(new CableId("C-02")), new JointId("J-1"), SmallJob.THIN)
                .on(job(SIX));
        job = CableEdits.chooseTypes(List.of(SIX)).on(job);
        Job alone = CableEdits.installation("", new CableId("C-02"), installation -> installation.withInRing(false))
                .on(job);
        for (Job one : List.of(job, alone)) {
            BoxPlan joint = CorePlan.of(one).box(new JointId("J-1")).orElseThrow();
            CableCores trunk = joint.cables().stream()
                    .filter(cable -> cable.end() == CableEnd.FAR)
                    .findFirst()
                    .orElseThrow();
            assertThat(TerminationWords.of(
                            trunk.core(CoreUse.TAMPER).orElseThrow().termination(), joint.strip()))
                    .isEqualTo("lid in");
            assertThat(TerminationWords.of(
                            trunk.core(CoreUse.TAMPER_RETURN).orElseThrow().termination(), joint.strip()))
                    .isEqualTo(one == job ? "joins C-02 white" : "lid out");
        }
    }

    @Test
    void jointBoxesThatFeedEachOtherAndALoopInTwoCablesAreFound() {
        Job job = CablingEdits.throughJoint(List.of(new CableId("C-02")), new JointId("J-1"), SmallJob.THIN)
                .on(job(SIX));
        Cable trunk = job.cables().stream()
                .filter(cable -> cable.ends().joint().equals(Optional.of(new JointId("J-1"))))
                .findFirst()
                .orElseThrow();
        Job circle = job.withCables(Stream.concat(
                        job.cables().stream()
                                .map(cable -> cable == trunk
                                        ? trunk.withEnds(trunk.ends().startingAt(Optional.of(new JointId("J-2"))))
                                        : cable),
                        Stream.of(new Cable(new CableId("C-90"), new PointId("01"), 5, SmallJob.THIN, 20, 20)
                                .withEnds(CableEnds.toJoint(new JointId("J-2"))
                                        .startingAt(Optional.of(new JointId("J-1"))))))
                .toList());
        assertThat(Found.in(circle, "joint-circle:J-1").orElseThrow().says())
                .isEqualTo("Joint box J-1 is fed by joint boxes only");
        Job twice = job(SIX).withCables(Stream.concat(
                        job(SIX).cables().stream(),
                        Stream.of(new Cable(new CableId("C-91"), new PointId("01"), 9, SmallJob.THIN, 20, 20)
                                .withEnds(CableEnds.toPoints(List.of(new PointId("03"), new PointId("02"))))
                                .withInstallation(CableInstallation.PLANNED.withType(SIX))))
                .toList());
        assertThat(Found.in(twice, "loop-carried-twice:02").orElseThrow().says())
                .isEqualTo("The loop of 02 comes to Panel twice");
    }

    /// Two cables that begin at one joint box carry the same loop: side by side in one joint.
    @Test
    void oneJoinThatTwoCablesCarryIsFound() {
        Job job = CablingEdits.throughJoint(List.of(new CableId("C-02")), new JointId("J-1"), SmallJob.THIN)
                .on(job(SIX));
        assertThat(Found.in(job, "loop-carried-twice:02")).isEmpty();
        Job twice = job.withCables(Stream.concat(
                        job.cables().stream().filter(cable -> !cable.id().equals(new CableId("C-03"))),
                        Stream.of(new Cable(new CableId("C-91"), new PointId("01"), 9, SmallJob.THIN, 20, 20)
                                .withEnds(CableEnds.toPoints(List.of(new PointId("03"), new PointId("02")))
                                        .startingAt(Optional.of(new JointId("J-1"))))
                                .withInstallation(CableInstallation.PLANNED.withType(SIX))))
                .toList());
        assertThat(Found.in(twice, "loop-carried-twice:02").orElseThrow().says())
                .isEqualTo("The loop of 02 comes to J-1 twice");
    }
}
