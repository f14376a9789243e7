package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.UnitEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.Decision.OutputUse;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.unit.Attachment;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.model.unit.UnitSupply;
import io.answerback.core.report.attach.Wires;
import io.answerback.core.report.control.Feedback;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cabling.CablingEdits;
import io.answerback.core.wiring.cabling.UnusedInputs;
import io.answerback.core.wiring.cabling.WiringRun;
import io.answerback.core.wiring.cabling.WiringStep;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CoreNeeds;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.core.wiring.cores.CoreTermination;
import io.answerback.core.wiring.cores.TerminationWords;
import io.answerback.files.demo.DemoJobs;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/// A communicator that is attached by inputs and outputs: its cores at both ends, and what it learns.
class OutputUnitTest {
    private static final Job PLAIN = plain();

    private static Job plain() {
        Job job = UnitEdits.profile(DataFiles.unit("unit-h")).on(DemoJobs.job(1));
        job = UnitEdits.fitting(
                        "way", its -> its.withWay(Attachment.INPUTS_AND_OUTPUTS).withSupply(UnitSupply.OWN, true))
                .on(job);
        return UnitEdits.addModule().on(job);
    }

    private static Job decided(Job job, OutputUse... uses) {
        Job next = job;
        for (int output = 1; output <= uses.length; output++) {
            next = SetupEdits.decide(Decision.OUTPUT_USE, output, uses[output - 1].name())
                    .on(next);
        }
        return next;
    }

    private static Input freeInput(Job job) {
        ModuleId board = job.modules().getFirst().id();
        return job.inputs().stream()
                .filter(input -> input.module().equals(board) && input.pointId().isEmpty())
                .findFirst()
                .orElseThrow();
    }

    private static Job keySwitch(Job job, ZoneType type) {
        return Edits.zoneType(freeInput(job).zone(), type).on(job);
    }

    private static Job cabled(Job job) {
        Job next = CablingEdits.add(CableEnds.toModule(unit(job).module().orElseThrow()), new Conductor("0.22 mm²", 78))
                .on(job);
        return CableEdits.chooseTypes(DataFiles.cableTypes()).on(next);
    }

    private static Unit unit(Job job) {
        return job.communicator().unit().orElseThrow();
    }

    private static List<String> cores(BoxPlan box, ModuleId unit) {
        return box.cables().stream()
                .filter(cable ->
                        cable.cable().ends().module().filter(unit::equals).isPresent())
                .flatMap(cable -> Stream.concat(
                        cable.cores().stream()
                                .map(core -> core.need().words(false) + ": " + where(core.termination(), box)),
                        cable.lacking().stream().map(need -> need.words(false) + ": no core")))
                .filter(words -> !words.startsWith("spare"))
                .sorted()
                .toList();
    }

    private static String where(CoreTermination termination, BoxPlan box) {
        return TerminationWords.of(termination, box.strip());
    }

    private static List<String> found(Job job) {
        return findings(job).map(Finding::id).toList();
    }

    private static Stream<Finding> findings(Job job) {
        return new Assessor(DataFiles.events()).on(LocalDate.parse("2026-05-12")).assess(job).findings().stream();
    }

    @Test
    void itsCoresGoFromOutputsToInputsAndFromItsContactToTheKeySwitch() {
        Job job = cabled(keySwitch(decided(PLAIN, OutputUse.ALARM, OutputUse.SET), ZoneType.KEY_SWITCH));
        CorePlan plan = CorePlan.of(job);
        ModuleId unit = unit(job).module().orElseThrow();
        BoxPlan panel = plan.box(job.modules().getFirst().id()).orElseThrow();
        BoxPlan box = plan.box(unit).orElseThrow();
        assertThat(cores(panel, unit))
                .containsExactly(
                        "event output 1: Y1",
                        "event output 2: Y2",
                        "setting contact: input " + freeInput(job).number(),
                        "supply 0 V: " + returnOf(panel));
        assertThat(cores(box, unit))
                .containsExactly(
                        "event output 1: input e1",
                        "event output 2: input e2",
                        "setting contact: s1",
                        "supply 0 V: p-");
        assertThat(WiringRun.of(box, WiringRun.Order.ALONG_THE_STRIP).steps())
                .extracting(step -> step.core().use())
                .containsExactlyInAnyOrder(CoreUse.SUPPLY_RETURN, CoreUse.EVENT, CoreUse.EVENT, CoreUse.SETTING);
        assertThat(WiringRun.of(panel, WiringRun.Order.CABLE_BY_CABLE).steps().stream()
                        .filter(step -> step.core().use() == CoreUse.SETTING)
                        .map(WiringStep::mind))
                .singleElement()
                .asString()
                .contains("resistor");
    }

    /// The 0 V that the plan chose, read off the wires of the sheet and not off the plan.
    private static String returnOf(BoxPlan panel) {
        return panel.cables().stream()
                .flatMap(cable -> cable.cores().stream())
                .filter(core -> core.use() == CoreUse.SUPPLY_RETURN)
                .map(core -> TerminationWords.of(core.termination(), panel.strip()))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theSheetDrawsTheSameWiresAsThePlanHas() {
        Job job = keySwitch(decided(PLAIN, OutputUse.ALARM, OutputUse.SET), ZoneType.KEY_SWITCH);
        assertThat(Wires.of(job, unit(job)).wires())
                .extracting(Wires.Wire::use, Wires.Wire::unit)
                .containsExactly(
                        tuple("0 V that both share", "p-"),
                        tuple("event: an alarm", "e1"),
                        tuple("event: the site being set", "e2"),
                        tuple("setting, with the zone's resistor", "s1"));
    }

    @Test
    void anOutputThatResetsDetectorsIsLeftToThem() {
        Job job = cabled(decided(PLAIN, OutputUse.RESET, OutputUse.ALARM));
        assertThat(cores(
                        CorePlan.of(job).box(unit(job).module().orElseThrow()).orElseThrow(),
                        unit(job).module().get()))
                .containsExactly("event output 2: input e1", "supply 0 V: p-");
    }

    @Test
    void aKeySwitchThatItsContactWorksIsNotAnUnusedInput() {
        Job job = keySwitch(PLAIN, ZoneType.KEY_SWITCH);
        Input input = freeInput(job);
        assertThat(UnusedInputs.of(job)).noneMatch(unused -> unused.input().equals(input));
        Job plugged =
                UnitEdits.fitting("way", its -> its.withWay(Attachment.PLUG_ON)).on(job);
        assertThat(UnusedInputs.of(plugged)).anyMatch(unused -> unused.input().equals(input));
    }

    @Test
    void aLeadWithPlugsHasNoCoresAndOneFromTheAuxiliaryOutputTwo() {
        Job job = UnitEdits.addModule()
                .on(UnitEdits.fitting(
                                "way",
                                its -> its.withWay(Attachment.SERIAL_PORT).withSupply(UnitSupply.PORT, true))
                        .on(UnitEdits.profile(DataFiles.unit("unit-g")).on(DemoJobs.job(1))));
        ModuleId unit = unit(job).module().orElseThrow();
        assertThat(CoreNeeds.of(job, unit)).isEmpty();
        Job wired = UnitEdits.fitting(
                        "supply", its -> its.withSupply(UnitSupply.PORT, false).withSupply(UnitSupply.AUXILIARY, true))
                .on(job);
        assertThat(CoreNeeds.of(wired, unit))
                .extracting(need -> need.use())
                .containsExactly(CoreUse.SUPPLY, CoreUse.SUPPLY_RETURN);
    }

    @Test
    void whetherItLearnsThatTheSiteIsSetFollowsFromTheOutputs() {
        Job untold = keySwitch(decided(PLAIN, OutputUse.ALARM, OutputUse.TROUBLE), ZoneType.KEY_SWITCH);
        assertThat(Feedback.of(untold)).isEqualTo(Feedback.UNKNOWN_PULSE);
        assertThat(findings(untold).filter(its -> its.id().equals("unit-state-not-fed-back")))
                .extracting(Finding::grade)
                .containsExactly(Grade.WRONG);
        Job told = decided(untold, OutputUse.ALARM, OutputUse.SET);
        assertThat(Feedback.of(told)).isEqualTo(Feedback.KNOWN);
        assertThat(found(told))
                .doesNotContain("unit-state-not-fed-back", "unit-output-undecided", "unit-alarm-not-told");
        assertThat(found(decided(told, OutputUse.TROUBLE))).contains("unit-alarm-not-told");
        assertThat(found(PLAIN)).contains("unit-output-undecided").doesNotContain("unit-alarm-not-told");
    }
}
