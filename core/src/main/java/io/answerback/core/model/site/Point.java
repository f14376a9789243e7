package io.answerback.core.model.site;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.id.PointId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.function.Predicate;

/// One place in the building that is watched.
///
/// @param id the point's number as text, unique in the job, such as "07"
/// @param name what and where, such as "Dock roller door 2"
/// @param kind what sort of thing watches
/// @param surveyed what was decided about it at the survey
/// @param loop the parts fitted in its loop
/// @param inSeries the contacts that share its loop, in the order of the cable; empty when there is but one
@RecordBuilder
public record Point(
        PointId id, String name, PointKind kind, SurveyedZone surveyed, LoopWiring loop, List<SeriesContact> inSeries)
        implements PointBuilder.With {
    /// @throws IllegalArgumentException when the id or name is blank, a part missing, or a single contact is
    ///     said to be in series
    public Point {
        Require.given(id, "point id");
        name = Require.text(name, "point name");
        Require.given(kind, "kind of point " + id);
        Require.given(surveyed, "what was decided of point " + id);
        Require.given(loop, "loop of point " + id);
        inSeries = List.copyOf(inSeries == null ? List.of() : inSeries);
        if (inSeries.size() == 1) {
            throw new IllegalArgumentException("point " + id + " has one contact in series; give two or none");
        }
    }

    /// A point with a contact of its own.
    public static Point of(PointId id, String name, PointKind kind, SurveyedZone surveyed, LoopWiring loop) {
        return new Point(id, name, kind, surveyed, loop, List.of());
    }

    /// The kinds of everything that is on its loop: its own, or those of all contacts in series.
    public List<PointKind> kinds() {
        return inSeries.isEmpty()
                ? List.of(kind)
                : inSeries.stream().map(SeriesContact::kind).toList();
    }

    /// Whether anything on its loop is of such a kind: itself, or a device that shares it.
    public boolean has(Predicate<PointKind> such) {
        return kinds().stream().anyMatch(such);
    }
}
