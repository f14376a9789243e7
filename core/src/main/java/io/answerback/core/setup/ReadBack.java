package io.answerback.core.setup;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.SettingValue;
import java.util.Optional;

/// What a panel shows at a setting, explained and held against what is wanted.
///
/// @param means what it means; empty for what no entry of that setting can be
/// @param agrees whether that is what is wanted
/// @param says all of it in one sentence
public record ReadBack(Optional<SettingValue> means, boolean agrees, String says) {
    /// Explains an entry.
    ///
    /// @param step the entry it was read at
    /// @param shown what the panel shows there, as it would be typed
    public static ReadBack of(EntryStep step, String shown) {
        Optional<SettingValue> means = Entries.value(step.setting(), shown.strip());
        if (means.isEmpty()) {
            return new ReadBack(
                    means,
                    false,
                    Text.of(
                            "No entry of %s is \"%s\": %s.",
                            step.setting().name(), shown.strip(), SetupWords.entries(step.setting())));
        }
        boolean agrees = means.equals(step.wanted()) || step.entry().equals(Optional.of(shown.strip()));
        String is = Text.of(
                "\"%s\" means %s",
                shown.strip(), SetupWords.value(step.setting().decision(), means.get()));
        return new ReadBack(
                means,
                agrees,
                agrees
                        ? is + ", as it is wanted."
                        : Text.of(
                                "%s; wanted is %s%s.",
                                is,
                                step.wanted()
                                        .map(value ->
                                                SetupWords.value(step.setting().decision(), value))
                                        .orElse("another"),
                                step.entry()
                                        .map(entry -> Text.of(", which is typed \"%s\"", entry))
                                        .orElse("")));
    }
}
