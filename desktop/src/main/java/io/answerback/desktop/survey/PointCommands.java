package io.answerback.desktop.survey;

import io.answerback.core.common.Typed;
import io.answerback.core.edit.PointEdits;
import io.answerback.core.id.PointId;
import io.answerback.core.site.Point;
import io.answerback.core.survey.PointNumbers;
import io.answerback.desktop.desk.Desk;
import java.util.List;

/// What can be done to the picked points as a whole.
final class PointCommands {
    private final Desk desk;

    PointCommands(Desk desk) {
        this.desk = desk;
    }

    /// Copies the point that is looked at under the next number.
    void duplicate() {
        desk.now().job().point(desk.now().selected()).ifPresent(this::duplicate);
    }

    private void duplicate(Point point) {
        PointId id = new PointId(PointNumbers.next(desk.now().job()));
        desk.apply(PointEdits.duplicate(point.id(), id, PointNumbers.nextName(point.name())), id);
    }

    /// Gives a point another number and goes on looking at it.
    ///
    /// @return whether it could be given
    boolean renumber(PointId pointId, String typed) {
        String number = typed.strip().matches("\\d{1,3}")
                ? PointNumbers.padded(Integer.parseInt(typed.strip()))
                : typed.strip();
        Typed<PointId> id = Typed.of(() -> new PointId(number));
        boolean made = desk.apply(id.then(its -> PointEdits.renumber(pointId, its)));
        id.understood().filter(its -> made).ifPresent(desk::select);
        return made;
    }

    /// Numbers all points anew in the order of the list; the one that is looked at stays the one.
    void renumberAll() {
        List<Point> points = desk.now().job().points();
        int at = points.stream().map(Point::id).toList().indexOf(desk.now().selected());
        if (desk.apply(PointEdits.renumberAll()) && at >= 0) {
            desk.select(desk.now().job().points().get(at).id());
        }
    }

    void move(int steps) {
        List<PointId> picked = desk.now().picked();
        if (!picked.isEmpty()) {
            desk.apply(PointEdits.move(picked, steps));
        }
    }

    void remove() {
        List<PointId> picked = desk.now().picked();
        if (!picked.isEmpty()) {
            desk.apply(PointEdits.remove(picked));
        }
    }

    void pickAll() {
        desk.pickAll(desk.now().job().points().stream().map(Point::id).toList());
    }
}
