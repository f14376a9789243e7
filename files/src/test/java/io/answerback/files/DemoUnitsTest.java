package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.attach.AttachRun;
import io.answerback.core.attach.Wires;
import io.answerback.core.control.Feedback;
import io.answerback.core.control.UnitModel;
import io.answerback.core.control.UnitState;
import io.answerback.core.edit.Edits;
import io.answerback.core.edit.UnitEdits;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Grade;
import io.answerback.core.profile.SettingCatalogue;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.setup.CatalogueCheck;
import io.answerback.core.setup.EntryStep;
import io.answerback.core.setup.RunSheet;
import io.answerback.core.site.Job;
import io.answerback.core.supply.CheckStep;
import io.answerback.core.unit.Attachment;
import io.answerback.core.unit.TextCommand;
import io.answerback.core.unit.TextControl;
import io.answerback.core.unit.Unit;
import io.answerback.core.unit.UnitProfile;
import io.answerback.core.unit.UnitSupply;
import io.answerback.core.visit.NextVisit;
import io.answerback.files.demo.DemoJobs;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// The communicators that ship, and those of the demo jobs.
class DemoUnitsTest {
    private static List<UnitProfile> units() {
        return DataFiles.units();
    }

    @ParameterizedTest
    @MethodSource("units")
    void everySettingOfAProfileCanBeUsed(UnitProfile profile) {
        assertThat(CatalogueCheck.of(profile.setup())).isEmpty();
        Job job = UnitEdits.profile(profile).on(DemoJobs.job(1));
        RunSheet sheet = RunSheet.of(job);
        assertThat(sheet.broken()).isEmpty();
        assertThat(unitSteps(sheet)).isNotEmpty();
        assertThat(sheet.steps().stream().filter(step -> !step.setting().id().startsWith(SettingCatalogue.UNIT)))
                .hasSameSizeAs(RunSheet.of(withoutUnit(job)).steps());
    }

    private static Job withoutUnit(Job job) {
        var communicator = job.communicator();
        return job.withCommunicator(new io.answerback.core.site.Communicator(
                communicator.name(),
                communicator.paths(),
                communicator.order(),
                communicator.network(),
                communicator.people(),
                communicator.mail(),
                Optional.empty()));
    }

    private static List<EntryStep> unitSteps(RunSheet sheet) {
        return sheet.steps().stream()
                .filter(step -> step.setting().id().startsWith(SettingCatalogue.UNIT))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("units")
    void everyCommandOfAProfileIsUnderstoodByItsModel(UnitProfile profile) {
        profile.control()
                .ifPresent(control -> control.patterns().keySet().forEach(command -> {
                    UnitModel model = new UnitModel(control, Feedback.KNOWN);
                    UnitState state = model.call(UnitState.fresh(control.factoryPassword()), "+99900000001")
                            .state();
                    String typed = control.typed(command, control.factoryPassword(), "+99900000002", "8642");
                    assertThat(model.text(state, "+99900000001", typed, Instant.EPOCH, List.of())
                                    .replies())
                            .as("%s: %s", command, typed)
                            .singleElement()
                            .satisfies(reply -> assertThat(reply.text())
                                    .doesNotContain("Not understood")
                                    .doesNotContain("Wrong"));
                }));
    }

    @Test
    void theSettingsOfAUnitSayWhatTheJobSays() {
        assertThat(unitSteps(RunSheet.of(DemoJobs.job(1))))
                .extracting(step -> step.setting().name() + "=" + step.entry().orElse("-"))
                .contains(
                        "Station address=192.0.2.10",
                        "Station address=192.0.2.11",
                        "Object number=7316",
                        "Own address=192.168.40.20",
                        "Sign of life, network=18",
                        "Sign of life, mobile=3",
                        "Access point=iot.example",
                        "Number=+99900000142",
                        "Mail server=mail.brinewell.example");
    }

    @Test
    void theWiresOfABusAndOfADiallerAreThoseOfBothBoxes() {
        Job bus = DemoJobs.job(1);
        assertThat(Wires.of(bus, unit(bus)).wires())
                .containsExactly(
                        new Wires.Wire("supply +", "12V", "12V"),
                        new Wires.Wire("supply 0 V", "0V", "0V"),
                        new Wires.Wire("data", "A", "A"),
                        new Wires.Wire("data", "B", "B"));
        Job dialler = DemoJobs.job(2);
        assertThat(Wires.of(dialler, unit(dialler)).wires())
                .extracting(Wires.Wire::panel)
                .containsExactly("Aux+", "Aux-", "D1", "D2");
        Job outputs = UnitEdits.fitting(
                        "way", its -> its.withWay(Attachment.INPUTS_AND_OUTPUTS).withSupply(UnitSupply.OWN, true))
                .on(UnitEdits.profile(DataFiles.unit("unit-h")).on(bus));
        assertThat(Wires.of(outputs, unit(outputs)).wires())
                .extracting(Wires.Wire::panel)
                .contains("Y1", "Y2");
        Job serial = UnitEdits.fitting("way", its -> its.withWay(Attachment.SERIAL_PORT))
                .on(UnitEdits.profile(DataFiles.unit("unit-g")).on(bus));
        assertThat(Wires.of(serial, unit(serial)).wires()).hasSize(1);
    }

    private static Unit unit(Job job) {
        return job.communicator().unit().orElseThrow();
    }

    @Test
    void theOrderOfWorkSwitchesPathsOnLastAndPowersDownBeforeAnythingIsTouched() {
        List<String> steps = AttachRun.of(DemoJobs.job(2)).stream()
                .map(CheckStep::id)
                .map(id -> id.substring(AttachRun.PREFIX.length()))
                .toList();
        assertThat(steps.indexOf("down")).isLessThan(steps.indexOf("wire:D1:D1"));
        assertThat(steps.indexOf("wire:D1:D1")).isLessThan(steps.indexOf("numbers"));
        assertThat(steps.indexOf("numbers")).isLessThan(steps.indexOf("lid"));
        assertThat(steps.indexOf("lid")).isLessThan(steps.indexOf("up"));
        assertThat(steps.getLast()).startsWith("on:");
    }

    @Test
    void thePotteryAndTheGalleryHaveTheFaultsThatWereLeftIn() {
        assertThat(found(DemoJobs.job(2)))
                .contains("capture-number", "capture-delay", "unit-two-supplies")
                .doesNotContain("capture-line-check", "capture-format", "capture-account");
        assertThat(found(DemoJobs.job(3)))
                .contains(
                        "network-address:MASK 1",
                        "mail-cannot-be-sent:SECURITY",
                        "unit-administrator",
                        "user-numbers-apart:1",
                        "user-numbers-apart:2");
    }

    @Test
    void aSimThatRunsOutIsFoundOnceItIsNear() {
        assertThat(found(DemoJobs.job(1), LocalDate.parse("2026-04-01"))).doesNotContain("sim-runs-out");
        assertThat(found(DemoJobs.job(1), LocalDate.parse("2026-05-12"))).contains("sim-runs-out");
        assertThat(grade(DemoJobs.job(1), LocalDate.parse("2026-06-20"))).contains(Grade.WRONG);
    }

    private static Optional<Grade> grade(Job job, LocalDate today) {
        return findings(job, today)
                .filter(finding -> finding.id().equals("sim-runs-out"))
                .map(Finding::grade)
                .findFirst();
    }

    private static List<String> found(Job job) {
        return found(job, LocalDate.parse("2026-05-12"));
    }

    private static List<String> found(Job job, LocalDate today) {
        return findings(job, today).map(Finding::id).toList();
    }

    private static java.util.stream.Stream<Finding> findings(Job job, LocalDate today) {
        Assessment assessment = new Assessor(DataFiles.events()).on(today).assess(job);
        return assessment.findings().stream();
    }

    @Test
    void eachConditionIsFoundAndGoesAwayWithItsRemedy() {
        Job plug = UnitEdits.fitting(
                        "way", its -> its.withWay(Attachment.PLUG_ON).withJumper("outside"))
                .on(UnitEdits.profile(DataFiles.unit("unit-g")).on(DemoJobs.job(1)));
        assertThat(found(plug)).contains("unit-jumper", "unit-uncounted");
        Job counted = UnitEdits.addModule().on(plug);
        assertThat(found(counted)).doesNotContain("unit-uncounted");
        assertThat(counted.panel().profile().module("plug-communicator")).isPresent();
        assertThat(found(UnitEdits.fitting("jumper", its -> its.withJumper("on board"))
                        .on(plug)))
                .doesNotContain("unit-jumper");
        Job port = UnitEdits.fitting(
                        "way", its -> its.withWay(Attachment.SERIAL_PORT).withPortType("printer"))
                .on(plug);
        assertThat(found(port)).contains("unit-port-type");
        assertThat(found(UnitEdits.fitting("port", its -> its.withPortType("unit G"))
                        .on(port)))
                .doesNotContain("unit-port-type");
    }

    @Test
    void theKeySwitchThatItsOutputWorksHasToBeOfItsKind() {
        Job none = UnitEdits.fitting("way", its -> its.withWay(Attachment.INPUTS_AND_OUTPUTS))
                .on(UnitEdits.profile(DataFiles.unit("unit-h")).on(DemoJobs.job(1)));
        assertThat(found(none)).contains("unit-key-switch");
        int free = none.inputs().stream()
                .filter(input -> input.pointId().isEmpty())
                .findFirst()
                .orElseThrow()
                .zone();
        Job held = Edits.zoneType(free, ZoneType.KEY_SWITCH_HELD).on(none);
        assertThat(found(held)).contains("unit-key-switch-kind").doesNotContain("unit-key-switch");
        Job pulse = Edits.zoneType(free, ZoneType.KEY_SWITCH).on(none);
        assertThat(found(pulse)).doesNotContain("unit-key-switch", "unit-key-switch-kind");
    }

    @Test
    void theNextVisitIsDueWhenTheSimRunsOut() {
        assertThat(NextVisit.due(DemoJobs.job(1), ZoneOffset.UTC)).contains(LocalDate.parse("2026-06-14"));
    }

    @Test
    void aPathThatIsOnBeforeTheAccountIsLiveIsFound() {
        Job early = UnitEdits.service("account", its -> its.withAccountLive(Optional.of(false)))
                .on(DemoJobs.job(1));
        assertThat(found(DemoJobs.job(1))).doesNotContain("unit-enabled-early");
        assertThat(found(early)).contains("unit-enabled-early");
        assertThat(found(UnitEdits.sim(
                                "code",
                                its -> its.withCodeOff(Optional.of(false)).withAccessPoint(""))
                        .on(early)))
                .contains("sim-locked", "access-point-unknown");
        assertThat(found(UnitEdits.service("remote", its -> its.withRemoteOpen(true))
                        .on(early)))
                .contains("remote-access-open");
    }

    @Test
    void aUnitComesBackFromAFileAsItWas() throws Exception {
        for (int demo = 1; demo <= DemoJobs.COUNT; demo++) {
            Job job = DemoJobs.job(demo);
            String text = JobCodec.write(JobDocument.of(job));
            assertThat(JobCodec.read(text, "job").job().communicator()).isEqualTo(job.communicator());
        }
        TextControl control = DataFiles.unit("unit-d").control().orElseThrow();
        assertThat(control.patterns()).containsKeys(TextCommand.values());
    }
}
