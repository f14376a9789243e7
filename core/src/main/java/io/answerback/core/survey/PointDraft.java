package io.answerback.core.survey;

import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ZoneType;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// What a line somebody typed means.
///
/// @param id the point's number
/// @param name its name; empty while none was typed
/// @param kind its kind; empty while none can be told
/// @param type what the panel shall do; empty while that cannot be told
/// @param area where it belongs; empty while that is open
/// @param metres the length of its cable, in metres; empty when none was typed
/// @param wayIn whether people come in there
/// @param assumed what nobody typed but is usual
/// @param problems why the line cannot be taken yet; empty when it can
public record PointDraft(
        PointId id,
        String name,
        Optional<PointKind> kind,
        Optional<ZoneType> type,
        Optional<Place> area,
        Optional<Double> metres,
        boolean wayIn,
        Set<Part> assumed,
        List<String> problems) {
    /// A part of a line.
    public enum Part {
        /// The point's number.
        NUMBER,
        /// What it is.
        KIND,
        /// What the panel shall do.
        TYPE,
        /// Where it belongs.
        AREA
    }

    /// An area, by its number; a new one when the job has none of that number.
    ///
    /// @param number the area's number
    /// @param name its name
    /// @param fresh whether it is made with the point
    public record Place(int number, String name, boolean fresh) {}

    public PointDraft {
        assumed = Set.copyOf(assumed);
        problems = List.copyOf(problems);
    }

    /// Whether it says enough to become a point.
    public boolean complete() {
        return problems.isEmpty();
    }
}
