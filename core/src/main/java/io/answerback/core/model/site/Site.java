package io.answerback.core.model.site;

import io.answerback.core.model.common.Require;
import io.soabase.recordbuilder.core.RecordBuilder;

/// Where the job is.
///
/// @param name the site's name
/// @param place what finds the building, in one line; may be empty
/// @param people how many people need a code of their own, 0 while that is not known
/// @param drawings what the site's drawings say about themselves
@RecordBuilder
public record Site(String name, String place, int people, TitleBlock drawings) implements SiteBuilder.With {
    /// A site whose drawings say nothing about themselves.
    public Site(String name, String place, int people) {
        this(name, place, people, TitleBlock.EMPTY);
    }

    /// @throws IllegalArgumentException when the name is blank or the number of people out of bounds
    public Site {
        name = Require.text(name, "site name");
        place = place == null ? "" : place.strip();
        Require.within(people, 0, 9999, "people who need a code");
        drawings = drawings == null ? TitleBlock.EMPTY : drawings;
    }
}
