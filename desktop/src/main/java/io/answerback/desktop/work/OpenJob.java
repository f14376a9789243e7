package io.answerback.desktop.work;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.cable.Cable;
import io.answerback.core.cable.CableEnd;
import io.answerback.core.common.Typed;
import io.answerback.core.edit.History;
import io.answerback.core.finding.Finding;
import io.answerback.core.finding.Stop;
import io.answerback.core.finding.Target;
import io.answerback.core.id.PointId;
import io.answerback.core.scheme.DeviceState;
import io.answerback.core.scheme.LoopFault;
import io.answerback.core.site.Edit;
import io.answerback.core.site.Edited;
import io.answerback.core.site.Job;
import io.answerback.core.site.SystemPoint;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;

/// The one place where what the user does changes what the window shows. Used on the JavaFX thread only.
public final class OpenJob {
    private final BooleanProperty wholeWindow = new SimpleBooleanProperty();
    private final Assessor assessor;
    private final ReadOnlyObjectWrapper<WindowState> state = new ReadOnlyObjectWrapper<>();

    /// An open job that is assessed already.
    ///
    /// @param file where it is kept; empty while it has no file
    /// @param readOnly why it cannot be saved; empty when it can
    public OpenJob(Assessor assessor, Assessment assessment, Optional<Path> file, String readOnly) {
        this.assessor = assessor;
        put(assessment, file, readOnly);
    }

    /// What the window shows.
    public ReadOnlyObjectProperty<WindowState> state() {
        return state.getReadOnlyProperty();
    }

    /// What the window shows now.
    public WindowState now() {
        return state.get();
    }

    /// Opens another job, with nothing to undo.
    public void put(Job job, Optional<Path> file, String readOnly) {
        put(assessor.assess(job), file, readOnly);
    }

    /// Opens another job that is assessed already, with nothing to undo.
    public void put(Assessment assessment, Optional<Path> file, String readOnly) {
        Job job = assessment.job();
        Stop stop = state.get() == null ? Stop.LOOP : now().stop();
        View view = View.of(assessment.points().getFirst().pointId(), stop);
        state.set(new WindowState(History.of(job), assessment, view, file, job, readOnly, readOnly));
    }

    /// Makes an edit; a refused one leaves the job as it was and says why.
    ///
    /// @return whether it was made
    public boolean apply(Edit edit) {
        return switch (edit.tried(now().job())) {
            case Edited.Done made -> {
                show(now().history().after(edit.name(now().job()), made), "");
                yield true;
            }
            case Edited.Refused refused -> {
                tell(refused.why());
                yield false;
            }
        };
    }

    /// Makes the edit that something typed stands for; where it stands for none, says why.
    ///
    /// @return whether it was made
    public boolean apply(Typed<Edit> typed) {
        return switch (typed) {
            case Typed.Read<Edit>(Edit edit) -> apply(edit);
            case Typed.Refused<Edit>(String why) -> {
                tell(why);
                yield false;
            }
        };
    }

    /// Makes an edit and then looks at a point of the job it made.
    ///
    /// @return whether it was made
    public boolean apply(Edit edit, PointId thenSelect) {
        boolean made = apply(edit);
        if (made) {
            select(thenSelect);
        }
        return made;
    }

    /// Takes up a fact that no undo takes back.
    public void learn(UnaryOperator<Job> fact) {
        show(now().history().learn(fact), now().notice());
    }

    /// Takes back the last edit.
    public void undo() {
        now().history().undoName().ifPresent(name -> show(now().history().undo(), "Undone: " + name));
    }

    /// Makes the last undone edit again.
    public void redo() {
        now().history().redoName().ifPresent(name -> show(now().history().redo(), "Done again: " + name));
    }

    private void show(History history, String notice) {
        if (history.present() == now().job()) {
            state.set(now().with(history, now().assessment(), notice));
        } else {
            state.set(now().with(history, assessor.assess(history.present(), now().assessment()), notice));
        }
    }

    /// Looks at another zone point or system point.
    public void select(PointId pointId) {
        if (!pointId.equals(now().selected())
                && now().assessment().point(pointId).isPresent()) {
            look(now().view().selecting(pointId));
        }
    }

    private void look(View view) {
        state.set(now().looking(view));
    }

    /// Picks a zone point beside those that are picked, or lets go of it; the next change is about all of
    /// them.
    public void pick(PointId pointId) {
        if (now().job().point(pointId).isPresent()) {
            look(now().view().picking(pointId));
        }
    }

    /// Looks at a zone point and picks every point of the list up to it.
    public void pickUpTo(PointId pointId) {
        if (now().job().point(pointId).isPresent()) {
            look(now().view().pickingUpTo(pointId, now().job().points()));
        }
    }

    /// Picks these zone points and looks at the first of them.
    public void pickAll(List<PointId> pointIds) {
        if (!pointIds.isEmpty()) {
            look(now().view().withPicked(pointIds.getFirst(), new LinkedHashSet<>(pointIds)));
        }
    }

    /// Looks at the point `steps` further down the list, or up when negative.
    public void selectNext(int steps) {
        select(next(steps));
    }

    /// Looks at the point `steps` further down the list and picks every point up to it.
    public void pickNext(int steps) {
        pickUpTo(next(steps));
    }

    private PointId next(int steps) {
        List<PointId> ids = new ArrayList<>();
        now().job().points().forEach(point -> ids.add(point.id()));
        for (SystemPoint point : SystemPoint.values()) {
            ids.add(point.id());
        }
        return ids.get(Math.clamp(ids.indexOf(now().selected()) + (long) steps, 0, ids.size() - 1));
    }

    /// Opens another bench.
    public void go(Stop stop) {
        look(now().view().at(stop, now().sheet()));
    }

    /// Opens a sheet of the survey.
    public void open(SurveySheet sheet) {
        look(now().view().at(Stop.SURVEY, sheet));
    }

    /// Whether the bench has the whole window to itself, as it is wanted from a distance.
    public BooleanProperty wholeWindow() {
        return wholeWindow;
    }

    /// Goes to where a finding is mended.
    public void follow(Finding finding) {
        finding.point().ifPresent(this::select);
        if (finding.stop() == Stop.SURVEY) {
            open(SurveySheet.of(finding));
        } else {
            go(finding.stop());
            focus(finding.stop() == Stop.CABLE ? focus(finding.target()) : Focus.NONE);
        }
    }

    private static Focus focus(Target target) {
        return switch (target) {
            case Target.OfCable cable -> Focus.on(cable.cableId());
            case Target.OfBox box -> Focus.on(box.box());
            default -> Focus.NONE;
        };
    }

    /// Looks at a part beside the selected point.
    public void focus(Focus part) {
        look(now().view().focusing(part));
    }

    /// Looks at a cable, and selects the first point it serves.
    public void focus(Cable cable, CableEnd end, String core) {
        cable.ends().points().stream().findFirst().ifPresent(this::select);
        focus(new Focus(Optional.of(cable.id()), Optional.empty(), end, core));
    }

    /// Sets the bench's switches.
    public void switchTo(DeviceState device, LoopFault fault) {
        look(now().view().switched(device, fault));
    }

    /// Notes which points are active now; the bench's switch follows.
    public void setActive(Set<PointId> points) {
        look(now().view().activating(points));
    }

    /// Notes that a job, as it was when saving began, is now in this file.
    public void savedTo(Path file, Job saved) {
        state.set(now().savedTo(file, saved));
    }

    /// Tells the user something, in one line.
    public void tell(String notice) {
        state.set(now().noticing(notice));
    }
}
