package io.answerback.core.model.profile;

import io.answerback.core.model.common.Require;
import java.util.List;

/// A setting of a panel, from its manual.
///
/// A setting that contradicts itself is kept as it is, and named when the catalogue is looked through, so that
/// the rest of its panel can be used.
///
/// @param id its name in files, such as "sounder-time"
/// @param name what the manual calls it
/// @param decision what is decided with it
/// @param form how it is typed
/// @param usual what stands there when the panel is new, as it is typed; empty where the manual does not say
/// @param place where it is, by the id of a place
/// @param at what is chosen there, such as "5", with `{n}` in the place of the number it is there once for
/// @param shows what the panel shows once it is typed, with `{entry}` and `{n}`; empty where the manual does
///     not say
/// @param needsText whether it can be set at a keypad that shows text only
/// @param after the settings that have to be typed before, by id
/// @param powerCycle whether the panel takes it up only when power was off and on
public record Setting(
        String id,
        String name,
        Decision decision,
        EntryForm form,
        String usual,
        String place,
        String at,
        String shows,
        boolean needsText,
        List<String> after,
        boolean powerCycle) {
    /// @throws IllegalArgumentException when it has no name, decision or form
    public Setting {
        id = Require.text(id, "id of a setting");
        name = Require.text(name, "name of setting " + id);
        Require.given(decision, "decision of setting " + id);
        Require.given(form, "form of setting " + id);
        usual = usual == null ? "" : usual;
        place = place == null ? "" : place.strip();
        at = at == null ? "" : at;
        shows = shows == null ? "" : shows;
        after = List.copyOf(after == null ? List.of() : after);
    }

    /// What it is there once for.
    public SettingScope scope() {
        return decision.scope();
    }

    /// The same with a prefix before every id in it.
    Setting prefixed(String prefix) {
        return new Setting(
                prefix + id,
                name,
                decision,
                form,
                usual,
                place.isEmpty() ? place : prefix + place,
                at,
                shows,
                needsText,
                after.stream().map(before -> prefix + before).toList(),
                powerCycle);
    }
}
