package io.answerback.files.demo;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableInstallation.Progress;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.Battery;
import io.answerback.core.model.power.Power;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.site.Job;
import io.answerback.core.survey.NewJob;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cabling.CablingEdits;
import io.answerback.files.DataFiles;
import java.util.List;
import java.util.Optional;

/// A workshop on a small closed-loop panel: surveyed and wired, not yet reporting. Left in on purpose: a
/// window whose glass nothing hears, an unused input without its link, and a second entry time for which
/// nobody gave the reason.
public final class PikeLanePottery {
    private static final String WIRED_AT = "2026-03-10T15:20:00Z";

    private PikeLanePottery() {}

    /// The job, opened on a day.
    static Job job(DemoDay day) {
        var profile = DataFiles.profile("sample-a");
        Job job = NewJob.of(
                "Pike Lane Pottery",
                "Pike Lane, rear yard",
                DataFiles.rules("four-hours"),
                PracticeOption.ARM_DISARM,
                profile);
        job = TypedPoints.typed(job, "demo/pike-lane.txt");
        job = CapacityEdits.fit("Keypad 1", List.of(profile.module("keypad").orElseThrow()))
                .on(job);
        job = CapacityEdits.fit(
                        "sounder", List.of(profile.module("sounder-strobe").orElseThrow()))
                .on(job);
        job = CapacityEdits.fit(
                        "communicator",
                        List.of(profile.module("dial-communicator").orElseThrow()))
                .on(job);
        job = CapacityEdits.giveInputs().on(job);
        job = LoopEdits.scheme(new PointId("06"), SchemeKind.NORMALLY_OPEN).on(job);
        job = PracticeEdits.reason("scheme:06", "The kiln's own relay closes when it fails.")
                .on(job);
        job = CablesLaid.joint(job, List.of(new CableId("C-05"), new CableId("C-06")), 20);
        job = CablingEdits.toModules(CablesLaid.thin()).on(job);
        job = Edits.cableMetres(new CableId("C-08"), 8).on(job);
        job = Edits.cableMetres(new CableId("C-09"), 17).on(job);
        job = Edits.cableMetres(new CableId("C-10"), 2).on(job);
        job = CableEdits.installation(
                        "",
                        new CableId("C-09"),
                        installation -> installation.withRoute("up the yard wall", true, false))
                .on(job);
        job = CableEdits.chooseTypes(DataFiles.cableTypes()).on(job);
        List<CableId> cables = job.cables().stream().map(Cable::id).toList();
        job = CableEdits.installation(
                        "",
                        cables,
                        installation -> installation.withLabels(true, true).withProgress(Progress.TERMINATED))
                .on(job);
        job = CablesLaid.terminated(job, List.of(), day.instant(WIRED_AT));
        job = job.withPower(Power.UNDECIDED.with(new Battery(new ModuleId("Panel"), 2.1, 1, 5, Optional.empty())));
        job = PracticeEdits.people(5).on(job);
        job = job.withReceivers(DemoReceivers.ofPottery())
                .withCommunicator(job.communicator().withPaths(DemoReceivers.pathsOfPottery()));
        job = Edits.account(1, "2041").on(job);
        job = Edits.account(2, "2041").on(job);
        job = Edits.unusedFitted(new InputId("Panel.7"), UnusedTermination.LINK).on(job);
        job = PracticeEdits.figure("sounder", RuleFigure.SIREN_MINUTES, 3).on(job);
        job = PracticeEdits.reason("figure:SIREN_MINUTES", "The lane is narrow; the neighbours asked for three.")
                .on(job);
        job = PracticeEdits.option("entry times", PracticeOption.SEVERAL_ENTRY_TIMES)
                .on(job);
        return DemoUnits.ofPottery(job);
    }
}
