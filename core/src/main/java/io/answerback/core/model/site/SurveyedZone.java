package io.answerback.core.model.site;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.profile.ZoneType;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/// What was decided at the survey about a point. What the panel was then told is its [Zone].
///
/// @param type what the panel shall do when the point becomes active
/// @param area the area the point belongs to; empty while that is open
/// @param wayIn whether people come in here to make the area stand down
@RecordBuilder
public record SurveyedZone(ZoneType type, Optional<Integer> area, boolean wayIn) implements SurveyedZoneBuilder.With {
    /// @throws IllegalArgumentException when the type is missing or the area out of bounds
    public SurveyedZone {
        Require.given(type, "zone type of a point");
        area = area == null ? Optional.empty() : area;
        area.ifPresent(number -> Require.within(number, 1, 99, "area of a point"));
    }
}
