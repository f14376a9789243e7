package io.answerback.core.wiring.cabling;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.cable.ScreenEarth;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.paper.CoreSchedule;
import io.answerback.core.testing.Found;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallParts;
import io.answerback.core.wiring.cores.CorePlan;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// The screens of a cable by itself, and of one that is joined through a joint box.
class ScreenRunTest {
    private static final CableType SCREENED = SmallParts.cableType(
            "6s",
            "6-core, screened",
            SmallJob.THIN,
            List.of("red", "black", "yellow", "green", "blue", "white"),
            true,
            false);
    private static final CableId DEVICE = new CableId("C-02");

    private final Job alone = screened(SmallJob.job(), DEVICE);
    private final Job joint = CablingEdits.throughJoint(List.of(DEVICE), new JointId("J-1"), SmallJob.THIN)
            .on(alone);
    private final CableId trunk = joint.cables().getLast().id();
    private final Job run = screened(joint, trunk);

    private static Job screened(Job job, CableId cable) {
        return CableEdits.installation("", cable, its -> its.withType(SCREENED)).on(job);
    }

    private static Job earthed(Job job, CableId cable, ScreenEarth screen) {
        return CableEdits.installation("", cable, its -> its.withScreen(screen)).on(job);
    }

    private static Optional<Finding> found(Job job) {
        List<String> ids = List.of("screen-undecided", "screen-not-earthed", "screen-earthed-twice");
        return ids.stream()
                .flatMap(id -> job.cables().stream().map(cable -> id + ":" + cable.id()))
                .flatMap(id -> Found.in(job, id).stream())
                .findFirst();
    }

    @ParameterizedTest
    @CsvSource({"NEAR, ", "FAR, ", "BOTH, screen-earthed-twice", "NEITHER, screen-not-earthed"})
    void aCableByItselfGoesToEarthAtOneEnd(ScreenEarth screen, String rule) {
        assertThat(found(earthed(alone, DEVICE, screen)).map(its -> its.rule().id()))
                .isEqualTo(Optional.ofNullable(rule));
    }

    /// Both cables are one run: once along the whole of it.
    @ParameterizedTest
    @CsvSource({
        "NEAR, NEITHER, ",
        "NEITHER, FAR, ",
        "NEAR, FAR, screen-earthed-twice",
        "NEAR, NEAR, screen-earthed-twice",
        "NEITHER, NEITHER, screen-not-earthed"
    })
    void aScreenThatIsJoinedThroughGoesToEarthOnce(ScreenEarth first, ScreenEarth second, String rule) {
        assertThat(ScreenRun.of(run)).hasSize(1);
        assertThat(found(earthed(earthed(run, trunk, first), DEVICE, second))
                        .map(its -> its.rule().id()))
                .isEqualTo(Optional.ofNullable(rule));
    }

    @Test
    void whereItGoesIsDecidedByTheFixOfTheFinding() {
        Finding undecided = found(run).orElseThrow();
        assertThat(undecided.rule()).isEqualTo(ScreenEarthing.UNDECIDED);
        Job decided = undecided.mend().orElseThrow().on(run);
        assertThat(found(decided)).isEmpty();
        assertThat(decided.cable(trunk).orElseThrow().installation().screen()).contains(ScreenEarth.NEAR);
        assertThat(decided.cable(DEVICE).orElseThrow().installation().screen()).contains(ScreenEarth.NEITHER);
        assertThat(found(SmallJob.job())).isEmpty();
    }

    @Test
    void theScheduleOfCoresSaysWhereItGoes() {
        Job near = earthed(alone, DEVICE, ScreenEarth.NEAR);
        assertThat(CoreSchedule.of(near, CorePlan.of(near)).rows())
                .filteredOn(row -> row.get(4).equals("screen"))
                .singleElement()
                .satisfies(row -> assertThat(row.get(5)).isEqualTo("earth of the box"))
                .satisfies(row -> assertThat(row.get(6)).startsWith("no earth"));
    }
}
