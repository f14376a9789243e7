package io.answerback.core.model.site;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import java.util.Collection;
import java.util.List;
import java.util.function.UnaryOperator;

/// A way in that was walked, from a door to a keypad.
///
/// @param from the point one comes in by
/// @param keypad the keypad one goes to
/// @param paces the points passed on the way, with the seconds since the door opened
/// @param seconds when the code is typed, in seconds since the door opened
public record TimedWalk(PointId from, ModuleId keypad, List<Pace> paces, double seconds) {
    /// @throws IllegalArgumentException when an end is not named or a time is out of bounds
    public TimedWalk {
        Require.given(from, "point a walk begins at");
        Require.given(keypad, "keypad a walk leads to");
        paces = List.copyOf(paces == null ? List.of() : paces);
        Require.within(seconds, 0, 3600, "seconds of the walk from point " + from);
    }

    /// A point that is passed on a walk.
    ///
    /// @param pointId the point
    /// @param seconds when, in seconds since the door opened
    public record Pace(PointId pointId, double seconds) {
        /// @throws IllegalArgumentException when the point is not named or the time out of bounds
        public Pace {
            Require.given(pointId, "point on a walk");
            Require.within(seconds, 0, 3600, "seconds to point " + pointId);
        }
    }

    /// The same without passing some points.
    public TimedWalk withoutPaces(Collection<PointId> ids) {
        return new TimedWalk(
                from,
                keypad,
                paces.stream().filter(pace -> !ids.contains(pace.pointId())).toList(),
                seconds);
    }

    /// The same with points under other numbers.
    public TimedWalk withPoints(UnaryOperator<PointId> renamed) {
        return new TimedWalk(
                renamed.apply(from),
                keypad,
                paces.stream()
                        .map(pace -> new Pace(renamed.apply(pace.pointId()), pace.seconds()))
                        .toList(),
                seconds);
    }
}
