package io.answerback.core.model.site;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.profile.PanelProfile;

/// The panel on this site.
///
/// @param name what the panel is called on this site, such as "Panel in the dock office"
/// @param profile what this make of panel expects and does; the job carries its own copy
public record Panel(String name, PanelProfile profile) {
    /// @throws IllegalArgumentException when the name is blank or the profile missing
    public Panel {
        name = Require.text(name, "panel name");
        Require.given(profile, "panel profile");
    }
}
