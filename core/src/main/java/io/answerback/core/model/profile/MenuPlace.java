package io.answerback.core.model.profile;

import io.answerback.core.model.common.Require;

/// A menu, location, page or screen of a panel in which settings are.
///
/// @param id its name in files
/// @param name what the panel calls it
/// @param in the place it is reached from, by id; empty for one that is reached at once
public record MenuPlace(String id, String name, String in) {
    /// @throws IllegalArgumentException when it has no id or name
    public MenuPlace {
        id = Require.text(id, "id of a place");
        name = Require.text(name, "name of place " + id);
        in = in == null ? "" : in.strip();
    }

    /// The same with a prefix before every id in it.
    MenuPlace prefixed(String prefix) {
        return new MenuPlace(prefix + id, name, in.isEmpty() ? in : prefix + in);
    }
}
