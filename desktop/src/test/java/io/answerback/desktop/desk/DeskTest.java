package io.answerback.desktop.desk;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessor;
import io.answerback.core.edit.Edits;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Stop;
import io.answerback.core.id.CableId;
import io.answerback.core.id.PointId;
import io.answerback.core.scheme.DeviceState;
import io.answerback.core.scheme.FaultKind;
import io.answerback.core.scheme.LoopFault;
import io.answerback.core.site.Job;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class DeskTest {
    private final Assessor assessor = new Assessor(DataFiles.events());
    private final Job job = DemoJobs.job(1);
    private final Desk desk = new Desk(assessor, assessor.assess(job), Optional.empty(), "");

    @Test
    void anEditIsAssessedAtOnceAndUnsaved() {
        assertThat(desk.now().unsaved()).isFalse();
        assertThat(desk.apply(Edits.cableMetres(new CableId("C-17"), 700))).isTrue();
        assertThat(desk.now().unsaved()).isTrue();
        assertThat(desk.now().assessment().findings()).extracting(Finding::id).contains("loop-unsafe:07");
        desk.undo();
        assertThat(desk.now().unsaved()).isFalse();
        assertThat(desk.now().notice()).isEqualTo("Undone: length of C-17");
        desk.redo();
        assertThat(desk.now().notice()).isEqualTo("Done again: length of C-17");
    }

    @Test
    void aRefusedEditIsToldAndLeavesTheJob() {
        assertThat(desk.apply(Edits.cableMetres(new CableId("C-17"), -1))).isFalse();
        assertThat(desk.now().job()).isSameAs(job);
        assertThat(desk.now().notice()).contains("must be from 0 to 10000");
    }

    @Test
    void walkingThePointsStopsAtBothEnds() {
        desk.selectNext(-1);
        assertThat(desk.now().selected()).isEqualTo(new PointId("01"));
        desk.selectNext(1000);
        assertThat(desk.now().selected()).isEqualTo(new PointId("path"));
        desk.select(new PointId("nowhere"));
        assertThat(desk.now().selected()).isEqualTo(new PointId("path"));
    }

    @Test
    void theSwitchFollowsThePointThatIsActive() {
        desk.select(new PointId("07"));
        desk.setActive(Set.of(new PointId("07")));
        assertThat(desk.now().device()).isEqualTo(DeviceState.ACTIVE);
        desk.select(new PointId("06"));
        assertThat(desk.now().device()).isEqualTo(DeviceState.AT_REST);
        desk.switchTo(DeviceState.COVER_OFF, new LoopFault(FaultKind.LEAK, 12_000));
        desk.select(new PointId("07"));
        assertThat(desk.now().device()).isEqualTo(DeviceState.ACTIVE);
        assertThat(desk.now().fault()).isEqualTo(LoopFault.NONE);
    }

    @Test
    void aFindingLeadsToWhereItIsMended() {
        Finding off = desk.now().assessment().findings().stream()
                .filter(finding -> finding.id().equals("zone-off:15"))
                .findFirst()
                .orElseThrow();
        desk.follow(off);
        assertThat(desk.now().selected()).isEqualTo(new PointId("15"));
        assertThat(desk.now().stop()).isEqualTo(Stop.REPORT);
        assertThat(desk.now().findingsHere()).contains(off);
    }

    @Test
    void savingAnOlderStateLeavesNewerEditsUnsaved() {
        Job older = desk.now().job();
        desk.apply(Edits.cableMetres(new CableId("C-17"), 70));
        desk.savedTo(Path.of("a.answerback.json"), older);
        assertThat(desk.now().unsaved()).isTrue();
    }
}
