package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.acceptance.AcceptanceLine;
import io.answerback.core.acceptance.AcceptancePlan;
import io.answerback.core.acceptance.Expected;
import io.answerback.core.acceptance.LineSection;
import io.answerback.core.acceptance.LineState;
import io.answerback.core.acceptance.LiveWalk;
import io.answerback.core.acceptance.ModelRun;
import io.answerback.core.acceptance.WalkNote;
import io.answerback.core.acceptance.WalkingOrder;
import io.answerback.core.edit.AcceptanceEdits;
import io.answerback.core.edit.PointEdits;
import io.answerback.core.edit.SetupEdits;
import io.answerback.core.event.Qualifier;
import io.answerback.core.event.Signal;
import io.answerback.core.id.PointId;
import io.answerback.core.operation.OperationRules;
import io.answerback.core.profile.Decision;
import io.answerback.core.shown.Showing;
import io.answerback.core.shown.Showing.Way;
import io.answerback.core.site.Job;
import io.answerback.core.site.Link;
import io.answerback.files.demo.DemoJobs;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The plan of the demos, and signals of a walk against it.
class AcceptancePlanTest {
    private static final Job JOB = DemoJobs.job(1);
    private static final AcceptancePlan PLAN = AcceptancePlan.of(JOB, DataFiles.events());

    private static AcceptanceLine line(String id) {
        return PLAN.line(id).orElseThrow(() -> new AssertionError(id));
    }

    private static Signal signal(Qualifier qualifier, String event, int area, int zone) {
        return new Signal("7316", qualifier, event, area, zone);
    }

    @Test
    void everyPointThatReportsHasALineAndNoneTwice() {
        assertThat(PLAN.lines()).extracting(AcceptanceLine::id).doesNotHaveDuplicates();
        long devices = PLAN.lines().stream()
                .filter(line -> line.section() == LineSection.DEVICES)
                .count();
        assertThat(devices).isEqualTo(23);
        assertThat(line("point:07").expects())
                .extracting(Expected::words)
                .containsExactly("130 · 02 · 015", "R 130 · 02 · 015");
        assertThat(line("point:01").withinSeconds()).isEqualTo(30 + 60);
        assertThat(line("point:01").seen()).contains("30 s");
    }

    @Test
    void settingOutputsPathsReceiversAndSupplyAreInIt() {
        assertThat(PLAN.lines())
                .extracting(AcceptanceLine::id)
                .contains(
                        "set:1:code",
                        "set:1:quick",
                        "part:2",
                        "threat",
                        "lid:panel",
                        "path:IP",
                        "failover:IP:CELLULAR",
                        "receiver:A1",
                        "mains",
                        "battery",
                        "restart")
                .anyMatch(id -> id.startsWith("sounder:"))
                .anyMatch(id -> id.startsWith("key:"));
        assertThat(line("mains").withinSeconds()).isEqualTo(900 + 60);
        assertThat(line("point:05").caution()).contains("on test");
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void walkingIsNeverLongerThanAnyOrderThatIsTried(int demo) {
        Job job = DemoJobs.job(demo);
        List<PointId> order = AcceptancePlan.of(job, DataFiles.events()).lines().stream()
                .filter(line -> line.section() == LineSection.DEVICES)
                .flatMap(line -> line.point().stream())
                .toList();
        double walked = WalkingOrder.metres(job, order);
        Random random = new Random(demo);
        List<PointId> other = new ArrayList<>(order);
        for (int i = 0; i < 500; i++) {
            Collections.shuffle(other, random);
            assertThat(WalkingOrder.metres(job, other)).isGreaterThanOrEqualTo(walked);
        }
    }

    @Test
    void whatTheModelShowedDoesNotCountAndWhatChangedSinceIsAllNamed() {
        AcceptanceLine door = line("point:07");
        Instant at = Instant.parse("2026-06-02T10:00:00Z");
        Job model = AcceptanceEdits.shown(new Showing(door.id(), Way.MODEL, "jk", at, "answered", door.basis()))
                .on(JOB);
        assertThat(LineState.of(door, model).shown()).isFalse();
        Job live = AcceptanceEdits.shown(new Showing(door.id(), Way.LIVE, "jk", at, "answered", door.basis()))
                .on(model);
        LineState shown = LineState.of(door, live);
        assertThat(shown.shown()).isTrue();
        assertThat(shown.best()).map(Showing::way).contains(Way.LIVE);
        Job changed =
                SetupEdits.decide(Decision.ZONE_BEHAVIOUR, 15, "ENTRY_ROUTE").on(live);
        changed = io.answerback.core.edit.Edits.zoneArea(15, Optional.of(3)).on(changed);
        AcceptanceLine again =
                AcceptancePlan.of(changed, DataFiles.events()).line("point:07").orElseThrow();
        LineState stale = LineState.of(again, changed);
        assertThat(stale.shown()).isFalse();
        assertThat(stale.stale())
                .contains(
                        "Zone: area: 02, now 03",
                        "Zone: zone type: immediate, now entry route",
                        "Event: event: 130, now 132");
        assertThat(LineState.of(line("point:06"), changed).stale()).isEmpty();
    }

    @Test
    void whatWasShownFollowsAPointThatGetsAnotherNumber() {
        AcceptanceLine door = line("point:07");
        Job shown = AcceptanceEdits.shown(
                        new Showing(door.id(), Way.HAND, "jk", Instant.EPOCH, "read back", door.basis()))
                .on(JOB);
        Job renumbered =
                PointEdits.renumber(new PointId("07"), new PointId("70")).on(shown);
        assertThat(renumbered.acceptance().of("point:70")).hasSize(1);
        assertThat(renumbered.acceptance().of("point:07")).isEmpty();
    }

    @Test
    void signalsTickTheirLinesAndARestoreCompletesThem() {
        LiveWalk walk = LiveWalk.of(PLAN);
        LiveWalk.Step came = walk.arrives(signal(Qualifier.NEW, "130", 2, 15), 0);
        assertThat(came.note().kind()).isEqualTo(WalkNote.Kind.BEGUN);
        assertThat(came.walk().overdue(60_000)).isEmpty();
        LiveWalk.Step late = came.walk().overdue(60_001).orElseThrow();
        assertThat(late.note().kind()).isEqualTo(WalkNote.Kind.NO_RESTORE);
        assertThat(late.walk().overdue(90_000)).isEmpty();
        LiveWalk.Step done = late.walk().arrives(signal(Qualifier.RESTORE, "130", 2, 15), 95_000);
        assertThat(done.note().kind()).isEqualTo(WalkNote.Kind.SHOWN);
        assertThat(done.walk().shown()).containsExactly("point:07");
        assertThat(done.walk()
                        .arrives(signal(Qualifier.NEW, "130", 2, 15), 96_000)
                        .note()
                        .kind())
                .isEqualTo(WalkNote.Kind.AGAIN);
    }

    @Test
    void whatIsWrongIsNamedWithTheLinkAndTheEntryToType() {
        LiveWalk walk = LiveWalk.of(PLAN);
        WalkNote area = walk.arrives(signal(Qualifier.NEW, "130", 1, 15), 0).note();
        assertThat(area.kind()).isEqualTo(WalkNote.Kind.WRONG_AREA);
        assertThat(area.lineId()).contains("point:07");
        assertThat(area.why()).isEqualTo("Zone 15 is in area 01 in the panel. The plan has it in 02.");
        assertThat(area.entry()).contains(Decision.ZONE_AREA);
        WalkNote event = walk.arrives(signal(Qualifier.NEW, "132", 2, 15), 0).note();
        assertThat(event.kind()).isEqualTo(WalkNote.Kind.WRONG_EVENT);
        assertThat(event.entry()).contains(Decision.ZONE_BEHAVIOUR);
        WalkNote account =
                walk.arrives(new Signal("9999", Qualifier.NEW, "130", 2, 15), 0).note();
        assertThat(account.kind()).isEqualTo(WalkNote.Kind.WRONG_ACCOUNT);
        assertThat(account.says()).isEqualTo("Account 9999, planned 7316");
        WalkNote number = walk.at(Optional.of("point:07"))
                .arrives(signal(Qualifier.NEW, "130", 2, 47), 0)
                .note();
        assertThat(number.kind()).isEqualTo(WalkNote.Kind.WRONG_NUMBER);
        assertThat(number.link()).contains(Link.INPUT);
        assertThat(walk.arrives(signal(Qualifier.NEW, "151", 2, 88), 0).note().kind())
                .isEqualTo(WalkNote.Kind.UNKNOWN);
        assertThat(walk.arrives(signal(Qualifier.NEW, "603", 0, 0), 0).note().kind())
                .isEqualTo(WalkNote.Kind.TRAFFIC);
    }

    @Test
    void twoDevicesThatAreSwappedAreFoundAtTheSecond() {
        Signal seven = signal(Qualifier.NEW, "130", 2, 15);
        Signal six = signal(Qualifier.NEW, "130", 2, 14);
        LiveWalk.Step first = LiveWalk.of(PLAN).at(Optional.of("point:06")).arrives(seven, 0);
        assertThat(first.note().kind()).isEqualTo(WalkNote.Kind.OTHER_DEVICE);
        assertThat(first.walk().shown()).isEmpty();
        LiveWalk.Step second = first.walk().at(Optional.of("point:07")).arrives(six, 30_000);
        assertThat(second.note().kind()).isEqualTo(WalkNote.Kind.SWAPPED);
        assertThat(second.note().says()).isEqualTo("07 Dock roller door 2 and 06 Dock roller door 1 are swapped");
    }

    @Test
    void aJobWithWhatWasShownIsReadAsItWasWritten() throws BrokenFile {
        Job shown = AcceptanceEdits.shown(new Showing(
                        "mains",
                        Way.HAND,
                        "jk",
                        Instant.parse("2026-06-02T10:00:00Z"),
                        "12.4 V",
                        line("mains").basis()))
                .on(JOB);
        String text = JobCodec.write(JobDocument.of(shown));
        assertThat(JobCodec.read(text, "job").job().acceptance()).isEqualTo(shown.acceptance());
    }

    @Test
    void aTestTicksNoPathUnlessSomebodySaysWhichItCameBy() {
        Signal test = signal(Qualifier.NEW, "602", 0, 0);
        LiveWalk.Step untold = LiveWalk.of(PLAN).arrives(test, 0);
        assertThat(untold.note().kind()).isEqualTo(WalkNote.Kind.TRAFFIC);
        assertThat(untold.note().says()).contains("fits several lines");
        assertThat(untold.walk().shown()).isEmpty();
        LiveWalk.Step told = LiveWalk.of(PLAN).at(Optional.of("path:CELLULAR")).arrives(test, 0);
        assertThat(told.walk().shown()).containsExactly("path:CELLULAR");
    }

    @Test
    void partSettingIsNotTakenForSetting() {
        LiveWalk.Step part = LiveWalk.of(PLAN).arrives(signal(Qualifier.RESTORE, "441", 2, 1), 0);
        assertThat(part.walk().begun()).containsOnlyKeys("part:2");
        LiveWalk.Step unset = part.walk().arrives(signal(Qualifier.NEW, "401", 2, 1), 60_000);
        assertThat(unset.walk().shown()).containsExactly("part:2");
    }

    @Test
    void aPointThatThePracticeStationAnsweredWasShownInTheModelOnly() {
        Job answered = AcceptanceEdits.notShown("point:01", Way.LIVE).on(JOB);
        LineState entrance = LineState.of(line("point:01"), answered);
        assertThat(entrance.best()).map(Showing::way).contains(Way.MODEL);
        assertThat(entrance.stale()).isEmpty();
        assertThat(entrance.shown()).isFalse();
        LineState moved = LineState.of(line("point:09"), JOB);
        assertThat(moved.stale())
                .as("the demo changed it after it was answered")
                .isNotEmpty();
    }

    /// Everything that the model can do of the plan, it does as the plan expects; what is seen or heard it cannot do.
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void theModelShowsWhatItCanDo(int demo) {
        Job job = DemoJobs.job(demo);
        ModelRun model = new ModelRun(OperationRules.of(job));
        List<AcceptanceLine> done = AcceptancePlan.of(job, DataFiles.events()).lines().stream()
                .filter(line -> model.signals(line).isPresent())
                .toList();
        assertThat(done).extracting(AcceptanceLine::id).contains("mains", "battery");
        for (AcceptanceLine line : done) {
            List<Signal> signals = model.signals(line).orElseThrow();
            assertThat(ModelRun.shows(line, signals))
                    .as("demo %d, %s: %s", demo, line.id(), signals)
                    .isTrue();
        }
        assertThat(model.signals(AcceptancePlan.of(job, DataFiles.events())
                        .line("restart")
                        .orElseThrow()))
                .isEmpty();
    }

    @Test
    void whatIsProgrammedOtherwiseIsNotShownInTheModel() {
        Job untold = SetupEdits.decide(Decision.REPORT_TROUBLES, 0, "no").on(JOB);
        List<Signal> signals =
                new ModelRun(OperationRules.of(untold)).signals(line("mains")).orElseThrow();
        assertThat(ModelRun.shows(line("mains"), signals)).isFalse();
    }
}
