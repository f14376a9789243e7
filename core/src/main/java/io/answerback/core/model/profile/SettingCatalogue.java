package io.answerback.core.model.profile;

import io.answerback.core.model.common.Keyed;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Every setting of a panel that is known, and how one moves about in it.
///
/// @param places its menus, locations and screens
/// @param settings its settings, in the panel's own order
/// @param manner how one gets in, types, confirms, skips and leaves
public record SettingCatalogue(List<MenuPlace> places, List<Setting> settings, Manner manner) {
    /// How a panel is worked while it is programmed, in words of its manual.
    ///
    /// @param start how one gets in
    /// @param confirm how an entry is confirmed
    /// @param skip how a setting is left as it is
    /// @param leave how one gets out again
    public record Manner(String start, String confirm, String skip, String leave) {
        public Manner {
            start = start == null ? "" : start.strip();
            confirm = confirm == null ? "" : confirm.strip();
            skip = skip == null ? "" : skip.strip();
            leave = leave == null ? "" : leave.strip();
        }
    }

    /// What the ids of a communicator's settings and places begin with where they stand behind those of a panel.
    public static final String UNIT = "unit:";

    /// A panel of which no setting is known.
    public static final SettingCatalogue EMPTY = new SettingCatalogue(List.of(), List.of(), new Manner("", "", "", ""));

    /// @throws IllegalArgumentException when two places or two settings have one id
    public SettingCatalogue {
        places = Keyed.of(places == null ? List.of() : places, MenuPlace::id, "places", "place");
        settings = Keyed.of(settings == null ? List.of() : settings, Setting::id, "settings", "setting");
        manner = manner == null ? new Manner("", "", "", "") : manner;
    }

    /// These settings, and behind them those of another box, whose ids get a prefix.
    ///
    /// @param prefix what the ids of the other box begin with, such as [#UNIT]
    public SettingCatalogue with(String prefix, SettingCatalogue other) {
        return new SettingCatalogue(
                Stream.concat(places.stream(), other.places.stream().map(place -> place.prefixed(prefix)))
                        .toList(),
                Stream.concat(settings.stream(), other.settings.stream().map(setting -> setting.prefixed(prefix)))
                        .toList(),
                manner);
    }

    /// The first id of a place or a setting that begins so; empty when none does.
    Optional<String> idThatBegins(String prefix) {
        return Stream.concat(
                        places.stream().map(MenuPlace::id), settings.stream().map(Setting::id))
                .filter(id -> id.startsWith(prefix))
                .findFirst();
    }

    /// The setting with this id; empty when there is none.
    public Optional<Setting> setting(String id) {
        return settings.stream().filter(setting -> setting.id().equals(id)).findFirst();
    }

    /// The place with this id; empty when there is none.
    public Optional<MenuPlace> place(String id) {
        return places.stream().filter(place -> place.id().equals(id)).findFirst();
    }
}
