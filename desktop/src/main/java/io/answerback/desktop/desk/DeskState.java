package io.answerback.desktop.desk;

import io.answerback.assess.Assessment;
import io.answerback.chain.PointResult;
import io.answerback.check.Finding;
import io.answerback.check.Stop;
import io.answerback.edit.History;
import io.answerback.job.Job;
import io.answerback.loop.CableState;
import io.answerback.loop.DeviceState;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// Everything the window shows at one moment.
///
/// @param history the job with its way back and forward
/// @param assessment everything computed from it
/// @param selected the zone point or system point that is looked at
/// @param stop the bench that is open
/// @param active points that are active now, whose doors stand open
/// @param device what the bench's switch says the device is doing
/// @param cable what the bench's switch says has become of the cable
/// @param file where the job is kept; empty while it has no file
/// @param saved the job as it was last saved or opened
/// @param readOnly why it cannot be saved; empty when it can
/// @param notice the last thing worth telling; empty for nothing
public record DeskState(
        History history,
        Assessment assessment,
        String selected,
        Stop stop,
        Set<String> active,
        DeviceState device,
        CableState cable,
        Optional<Path> file,
        Job saved,
        String readOnly,
        String notice) {
    /// The job as it is now.
    public Job job() {
        return history.present();
    }

    /// Everything computed about the selected point.
    public PointResult point() {
        return assessment.point(selected).orElseThrow();
    }

    /// What was found at the open stop, the selected point's own first.
    public List<Finding> findingsHere() {
        return assessment.findingsAt(stop, selected);
    }

    /// Whether there are edits or proofs that are not in the file.
    public boolean unsaved() {
        return !job().equals(saved);
    }

    DeskState with(History newHistory, Assessment newAssessment, String newNotice) {
        String still = newAssessment.point(selected).isPresent()
                ? selected
                : newAssessment.points().getFirst().pointId();
        return new DeskState(
                newHistory, newAssessment, still, stop, active, device, cable, file, saved, readOnly, newNotice);
    }

    DeskState selecting(String pointId) {
        return switched(pointId, active, stateOf(pointId, active), CableState.SOUND);
    }

    DeskState at(Stop newStop) {
        return new DeskState(
                history, assessment, selected, newStop, active, device, cable, file, saved, readOnly, notice);
    }

    DeskState switched(DeviceState newDevice, CableState newCable) {
        return switched(selected, active, newDevice, newCable);
    }

    DeskState activating(Set<String> nowActive) {
        return switched(selected, Set.copyOf(nowActive), stateOf(selected, nowActive), CableState.SOUND);
    }

    private static DeviceState stateOf(String pointId, Set<String> active) {
        return active.contains(pointId) ? DeviceState.ACTIVE : DeviceState.AT_REST;
    }

    private DeskState switched(String newSelected, Set<String> newActive, DeviceState newDevice, CableState newCable) {
        return new DeskState(
                history, assessment, newSelected, stop, newActive, newDevice, newCable, file, saved, readOnly, notice);
    }

    DeskState savedTo(Path newFile, Job newSaved) {
        return new DeskState(
                history,
                assessment,
                selected,
                stop,
                active,
                device,
                cable,
                Optional.of(newFile),
                newSaved,
                "",
                "Saved " + newFile.getFileName());
    }

    DeskState noticing(String newNotice) {
        return new DeskState(
                history, assessment, selected, stop, active, device, cable, file, saved, readOnly, newNotice);
    }
}
