package io.answerback.desktop.survey;

import io.answerback.core.assess.departure.AsTheRulesSay;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.model.common.Typed;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Point;
import io.answerback.core.survey.PointNumbers;
import io.answerback.desktop.work.Actions;
import java.util.List;

/// What can be done to the picked points as a whole.
final class PointCommands {
    private final Actions actions;

    PointCommands(Actions actions) {
        this.actions = actions;
    }

    /// Copies the point that is looked at under the next number.
    void duplicate() {
        actions.now().job().point(actions.now().selected()).ifPresent(this::duplicate);
    }

    private void duplicate(Point point) {
        PointId id = new PointId(PointNumbers.next(actions.now().job()));
        actions.apply(PointEdits.duplicate(point.id(), id, PointNumbers.nextName(point.name())), id);
    }

    /// Gives a point another number and goes on looking at it.
    ///
    /// @return whether it could be given
    boolean renumber(PointId pointId, String typed) {
        String number = typed.strip().matches("\\d{1,3}")
                ? PointNumbers.padded(Integer.parseInt(typed.strip()))
                : typed.strip();
        Typed<PointId> id = Typed.of(() -> new PointId(number));
        boolean made = actions.apply(id.then(its -> PointEdits.renumber(pointId, its)));
        id.understood().filter(its -> made).ifPresent(actions::select);
        return made;
    }

    /// Numbers all points anew in the order of the list; the one that is looked at stays the one.
    void renumberAll() {
        List<Point> points = actions.now().job().points();
        int at = points.stream().map(Point::id).toList().indexOf(actions.now().selected());
        if (actions.apply(PointEdits.renumberAll()) && at >= 0) {
            actions.select(actions.now().job().points().get(at).id());
        }
    }

    void move(int steps) {
        List<PointId> picked = actions.now().picked();
        if (!picked.isEmpty()) {
            actions.apply(PointEdits.move(picked, steps));
        }
    }

    void remove() {
        List<PointId> picked = actions.now().picked();
        if (!picked.isEmpty()) {
            actions.apply(PointEdits.remove(picked));
        }
    }

    void pickAll() {
        actions.pickAll(actions.now().job().points().stream().map(Point::id).toList());
    }

    /// Wires the picked points as the rules of the firm say.
    void asTheRulesSay() {
        List<PointId> picked = actions.now().picked();
        if (picked.isEmpty()) {
            actions.tell("Pick points first; Ctrl+A picks every one.");
        } else {
            actions.apply(AsTheRulesSay.of(picked));
        }
    }
}
