package io.answerback.core.panel.behaviour;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.TimedWalk;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallSetup;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// States nobody wants: zone 1 is the entrance of area 1, zone 2 is passed, zone 3 is a hold-up of area 2.
class UnwantedStatesTest {
    private static final Job JOB = SmallSetup.job();

    private static List<String> found(Job job) {
        return new Assessor(SmallJob.EVENTS)
                .assess(job).findings().stream().map(Finding::id).toList();
    }

    private static Job user(Job job, Integer... areas) {
        return SetupEdits.user(new PanelProgramming.User(4, "Owner", List.of(areas), Optional.empty()))
                .on(job);
    }

    private static Job walked(ZoneType passed, int area, double seconds) {
        Job job = Edits.zoneType(1, ZoneType.ENTRY_EXIT).on(JOB);
        job = Edits.zoneType(2, passed).on(job);
        job = Edits.zoneArea(2, Optional.of(area)).on(job);
        job = SetupEdits.decide(Decision.EXIT_TIME, 1, "60").on(job);
        return SetupEdits.walk(new TimedWalk(
                        new PointId("01"),
                        new ModuleId("Keypad 1"),
                        List.of(new TimedWalk.Pace(new PointId("02"), 4)),
                        seconds))
                .on(job);
    }

    @Test
    void aSoundJobHasNone() {
        assertThat(found(user(JOB)))
                .doesNotContain("area-never-set:1", "area-never-set:2")
                .noneMatch(id -> id.startsWith("area-never") || id.startsWith("way-out") || id.startsWith("refusal"));
    }

    @Test
    void areasThatFollowEachOtherAreNeverSet() {
        Job job = SetupEdits.decide(Decision.AREA_FOLLOWS, 1, "2").on(JOB);
        assertThat(found(job)).noneMatch(id -> id.startsWith("area-never-set"));
        Job both = SetupEdits.decide(Decision.AREA_FOLLOWS, 2, "1").on(job);
        assertThat(found(both)).contains("area-never-set:1", "area-never-set:2");
    }

    @Test
    void anAreaThatNoUserHasIsNeverUnsetUnlessAKeyDoesOrItFollows() {
        Job job = user(JOB, 1);
        assertThat(found(job)).contains("area-never-unset:2").doesNotContain("area-never-unset:1");
        assertThat(found(Edits.zoneType(3, ZoneType.KEY_SWITCH).on(job))).doesNotContain("area-never-unset:2");
        assertThat(found(SetupEdits.decide(Decision.AREA_FOLLOWS, 2, "1").on(job)))
                .doesNotContain("area-never-unset:2");
        assertThat(found(
                        SetupEdits.decide(Decision.USER_HOURS, 4, "08:00-12:00").on(user(JOB))))
                .noneMatch(id -> id.startsWith("area-never-unset"));
    }

    @Test
    void whereATimerSetsAndNothingCanBeSentNobodyHearsOfARefusal() {
        Job job = SetupEdits.decide(Decision.AREA_SETS_AT, 1, "22:00").on(JOB);
        assertThat(found(job)).doesNotContain("refusal-untold:1");
        Job silent = job;
        for (int area : new int[] {1, 2}) {
            silent = Edits.account(area, "").on(silent);
        }
        assertThat(found(silent)).contains("refusal-untold:1").doesNotContain("refusal-untold:2");
    }

    @Test
    void theDoorOfAnotherAreaOnTheWayOutStartsItsEntryTime() {
        assertThat(found(walked(ZoneType.ENTRY_ROUTE, 1, 20))).noneMatch(id -> id.startsWith("way-out"));
        assertThat(found(walked(ZoneType.ENTRY_EXIT, 2, 20))).contains("way-out-alarms:02");
    }

    @Test
    void whoNeedsLongerToTheDoorThanTheExitTimeIsStillInside() {
        Job job = SetupEdits.decide(Decision.EXIT_TIME, 1, "25").on(walked(ZoneType.ENTRY_ROUTE, 1, 28));
        assertThat(found(job)).contains("way-out-too-slow:01");
        assertThat(found(SetupEdits.decide(Decision.EXIT_TIME, 1, "28").on(job)))
                .doesNotContain("way-out-too-slow:01");
    }
}
