package io.answerback.core.setup;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.MenuPlace;
import io.answerback.core.model.profile.Setting;
import io.answerback.core.model.profile.SettingCatalogue;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// The ways through a panel's menus.
public final class MenuPaths {
    private final SettingCatalogue catalogue;
    private final Map<String, List<String>> paths = new HashMap<>();

    /// The ways through a catalogue's places.
    public MenuPaths(SettingCatalogue catalogue) {
        this.catalogue = catalogue;
        catalogue.places().forEach(place -> path(place).ifPresent(path -> paths.put(place.id(), path)));
    }

    /// From the outermost place in; empty where the way leads in a circle or through a place that is not there.
    private Optional<List<String>> path(MenuPlace place) {
        List<String> names = new ArrayList<>();
        Set<String> passed = new HashSet<>();
        Optional<MenuPlace> at = Optional.of(place);
        while (at.isPresent()) {
            if (!passed.add(at.get().id())) {
                return Optional.empty();
            }
            names.addFirst(at.get().name());
            String in = at.get().in();
            if (in.isEmpty()) {
                return Optional.of(List.copyOf(names));
            }
            at = catalogue.place(in);
        }
        return Optional.empty();
    }

    /// The names on the way to a place, the outermost first; empty where no way leads there.
    public Optional<List<String>> to(String place) {
        return place.isEmpty() ? Optional.of(List.of()) : Optional.ofNullable(paths.get(place));
    }

    /// The names on the way to a setting, with what is chosen there last.
    ///
    /// @param number of which area, zone, user or address; 0 for the panel
    public List<String> to(Setting setting, int number) {
        List<String> names = new ArrayList<>(to(setting.place()).orElse(List.of()));
        if (!setting.at().isEmpty()) {
            names.add(filled(setting.at(), number));
        }
        return names.stream().map(name -> filled(name, number)).toList();
    }

    static String filled(String words, int number) {
        return words.replace("{n}", String.valueOf(number)).replace("{nn}", Text.of("%02d", number));
    }

    /// How many levels one goes up and down from one place to another.
    ///
    /// @param from the names on the way to the one
    /// @param to the names on the way to the other
    public static int levels(List<String> from, List<String> to) {
        int shared = 0;
        while (shared < Math.min(from.size(), to.size()) && from.get(shared).equals(to.get(shared))) {
            shared++;
        }
        return from.size() + to.size() - 2 * shared;
    }
}
