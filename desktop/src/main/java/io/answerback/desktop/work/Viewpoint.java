package io.answerback.desktop.work;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.LoopFault;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.SystemPoint;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;

/// Where somebody looks in the window, and what they hold there. Used on the JavaFX thread only.
public abstract sealed class Viewpoint permits OpenJob {
    private final BooleanProperty wholeWindow = new SimpleBooleanProperty();
    private final ReadOnlyObjectWrapper<WindowState> state = new ReadOnlyObjectWrapper<>();

    final void show(WindowState other) {
        state.set(other);
    }

    /// What the window shows.
    public final ReadOnlyObjectProperty<WindowState> state() {
        return state.getReadOnlyProperty();
    }

    /// What the window shows now.
    public final WindowState now() {
        return state.get();
    }

    /// Looks at another zone point or system point.
    public final void select(PointId pointId) {
        if (!pointId.equals(now().selected())
                && now().assessment().point(pointId).isPresent()) {
            look(now().view().selecting(pointId));
        }
    }

    private void look(View view) {
        show(now().looking(view));
    }

    /// Picks a zone point beside those that are picked, or lets go of it; the next change is about all of
    /// them.
    public final void pick(PointId pointId) {
        if (now().job().point(pointId).isPresent()) {
            look(now().view().picking(pointId));
        }
    }

    /// Looks at a zone point and picks every point of the list up to it.
    public final void pickUpTo(PointId pointId) {
        if (now().job().point(pointId).isPresent()) {
            look(now().view().pickingUpTo(pointId, now().job().points()));
        }
    }

    /// Picks these zone points and looks at the first of them.
    public final void pickAll(List<PointId> pointIds) {
        if (!pointIds.isEmpty()) {
            look(now().view().withPicked(pointIds.getFirst(), new LinkedHashSet<>(pointIds)));
        }
    }

    /// Looks at the point `steps` further down the list, or up when negative.
    public final void selectNext(int steps) {
        select(next(steps));
    }

    /// Looks at the point `steps` further down the list and picks every point up to it.
    public final void pickNext(int steps) {
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
    public final void go(Stop stop) {
        look(now().view().at(stop, now().sheet()));
    }

    /// Opens a sheet of the survey.
    public final void open(SurveySheet sheet) {
        look(now().view().at(Stop.SURVEY, sheet));
    }

    /// Whether the bench has the whole window to itself, as it is wanted from a distance.
    public final BooleanProperty wholeWindow() {
        return wholeWindow;
    }

    /// Lets the bench have the whole window to itself, or not any more.
    public final void fillWindow(boolean whole) {
        wholeWindow.set(whole);
    }

    /// Whether the bench has the whole window to itself.
    public final boolean fillsWindow() {
        return wholeWindow.get();
    }

    /// Goes to where a finding is mended.
    public final void follow(Finding finding) {
        finding.point().ifPresent(this::select);
        if (finding.stop() == Stop.SURVEY) {
            open(SurveySheet.of(finding));
        } else {
            go(finding.stop());
            boolean part = finding.stop() == Stop.CABLE || finding.stop() == Stop.REPORT;
            focus(part ? Focus.on(finding.target()) : Focus.NONE);
        }
    }

    /// Looks at a part beside the selected point.
    public final void focus(Focus part) {
        look(now().view().focusing(part));
    }

    /// Looks at a cable, and selects the first point it serves.
    public final void focus(Cable cable, CableEnd end, String core) {
        cable.ends().points().stream().findFirst().ifPresent(this::select);
        focus(new Focus(Optional.of(cable.id()), Optional.empty(), end, core));
    }

    /// Sets the bench's switches.
    public final void switchTo(DeviceState device, LoopFault fault) {
        look(now().view().switched(device, fault));
    }

    /// Notes which points are active now; the bench's switch follows.
    public final void setActive(Set<PointId> points) {
        look(now().view().activating(points));
    }
}
