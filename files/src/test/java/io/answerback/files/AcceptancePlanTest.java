package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.AcceptanceEdits;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.SettingScope;
import io.answerback.core.model.shown.Showing;
import io.answerback.core.model.shown.Showing.Way;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.prove.acceptance.AcceptanceLine;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.core.prove.acceptance.Expected;
import io.answerback.core.prove.acceptance.LineSection;
import io.answerback.core.prove.acceptance.LineState;
import io.answerback.core.prove.acceptance.LiveWalk;
import io.answerback.core.prove.acceptance.ModelRun;
import io.answerback.core.prove.acceptance.WalkingOrder;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.files.demo.DemoJobs;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The plan of the demos, and signals of a walk against it.
class AcceptancePlanTest extends PlannedAcceptance {
    private static AcceptanceLine line(String id) {
        return PLAN.line(id).orElseThrow(() -> new AssertionError(id));
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
        changed = io.answerback.core.engine.edit.Edits.zoneArea(15, Optional.of(3))
                .on(changed);
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

    /// Everything that the model can do of the plan, it does as the plan expects; what is seen or heard it
    /// cannot do.
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void theModelShowsWhatItCanDo(int demo) {
        Job job = DemoJobs.job(demo);
        assertThat(doneByTheModel(job)).contains("mains", "battery", "restart", "exit-fault", "left-out");
        assertThat(new ModelRun(OperationRules.of(job))
                        .signals(AcceptancePlan.of(job, DataFiles.events())
                                .line("clock")
                                .orElseThrow()))
                .isEmpty();
    }

    /// The lines that the model can do, each held against what the plan expects of it.
    private static List<String> doneByTheModel(Job job) {
        ModelRun model = new ModelRun(OperationRules.of(job));
        List<String> done = new ArrayList<>();
        for (AcceptanceLine line : AcceptancePlan.of(job, DataFiles.events()).lines()) {
            model.signals(line).ifPresent(signals -> {
                assertThat(ModelRun.shows(line, signals))
                        .as("%s, %s: %s", job.site().name(), line.id(), signals)
                        .isTrue();
                done.add(line.id());
            });
        }
        return done;
    }

    private static final Map<Decision, List<String>> DECIDED = Map.of(
            Decision.ENTRY_TIME, List.of("0", "15", "45", "240"),
            Decision.EXIT_TIME, List.of("0", "30", "120"),
            Decision.CONFIRMATION_TIME, List.of("5", "30", "60"),
            Decision.MOST_ALARMS, List.of("1", "2", "3", "9"),
            Decision.REPORT_DELAY, List.of("0", "15", "45"),
            Decision.EXIT_RESTART, List.of("yes", "no"),
            Decision.RESTORE_SET, List.of("yes", "no"),
            Decision.REPORT_SETTING, List.of("yes", "no"),
            Decision.REPORT_TROUBLES, List.of("yes", "no"),
            Decision.ALARM_RESET, List.of("USER", "ENGINEER", "STATION"));

    /// Of a job whatever its panel is decided to do.
    private static Job decided(int seed) {
        Random random = new Random(seed);
        Job job = DemoJobs.job(1 + random.nextInt(DemoJobs.COUNT));
        for (Decision decision : new TreeMap<>(DECIDED).keySet()) {
            List<String> values = DECIDED.get(decision);
            String value = values.get(random.nextInt(values.size()));
            boolean ofAreas = decision.scope() == SettingScope.AREA;
            List<Integer> numbers =
                    ofAreas ? job.areas().stream().map(Area::number).toList() : List.of(0);
            for (int number : numbers) {
                job = SetupEdits.decide(decision, number, value).on(job);
            }
        }
        return job;
    }

    @Test
    void whateverIsDecidedTheModelDoesWhatThePlanExpects() {
        for (int seed = 0; seed < 50; seed++) {
            assertThat(doneByTheModel(decided(seed))).as("seed %d", seed).contains("wrong-codes");
        }
    }

    @Test
    void aShorterPlanSaysWhatItLeavesOut() {
        AcceptancePlan whole = AcceptancePlan.of(JOB, DataFiles.events());
        AcceptancePlan change = whole.afterChange(JOB);
        assertThat(change.lines()).noneMatch(line -> LineState.of(line, JOB).shown());
        assertThat(whole.leftOutOf(change))
                .isNotEmpty()
                .allMatch(line -> LineState.of(line, JOB).shown());
        assertThat(change.lines().size() + whole.leftOutOf(change).size())
                .isEqualTo(whole.lines().size());
    }

    @Test
    void aSounderThatIsAsLoudOnBothSettingsIsNotShown() {
        String loud = "sounder:Sounder:loud";
        assertThat(LineState.of(line(loud), JOB).problems()).isEmpty();
        Showing soft = JOB.acceptance().of("sounder:Sounder:soft").getFirst();
        Job same = AcceptanceEdits.shown(
                        soft.withMeasured(JOB.acceptance().of(loud).getFirst().measured()))
                .on(JOB);
        assertThat(LineState.of(line(loud), same).problems()).containsExactly("as loud as on soft");
    }

    @Test
    void linesSayWhatToBring() {
        assertThat(line("point:12").bring()).contains("test gas");
        assertThat(line("user:2").bring()).contains("the user");
    }

    /// What is done on purpose only does not disturb a walk: its signals are those of other lines as well.
    @Test
    void aLineThatIsOnlyChosenMovesWhileSomebodyDoesIt() {
        LiveWalk walk = LiveWalk.of(AcceptancePlan.of(JOB, DataFiles.events()));
        Signal closing = new Signal("7316", Qualifier.RESTORE, "401", 1, 1);
        assertThat(walk.arrives(closing, 0).note().lineId()).contains("set:1:code");
        assertThat(walk.at(Optional.of("user:1")).arrives(closing, 0).note().lineId())
                .contains("user:1");
    }

    /// With the battery off the panel sends that it is missing, not that it is low; a panel that never tests by
    /// itself finds it at a test that is started. A test by hand comes as a manual or as a periodic one.
    @Test
    void linesExpectWhatTheirStepsCause() {
        assertThat(line("battery").expects())
                .extracting(Expected::words)
                .containsExactly("311 · 00 · 000", "R 311 · 00 · 000");
        AcceptanceLine never = AcceptancePlan.of(DemoJobs.job(3), DataFiles.events())
                .line("battery")
                .orElseThrow();
        assertThat(never.seen()).doesNotContain("0 h").contains("only a test that is started");
        Expected test = line("receiver:A1").expects().getFirst();
        for (String event : List.of("601", "602")) {
            assertThat(test.is(new Signal(test.account(), Qualifier.NEW, event, 0, 0)))
                    .as(event)
                    .isTrue();
        }
        assertThat(test.is(new Signal(test.account(), Qualifier.NEW, "607", 0, 0)))
                .isFalse();
    }

    /// Setting is tried with each fault by itself: what arrives are the faults and their ends, and no setting.
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void settingIsRefusedWithEachFault(int demo) {
        AcceptanceLine refused = AcceptancePlan.of(DemoJobs.job(demo), DataFiles.events())
                .line("refused")
                .orElseThrow();
        assertThat(refused.plays())
                .filteredOn(event -> event.happening() instanceof Happening.SetAsked)
                .hasSize(refused.steps().size());
        assertThat(refused.expects())
                .extracting(Expected::event)
                .isNotEmpty()
                .doesNotContain("401", "441", "570", "454");
        long began = refused.expects().stream()
                .filter(each -> each.qualifier() == Qualifier.NEW)
                .count();
        assertThat(refused.expects()).hasSize((int) (2 * began));
    }

    /// An area that no user may set cannot be shown set by code, and the plan does not say that a keypad
    /// shows it.
    @Test
    void whatTheProgrammingDoesNotAllowIsNotPlannedAsShown() {
        Job barred = JOB.withSetup(JOB.setup()
                .withUsers(users -> users.stream()
                        .map(user ->
                                new PanelProgramming.User(user.number(), user.title(), List.of(2), user.elsewhere()))
                        .toList()));
        AcceptancePlan plan = AcceptancePlan.of(barred, DataFiles.events());
        AcceptanceLine line = plan.line("set:1:code").orElseThrow();
        assertThat(line.possible()).isFalse();
        assertThat(line.expects()).isEmpty();
        assertThat(line.seen()).contains("does not let the panel set it");
        assertThat(plan.line("cancelled").orElseThrow().order()).contains("area 02");
    }

    @Test
    void aDetectorThatIsMaskedHasALineWhereItsLoopTellsIt() {
        PointId movement = new PointId("08");
        assertThat(PLAN.line("mask:08")).isEmpty();
        PointKind masked = DataFiles.kinds().entries().stream()
                .map(KindCatalogue.Entry::kind)
                .filter(kind -> kind.outputs().mask())
                .findFirst()
                .orElseThrow();
        Job job = PointEdits.change("kind", List.of(movement), point -> point.withKind(masked))
                .on(JOB);
        AcceptanceLine line =
                AcceptancePlan.of(job, DataFiles.events()).line("mask:08").orElseThrow();
        assertThat(line.expects()).extracting(Expected::words).containsExactly("137 · 02 · 016", "R 137 · 02 · 016");
        assertThat(new ModelRun(OperationRules.of(job)).signals(line))
                .hasValueSatisfying(
                        sent -> assertThat(ModelRun.shows(line, sent)).isTrue());
        Signal tamper = new Signal("7316", Qualifier.NEW, "137", 2, 16);
        LiveWalk walk = LiveWalk.of(AcceptancePlan.of(job, DataFiles.events()));
        assertThat(walk.arrives(tamper, 0).walk().begun()).containsOnlyKeys("cover:08");
        assertThat(walk.at(Optional.of("mask:08")).arrives(tamper, 0).walk().begun())
                .containsOnlyKeys("mask:08");
    }

    @Test
    void whatIsProgrammedOtherwiseIsNotShownInTheModel() {
        Job untold = SetupEdits.decide(Decision.REPORT_TROUBLES, 0, "no").on(JOB);
        List<Signal> signals =
                new ModelRun(OperationRules.of(untold)).signals(line("mains")).orElseThrow();
        assertThat(ModelRun.shows(line("mains"), signals)).isFalse();
    }
}
