package io.answerback.core.assess;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.AreaEdits;
import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableInstallation.Progress;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.survey.takeover.TakeOverEdits;
import io.answerback.core.testing.Found;
import io.answerback.core.testing.SmallCapacity;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallKinds;
import io.answerback.core.testing.SmallParts;
import io.answerback.core.testing.SmallRules;
import io.answerback.core.wiring.cabling.CableEdits;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class SurveyRulesTest {
    private final Job job = SmallJob.job();

    private static Assessment assess(Job job) {
        return new Assessor(SmallJob.EVENTS).assess(job);
    }

    private void assertFinds(Edit edit, String id, Grade grade, String says) {
        Finding finding = Found.after(edit, job, id, grade, says);
        assertThat(finding.stop()).isEqualTo(Stop.SURVEY);
    }

    private static Edit type(String point, ZoneType type) {
        return PointEdits.surveyed("type", Set.of(new PointId(point)), surveyed -> surveyed.withType(type));
    }

    private static Edit kind(String point, io.answerback.core.model.device.PointKind kind) {
        return PointEdits.change("kind", Set.of(new PointId(point)), its -> its.withKind(kind));
    }

    private static Edit then(Edit... edits) {
        return new Edit("several", start -> {
            Job next = start;
            for (Edit edit : edits) {
                next = edit.on(next);
            }
            return next;
        });
    }

    @Test
    void anEntranceMustStartAnEntryTime() {
        assertFinds(
                type("01", ZoneType.IMMEDIATE), "entrance-not-delayed:01", Grade.WRONG, "A way in that is immediate");
    }

    @Test
    void anEntryRouteNeedsAnEntranceInItsArea() {
        assertFinds(
                then(
                        AreaEdits.add(3, "Loft"),
                        PointEdits.surveyed(
                                "",
                                Set.of(new PointId("02")),
                                its -> its.withType(ZoneType.ENTRY_ROUTE).withArea(Optional.of(3)))),
                "route-without-entrance:02",
                Grade.WRONG,
                "An entry route no entrance leads to");
        assertThat(Found.in(type("02", ZoneType.ENTRY_ROUTE).on(job), "route-without-entrance:02"))
                .isEmpty();
    }

    @Test
    void anAreaMustBeSetFromSomewhere() {
        Edit apart = PracticeEdits.keypadAreas(new ModuleId("Panel"), List.of(1));
        assertFinds(apart, "area-without-setting:2", Grade.WRONG, "Nobody can set area 02 Back");
        assertThat(Found.in(then(apart, kind("03", SmallKinds.KEY_SWITCH)).on(job), "area-without-setting:2"))
                .isEmpty();
        assertThat(Found.in(
                                then(apart, PracticeEdits.option("wording", PracticeOption.ARM_DISARM))
                                        .on(job),
                                "area-without-setting:2")
                        .orElseThrow()
                        .says())
                .isEqualTo("Nobody can arm area 02 Back");
    }

    @Test
    void glassBesideAWindowContactMustBeHeard() {
        Edit window = kind("02", SmallKinds.WINDOW);
        assertFinds(window, "window-glass:1", Grade.TIGHT, "Nothing hears the glass in area 01");
        assertThat(Found.in(then(window, kind("01", SmallKinds.GLASS)).on(job), "window-glass:1"))
                .isEmpty();
    }

    @Test
    void aHoldUpPointMustNotWait() {
        assertFinds(type("03", ZoneType.ENTRY_EXIT), "watches-only-when-set:03", Grade.WRONG, "");
    }

    @Test
    void fireAndGasAreWorkUnderAnotherCode() {
        assertFinds(kind("02", SmallKinds.SMOKE), "life-safety:02", Grade.NOTE, "Life-safety work: smoke detector");
        assertFinds(kind("02", SmallKinds.GAS), "life-safety:02", Grade.NOTE, "Life-safety work: gas alarm");
    }

    @Test
    void contactsInSeriesAreNamedWithWhatTheyTake() {
        assertFinds(
                TakeOverEdits.addContact(new PointId("02"), "Landing window", SmallKinds.WINDOW),
                "series-hides:02",
                Grade.TIGHT,
                "2 contacts answer as one");
    }

    @Test
    void aDepartureIsAFindingUntilItHasAReason() {
        Edit departs = PracticeEdits.option("tamper", PracticeOption.PER_ZONE);
        assertFinds(departs, "departure:school:TAMPER", Grade.TIGHT, "Tamper otherwise than the rules");
        assertThat(Found.in(
                        then(departs, PracticeEdits.reason("school:TAMPER", "the insurer wants it"))
                                .on(job),
                        "departure:school:TAMPER"))
                .isEmpty();
    }

    @Test
    void otherRulesGradeALoopOtherwiseAtOnce() {
        // a 2k7 ±1 % reads at most 2 746 Ω: ln(2950/2746) / (ln(2950/1550)/2) = 22 % of the half-width left
        Job tight = LoopEdits.parts("", new PointId("02"), its -> its.withEndOfLineOhms(2700))
                .on(job);
        assertThat(Found.in(tight, "loop-tight:02")).isPresent();
        var easier = SmallRules.rules().with("Easier", Map.of(), Map.of(RuleFigure.LEAST_LOOP_MARGIN_PERCENT, 20.0));
        assertThat(Found.in(PracticeEdits.rules(easier).on(tight), "loop-tight:02"))
                .isEmpty();
    }

    @Test
    void morePointsThanInputsNameTheCheapestWay() {
        ModuleKind board = SmallParts.kind(
                "board", "Board", ModuleSort.BOARD, 1, 1, 0, 50, 0, false, "", List.of(), Optional.empty());
        ModuleKind plug = SmallParts.kind(
                "plug",
                "Plug-in, 4 inputs",
                ModuleSort.PLUG_IN,
                4,
                1,
                0,
                20,
                0,
                false,
                "",
                List.of(),
                Optional.empty());
        Job small = SmallCapacity.job(List.of(board, plug), SmallKinds.DOOR, SmallKinds.DOOR, SmallKinds.MOVEMENT);
        Finding finding = Found.in(small, "inputs-short").orElseThrow();
        assertThat(finding.says()).isEqualTo("2 more points than inputs");
        assertThat(finding.remedy()).isEqualTo("Cheapest: Plug-in, 4 inputs.");
        assertThat(Found.in(CapacityEdits.fit("plug", List.of(plug)).on(small), "inputs-short"))
                .isEmpty();
    }

    @Test
    void whatThePanelDoesNotTakeIsWrong() {
        assertFinds(PracticeEdits.people(21), "panel-limit:users", Grade.WRONG, "21 users; the panel takes 20");
        Edit stranger = new Edit("stranger", start -> {
            List<PanelModule> modules = new ArrayList<>(start.modules());
            modules.add(PanelModule.called("Box 9", "unheard-of", List.of()));
            return start.withModules(modules);
        });
        assertFinds(stranger, "module-unfit:Box 9", Grade.WRONG, "not one of this panel's modules");
    }

    @Test
    void questionsAreAnsweredByTheFindings() {
        assertThat(CoverageQuestion.of(assess(job)))
                .hasSize(9)
                .allMatch(its -> its.findings().isEmpty());
        Job wrong = then(type("01", ZoneType.IMMEDIATE), kind("02", SmallKinds.WINDOW))
                .on(job);
        assertThat(CoverageQuestion.of(assess(wrong)))
                .filteredOn(its -> !its.findings().isEmpty())
                .extracting(CoverageQuestion::asks)
                .containsExactly(
                        "Does every way in start an entry time?",
                        "Can people get into every area to unset it?",
                        "Does something hear the glass where windows have contacts?");
    }

    @Test
    void aJobStandsAtItsFirstStopWithSomethingLeft() {
        assertThat(JobStanding.of(assess(job), ZoneOffset.UTC)
                        .reached()
                        .orElseThrow()
                        .stop())
                .isEqualTo(Stop.CABLE);
        Job cabled = CableEdits.installation(
                        "",
                        job.cables().stream().map(Cable::id).toList(),
                        installation -> installation.withLabels(true, true).withProgress(Progress.TERMINATED))
                .on(job);
        JobStanding standing = JobStanding.of(assess(cabled), ZoneOffset.UTC);
        // its profile says nothing of its supply
        assertThat(standing.reached().orElseThrow().stop()).isEqualTo(Stop.POWER);
        assertThat(standing.worst().orElseThrow().id())
                .as("nor does it name a terminal")
                .isEqualTo("box-without-terminals:Panel");
        Job lifted = CapacityEdits.wire(new PointId("02"), Optional.empty()).on(job);
        assertThat(JobStanding.of(assess(lifted), ZoneOffset.UTC)
                        .reached()
                        .orElseThrow()
                        .stop())
                .isEqualTo(Stop.SURVEY);
        assertThat(JobStanding.of(assess(lifted), ZoneOffset.UTC)
                        .worst()
                        .orElseThrow()
                        .id())
                .isEqualTo("no-input:02");
    }
}
