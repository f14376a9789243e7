package io.answerback.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.FaultKind;
import io.answerback.core.loop.scheme.LoopFault;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class OpenJobTest {
    private final Assessor assessor = new Assessor(DataFiles.events());
    private final Job job = DemoJobs.job(1);
    private final OpenJob openJob = new OpenJob(assessor, assessor.assess(job), Optional.empty(), "");

    @BeforeEach
    void waitForWhatIsComputed() {
        openJob.waitUpTo(Duration.ofSeconds(10));
    }

    @Test
    void anEditIsAssessedAtOnceAndUnsaved() {
        assertThat(openJob.now().unsaved()).isFalse();
        assertThat(openJob.apply(Edits.cableMetres(new CableId("C-17"), 700))).isTrue();
        assertThat(openJob.now().unsaved()).isTrue();
        assertThat(openJob.now().assessment().findings())
                .extracting(Finding::id)
                .contains("loop-unsafe:07");
        openJob.undo();
        assertThat(openJob.now().unsaved()).isFalse();
        assertThat(openJob.now().notice()).isEqualTo("Undone: length of C-17");
        openJob.redo();
        assertThat(openJob.now().notice()).isEqualTo("Done again: length of C-17");
    }

    @Test
    void aRefusedEditIsToldAndLeavesTheJob() {
        assertThat(openJob.apply(Edits.cableMetres(new CableId("C-17"), -1))).isFalse();
        assertThat(openJob.now().job()).isSameAs(job);
        assertThat(openJob.now().notice()).contains("must be from 0 to 10000");
    }

    @Test
    void walkingThePointsStopsAtBothEnds() {
        openJob.selectNext(-1);
        assertThat(openJob.now().selected()).isEqualTo(new PointId("01"));
        openJob.selectNext(1000);
        assertThat(openJob.now().selected()).isEqualTo(new PointId("path"));
        openJob.select(new PointId("nowhere"));
        assertThat(openJob.now().selected()).isEqualTo(new PointId("path"));
    }

    @Test
    void theSwitchFollowsThePointThatIsActive() {
        openJob.select(new PointId("07"));
        openJob.setActive(Set.of(new PointId("07")));
        assertThat(openJob.now().device()).isEqualTo(DeviceState.ACTIVE);
        openJob.select(new PointId("06"));
        assertThat(openJob.now().device()).isEqualTo(DeviceState.AT_REST);
        openJob.switchTo(DeviceState.COVER_OFF, new LoopFault(FaultKind.LEAK, 12_000));
        openJob.select(new PointId("07"));
        assertThat(openJob.now().device()).isEqualTo(DeviceState.ACTIVE);
        assertThat(openJob.now().fault()).isEqualTo(LoopFault.NONE);
    }

    @Test
    void aFindingLeadsToWhereItIsMended() {
        Finding off = openJob.now().assessment().findings().stream()
                .filter(finding -> finding.id().equals("zone-off:15"))
                .findFirst()
                .orElseThrow();
        openJob.follow(off);
        assertThat(openJob.now().selected()).isEqualTo(new PointId("15"));
        assertThat(openJob.now().stop()).isEqualTo(Stop.REPORT);
        assertThat(openJob.now().findingsHere()).contains(off);
    }

    @Test
    void savingAnOlderStateLeavesNewerEditsUnsaved() {
        Job older = openJob.now().job();
        openJob.apply(Edits.cableMetres(new CableId("C-17"), 70));
        openJob.savedTo(Path.of("a.answerback.json"), older);
        assertThat(openJob.now().unsaved()).isTrue();
    }
}
