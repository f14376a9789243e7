package io.answerback.core.engine.edit;

import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Panel;

/// Edits to the job's own copy of its panel's profile.
public final class ProfileEdits {
    private ProfileEdits() {}

    /// The profile says something else. What is on the job stays as it is: what the profile no longer knows
    /// is found.
    ///
    /// @param what what was changed, as the undo menu says it
    public static Edit profile(String what, PanelProfile profile) {
        return new Edit(
                "profile, " + what, job -> job.withPanel(new Panel(job.panel().name(), profile)));
    }
}
