package io.answerback.desktop.work;

import io.answerback.core.assess.Assessment;
import io.answerback.core.engine.edit.History;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.LoopFault;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.prove.chain.PointResult;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// Everything the window shows at one moment.
///
/// @param history the job with its way back and forward
/// @param assessment everything computed from it
/// @param view where somebody looks
/// @param file where the job is kept; empty while it has no file
/// @param saved the job as it was last saved or opened
/// @param readOnly why it cannot be saved; empty when it can
/// @param said the last thing worth saying
public record WindowState(
        History history, Assessment assessment, View view, Optional<Path> file, Job saved, String readOnly, Said said) {
    /// The last thing worth saying, in words; empty for nothing.
    public String notice() {
        return said.words();
    }

    /// The job as it is now.
    public Job job() {
        return history.present();
    }

    /// The zone point or system point that is looked at.
    public PointId selected() {
        return view.selected();
    }

    /// The zone points the next change is about, in the order of the list.
    public List<PointId> picked() {
        return job().points().stream()
                .map(Point::id)
                .filter(view.picked()::contains)
                .toList();
    }

    /// Whether a zone point is among those the next change is about.
    public boolean picks(PointId pointId) {
        return view.picked().contains(pointId);
    }

    /// The bench that is open.
    public Stop stop() {
        return view.stop();
    }

    /// The sheet of the survey that lies on top.
    public SurveySheet sheet() {
        return view.sheet();
    }

    /// Points that are active now, whose doors stand open.
    public Set<PointId> active() {
        return view.active();
    }

    /// What the bench's switch says the device is doing.
    public DeviceState device() {
        return view.device();
    }

    /// What the bench's switch says is the matter with the loop.
    public LoopFault fault() {
        return view.fault();
    }

    /// What is looked at beside the selected point.
    public Focus focus() {
        return view.focus();
    }

    /// Everything computed about the selected point.
    public PointResult point() {
        return assessment.point(selected()).orElseThrow();
    }

    /// What was found at the open stop, the selected point's own first.
    public List<Finding> findingsHere() {
        return assessment.findingsAt(stop(), selected());
    }

    /// Whether there are edits or proofs that are not in the file.
    public boolean unsaved() {
        return !job().equals(saved);
    }

    WindowState with(History newHistory, Assessment newAssessment, Said newNotice) {
        View still = view.still(
                newHistory.present(), newAssessment.points().getFirst().pointId());
        return new WindowState(newHistory, newAssessment, still, file, saved, readOnly, newNotice);
    }

    WindowState looking(View newView) {
        return new WindowState(history, assessment, newView, file, saved, readOnly, said);
    }

    /// The same after a job, as it was when saving began, was written to a file.
    public WindowState savedTo(Path newFile, Job newSaved) {
        return new WindowState(
                history,
                assessment,
                view,
                Optional.of(newFile),
                newSaved,
                "",
                Said.of("Saved " + newFile.getFileName()));
    }

    WindowState noticing(Said newNotice) {
        return new WindowState(history, assessment, view, file, saved, readOnly, newNotice);
    }
}
