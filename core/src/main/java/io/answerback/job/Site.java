package io.answerback.job;

/// Where the job is.
///
/// @param name the site's name
/// @param place what finds the building, in one line; may be empty
/// @param people how many people need a code of their own, 0 while that is not known
public record Site(String name, String place, int people) {
    /// @throws IllegalArgumentException when the name is blank or the number of people out of bounds
    public Site {
        name = Require.text(name, "site name");
        place = place == null ? "" : place.strip();
        Require.within(people, 0, 9999, "people who need a code");
    }
}
