package io.answerback.job;

/// Where the job is.
///
/// @param name the site's name
/// @param place what finds the building, in one line; may be empty
public record Site(String name, String place) {
    /// @throws IllegalArgumentException when the name is blank
    public Site {
        name = Require.text(name, "site name");
        place = place == null ? "" : place.strip();
    }
}
