package io.answerback.core.setup;

import io.answerback.core.model.profile.SettingCatalogue;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.model.unit.UnitProfile;

/// The settings of every box of a job that is set up: the panel's, and behind them the communicator's.
public final class Catalogue {
    private Catalogue() {}

    /// The settings of a job.
    public static SettingCatalogue of(Parts job) {
        SettingCatalogue panel = job.panel().profile().setup();
        return job.communicator()
                .unit()
                .map(Unit::profile)
                .map(UnitProfile::setup)
                .map(unit -> panel.with(SettingCatalogue.UNIT, unit))
                .orElse(panel);
    }

    /// How the box is worked that a setting belongs to.
    ///
    /// @param settingId the setting, by its id in [#of(Parts)]
    public static SettingCatalogue.Manner manner(Parts job, String settingId) {
        return job.communicator()
                .unit()
                .filter(unit -> settingId.startsWith(SettingCatalogue.UNIT))
                .map(unit -> unit.profile().setup().manner())
                .orElseGet(() -> job.panel().profile().setup().manner());
    }
}
