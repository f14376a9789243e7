package io.answerback.core.testing;

import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.EntryForm;
import io.answerback.core.model.profile.EntryForm.Option;
import io.answerback.core.model.profile.MenuPlace;
import io.answerback.core.model.profile.Setting;
import io.answerback.core.model.profile.SettingCatalogue;
import io.answerback.core.model.profile.SettingCatalogue.Manner;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Panel;
import java.util.ArrayList;
import java.util.List;

/// The small job on a panel with a few settings: a zone's behaviour and area in two menus, entry in steps of
/// ten seconds, a sounder in steps of two minutes, quick setting, and the engineer's code.
public final class SmallSetup {
    /// A zone's behaviour, by its place in the menu of zones.
    public static final Setting BEHAVIOUR = setting(
            "behaviour",
            Decision.ZONE_BEHAVIOUR,
            EntryForm.options(List.of(
                    new Option("0", "NOT_USED"),
                    new Option("1", "ENTRY_EXIT"),
                    new Option("2", "ENTRY_ROUTE"),
                    new Option("3", "IMMEDIATE"))),
            "0",
            "zones",
            List.of());
    /// A zone's areas, after its behaviour.
    public static final Setting AREA =
            setting("area", Decision.ZONE_AREA, EntryForm.places("Y-", 4), "----", "areas", List.of("behaviour"));
    /// The entry time, in steps of ten seconds, two digits.
    public static final Setting ENTRY =
            setting("entry", Decision.ENTRY_TIME, EntryForm.count("s", 10, 1, 12, 2), "03", "times", List.of());
    /// The sounder, in steps of two minutes.
    public static final Setting SOUNDER =
            setting("sounder", Decision.SOUNDER_TIME, EntryForm.count("min", 2, 1, 15, 0), "1", "times", List.of());
    /// Setting without a code.
    public static final Setting QUICK = setting(
            "quick",
            Decision.QUICK_SET,
            EntryForm.options(List.of(new Option("8", "yes"), new Option("9", "no"))),
            "8",
            "",
            List.of());
    /// The engineer's code.
    public static final Setting CODE = setting("code", Decision.ENGINEER_CODE, EntryForm.secret(6), "", "", List.of());

    private static final List<MenuPlace> PLACES = List.of(
            new MenuPlace("menu", "Menu", ""),
            new MenuPlace("zones", "Zones", "menu"),
            new MenuPlace("areas", "Areas", "menu"),
            new MenuPlace("times", "Times", "menu"));

    private SmallSetup() {}

    /// A setting that is at its number, or at its id.
    public static Setting setting(
            String id, Decision decision, EntryForm form, String usual, String place, List<String> after) {
        return new Setting(id, "The " + id, decision, form, usual, place, "{n}", "{entry} at {n}", false, after, false);
    }

    /// The catalogue with some settings.
    public static SettingCatalogue catalogue(Setting... settings) {
        return new SettingCatalogue(PLACES, List.of(settings), new Manner("in", "ok", "next", "out"));
    }

    /// The catalogue with some settings and more places.
    public static SettingCatalogue catalogue(List<MenuPlace> more, Setting... settings) {
        List<MenuPlace> places = new ArrayList<>(PLACES);
        places.addAll(more);
        return new SettingCatalogue(places, List.of(settings), new Manner("", "", "", ""));
    }

    /// The small job on that panel.
    public static Job job() {
        return on(SmallJob.job(), catalogue(BEHAVIOUR, AREA, ENTRY, SOUNDER, QUICK, CODE));
    }

    /// A job on a panel with other settings.
    public static Job on(Job job, SettingCatalogue catalogue) {
        return job.withPanel(new Panel(job.panel().name(), job.panel().profile().withSetup(catalogue)));
    }
}
