package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.UnitEdits;
import io.answerback.core.model.profile.SettingCatalogue;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.unit.Attachment;
import io.answerback.core.model.unit.TextCommand;
import io.answerback.core.model.unit.TextControl;
import io.answerback.core.model.unit.UnitProfile;
import io.answerback.core.model.unit.UnitSupply;
import io.answerback.core.report.attach.AttachRun;
import io.answerback.core.report.attach.Wires;
import io.answerback.core.report.control.Feedback;
import io.answerback.core.report.control.UnitModel;
import io.answerback.core.report.control.UnitState;
import io.answerback.core.setup.CatalogueCheck;
import io.answerback.core.setup.EntryStep;
import io.answerback.core.setup.RunSheet;
import io.answerback.core.supply.CheckStep;
import io.answerback.files.demo.DemoJobs;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// The communicators that ship, and those of the demo jobs.
class DemoUnitsTest extends UnitsOfDemos {
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
        return job.withCommunicator(new io.answerback.core.model.site.Communicator(
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
                        new Wires.Wire(Wires.Carries.SUPPLY, "supply +", "12V", "12V"),
                        new Wires.Wire(Wires.Carries.ZERO_VOLTS, "supply 0 V", "0V", "0V"),
                        new Wires.Wire(Wires.Carries.SIGNAL, "data", "A", "A"),
                        new Wires.Wire(Wires.Carries.SIGNAL, "data", "B", "B"));
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
