package io.answerback.core.setup;

import io.answerback.core.engine.finding.Check;
import java.util.List;

/// The checks on programming.
public final class SetupChecklist {
    /// Every check, in the order of their findings.
    public static final List<Check> ALL = List.of(
            new VitalZoneShutsOff(),
            new DetectorReset(),
            new PulseMissed(),
            new SettingsNeedText(),
            new SettingBroken(),
            new EntryImpossible(),
            new DecisionBeyondRule(),
            new DecisionWithoutReason(),
            new CodeUnchanged(),
            new EntriesToRepeat(),
            new NamesCut(),
            new UserNumbersApart(),
            new KeySwitchWithoutResistor());

    private SetupChecklist() {}
}
