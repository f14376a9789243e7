package io.answerback.core.setup;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.EntryForm;
import io.answerback.core.model.profile.Setting;
import io.answerback.core.model.profile.SettingCatalogue;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// Looks through a panel's settings for what contradicts itself: each is named, and the rest can be used.
public final class CatalogueCheck {
    private final SettingCatalogue catalogue;
    private final MenuPaths paths;

    private CatalogueCheck(SettingCatalogue catalogue) {
        this.catalogue = catalogue;
        this.paths = new MenuPaths(catalogue);
    }

    /// What is wrong with each setting that cannot be used, by its id, in the order of the catalogue.
    public static Map<String, String> of(SettingCatalogue catalogue) {
        CatalogueCheck check = new CatalogueCheck(catalogue);
        Map<String, String> wrong = new LinkedHashMap<>();
        for (Setting setting : catalogue.settings()) {
            check.form(setting)
                    .or(() -> check.usual(setting))
                    .or(() -> check.place(setting))
                    .or(() -> check.order(setting))
                    .ifPresent(why -> wrong.put(setting.id(), Text.of("%s: %s", setting.name(), why)));
        }
        return wrong;
    }

    private Optional<String> form(Setting setting) {
        EntryForm form = setting.form();
        return switch (form.kind()) {
            case COUNT -> count(setting, form);
            case OPTION -> options(setting, form);
            case LIST ->
                form.separator().isEmpty() || form.separator().matches(".*\\d.*")
                        ? Optional.of("its list needs something other than digits between two numbers")
                        : beyond(form);
            case PLACES ->
                form.separator().length() != 2
                                || form.separator().charAt(0)
                                        == form.separator().charAt(1)
                        ? Optional.of("its places need a mark and a blank that differ, such as \"Y-\"")
                        : beyond(form);
            case WORDS, SECRET -> beyond(form);
        };
    }

    private static Optional<String> beyond(EntryForm form) {
        return form.most() < 1
                ? Optional.of(Text.of("nothing can be typed there: its most is %d", form.most()))
                : Optional.empty();
    }

    private static Optional<String> count(Setting setting, EntryForm form) {
        String unit = setting.decision().unit();
        if (Units.factor(form.unit(), unit).isEmpty()) {
            return Optional.of(Text.of(
                    "its unit \"%s\" is none in which %s can be counted; it is one of s, min, h, days, or times",
                    form.unit(), unit.isEmpty() ? "this decision" : "\"" + unit + "\""));
        }
        if (form.step() <= 0) {
            return Optional.of(Text.of("its step is %s; each count must be worth something", form.step()));
        }
        if (form.least() > form.most()) {
            return Optional.of(Text.of("its range is upside down: %d to %d", form.least(), form.most()));
        }
        return form.digits() > 0 && String.valueOf(form.most()).length() > form.digits()
                ? Optional.of(Text.of("%d does not fit into %d digits", form.most(), form.digits()))
                : Optional.empty();
    }

    private static Optional<String> options(Setting setting, EntryForm form) {
        Set<String> entries = new HashSet<>();
        Set<String> meanings = new HashSet<>();
        for (EntryForm.Option option : form.options()) {
            if (Entries.value(setting, option.entry()).isEmpty()) {
                return Optional.of(Text.of(
                        "\"%s\" means \"%s\", which this decision knows nothing of", option.entry(), option.means()));
            }
            if (!entries.add(option.entry())) {
                return Optional.of(Text.of("entry \"%s\" is there twice", option.entry()));
            }
            if (!meanings.add(option.means())) {
                return Optional.of(Text.of("two entries mean %s", option.means()));
            }
        }
        return form.options().isEmpty() ? Optional.of("it has no entries to choose from") : Optional.empty();
    }

    private Optional<String> usual(Setting setting) {
        return setting.usual().isEmpty()
                        || setting.form().kind() == EntryForm.Kind.SECRET
                        || Entries.value(setting, setting.usual()).isPresent()
                ? Optional.empty()
                : Optional.of(Text.of(
                        "\"%s\" is said to stand there when the panel is new, and cannot be typed there",
                        setting.usual()));
    }

    private Optional<String> place(Setting setting) {
        if (paths.to(setting.place()).isPresent()) {
            return Optional.empty();
        }
        return Optional.of(
                catalogue.place(setting.place()).isPresent()
                        ? Text.of(
                                "the way to \"%s\" leads in a circle, or through a place that is not there",
                                setting.place())
                        : Text.of("there is no place \"%s\"", setting.place()));
    }

    private Optional<String> order(Setting setting) {
        Optional<String> unknown = setting.after().stream()
                .filter(id -> catalogue.setting(id).isEmpty())
                .findFirst();
        if (unknown.isPresent()) {
            return Optional.of(Text.of("it comes after \"%s\", which is not there", unknown.get()));
        }
        return before(setting, new ArrayList<>(List.of(setting.id())))
                ? Optional.of("it has to be typed before itself")
                : Optional.empty();
    }

    /// Whether a setting has to be typed before the first of those passed.
    private boolean before(Setting setting, List<String> passed) {
        for (String id : setting.after()) {
            if (id.equals(passed.getFirst())) {
                return true;
            }
            if (!passed.contains(id)) {
                passed.add(id);
                // one that is not there is named where it is asked for
                if (catalogue.setting(id).filter(next -> before(next, passed)).isPresent()) {
                    return true;
                }
            }
        }
        return false;
    }
}
