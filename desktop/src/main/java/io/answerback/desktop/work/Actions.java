package io.answerback.desktop.work;

import io.answerback.core.engine.edit.Together;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.LoopFault;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Edit;
import java.util.List;
import java.util.function.Function;

/// What somebody does with what a sheet shows: edits, and where they look. Every sheet acts through this alone.
public interface Actions {
    /// What the window shows now.
    WindowState now();

    /// Makes an edit; a refused one leaves the job as it was and says why.
    ///
    /// @return whether it was made
    boolean apply(Edit edit);

    /// Makes the edit that something typed stands for; where it stands for none, says why.
    ///
    /// @return whether it was made
    boolean apply(Typed<Edit> typed);

    /// Makes an edit and then looks at a point of the job it made.
    ///
    /// @return whether it was made
    boolean apply(Edit edit, PointId thenSelect);

    /// Makes a change to a point, and to every other that is picked with it where it is among several: one edit,
    /// undone in one step. Points that refuse it are left out, and it is said why.
    ///
    /// @param what what is changed, as the undo menu says it for several points
    /// @return whether it was made
    default boolean applyToPicked(String what, PointId of, Function<PointId, Edit> change) {
        List<PointId> picked = now().picked();
        if (picked.size() < 2 || !picked.contains(of)) {
            return apply(change.apply(of));
        }
        Together together = new Together(picked, change);
        List<Together.LeftOut> left = together.leftOut(now().job());
        boolean made = apply(together.edit(what));
        if (made && !left.isEmpty()) {
            tell("%d of %d points; not %s: %s"
                    .formatted(
                            picked.size() - left.size(),
                            picked.size(),
                            Text.listed(
                                    left.stream().map(Together.LeftOut::pointId).toList()),
                            left.getFirst().why()));
        }
        return made;
    }

    /// The same with what was typed; where that stands for nothing, says why.
    ///
    /// @return whether it was made
    default boolean applyToPicked(String what, PointId of, Typed<Function<PointId, Edit>> typed) {
        return switch (typed) {
            case Typed.Read<Function<PointId, Edit>>(Function<PointId, Edit> change) -> applyToPicked(what, of, change);
            case Typed.Refused<Function<PointId, Edit>>(String why) -> {
                tell(why);
                yield false;
            }
        };
    }

    /// Does something that goes by what is shown, as soon as every edit made so far is shown: keys that come faster
    /// than
    /// the results do are then taken one after the other, and none is lost. Dropped where the edits before it are.
    void inTurn(Runnable act);

    /// Takes back the last edit.
    void undo();

    /// Makes the last undone edit again.
    void redo();

    /// Says something of what was just done, in one line; it goes with the next thing that is done.
    void tell(String notice);

    /// Says something that has to be read; it stays until it is dismissed or the next edit is made.
    void warn(String notice);

    /// Copies text, to paste it elsewhere.
    void copy(String text);

    /// Looks at another zone point or system point.
    void select(PointId pointId);

    /// Picks a zone point beside those that are picked, or lets go of it.
    void pick(PointId pointId);

    /// Looks at a zone point and picks every point of the list up to it.
    void pickUpTo(PointId pointId);

    /// Picks these zone points and looks at the first of them.
    void pickAll(List<PointId> pointIds);

    /// Opens another bench.
    void go(Stop stop);

    /// Opens a sheet of the survey.
    void open(SurveySheet sheet);

    /// Goes to where a finding is mended.
    void follow(Finding finding);

    /// Looks at a part beside the selected point.
    void focus(Focus part);

    /// Looks at a cable, and selects the first point it serves.
    void focus(Cable cable, CableEnd end, String core);

    /// Sets the bench's switches.
    void switchTo(DeviceState device, LoopFault fault);

    /// Lets the bench have the whole window to itself, or not any more.
    void fillWindow(boolean whole);

    /// Whether the bench has the whole window to itself.
    boolean fillsWindow();
}
