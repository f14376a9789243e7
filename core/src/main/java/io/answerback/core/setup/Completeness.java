package io.answerback.core.setup;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.BusRange;
import io.answerback.core.model.profile.BusRule;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.profile.Setting;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/// Whether a panel's profile says enough for each part of the work, and what is still to be copied from the
/// manual.
public final class Completeness {
    /// A part of the work.
    public enum Part {
        /// What there is room for, and by what it is widened.
        SURVEY("Survey"),
        /// What the inputs make of a loop.
        LOOP("Loop"),
        /// Which core goes where.
        CABLE("Cable"),
        /// What holds it up.
        POWER("Power"),
        /// Who answers at which address.
        BUS("Bus"),
        /// What is typed.
        SET_UP("Set up");

        private final String title;

        Part(String title) {
            this.title = title;
        }

        /// Its name on screen.
        public String title() {
            return title;
        }
    }

    private static final Set<Decision> WANTED = EnumSet.of(
            Decision.ZONE_BEHAVIOUR,
            Decision.ZONE_AREA,
            Decision.ENTRY_TIME,
            Decision.EXIT_TIME,
            Decision.SOUNDER_TIME,
            Decision.RESTORE_SET,
            Decision.AREA_ACCOUNT,
            Decision.REPORT_SETTING,
            Decision.TEST_INTERVAL,
            Decision.ENGINEER_CODE);
    private static final Set<ModuleSort> WIRED = EnumSet.complementOf(EnumSet.of(ModuleSort.PLUG_IN));

    private final PanelProfile profile;

    private Completeness(PanelProfile profile) {
        this.profile = profile;
    }

    /// What is missing for each part of the work; a part of which nothing is missing has an empty list.
    public static Map<Part, List<String>> of(PanelProfile profile) {
        Completeness its = new Completeness(profile);
        Map<Part, List<String>> missing = new EnumMap<>(Part.class);
        missing.put(Part.SURVEY, its.survey());
        missing.put(Part.LOOP, its.loop());
        missing.put(Part.CABLE, its.cable());
        missing.put(Part.POWER, its.power());
        missing.put(Part.BUS, its.bus());
        missing.put(Part.SET_UP, its.setup());
        return missing;
    }

    private List<String> survey() {
        List<String> missing = new ArrayList<>();
        if (profile.board().inputs() == 0) {
            missing.add("how many inputs the board has");
        }
        if (profile.modules().stream().noneMatch(kind -> kind.sort() == ModuleSort.KEYPAD)) {
            missing.add("a kind of keypad");
        }
        return missing;
    }

    private List<String> loop() {
        return profile.schemes().stream()
                .filter(bands -> bands.bands().stream().noneMatch(band -> band.meaning() == Meaning.NORMAL)
                        || bands.bands().stream().noneMatch(band -> band.meaning() == Meaning.ALARM))
                .map(bands -> Text.of(
                        "the band of %s in which it is normal, and that in which it alarms",
                        bands.scheme().words()))
                .toList();
    }

    private List<String> cable() {
        return kinds(kind -> WIRED.contains(kind.sort()) && kind.terminals().isEmpty(), "the terminals of %s");
    }

    private List<String> power() {
        List<String> missing = new ArrayList<>();
        if (profile.board().supply().isEmpty()) {
            missing.add("what the board's supply gives and charges");
        }
        missing.addAll(kinds(
                kind -> kind.power().isEmpty() && !kind.ownSupply() && kind.sort() != ModuleSort.SUPPLY,
                "what %s takes in an alarm and its least volts"));
        return missing;
    }

    private List<String> bus() {
        if (profile.bus().isEmpty()) {
            return List.of("how it addresses its modules and numbers their zones");
        }
        BusRule rule = profile.bus().get();
        List<String> missing = new ArrayList<>(kinds(
                kind -> (kind.inputs() > 0 && kind.sort() != ModuleSort.CONVERTER || kind.addresses() > 0)
                        && rule.range(kind.id()).isEmpty(),
                "the addresses and zones of %s"));
        if (rule.ranges().stream().anyMatch(range -> !range.offTheBus())
                && rule.steps().learning().isEmpty()) {
            missing.add("how it learns a module");
        }
        if (rule.mostMetres() == 0 && rule.mostOhms() == 0 && rule.reaches().isEmpty()) {
            missing.add("how long its bus may be");
        }
        missing.addAll(rule.ranges().stream()
                .map(BusRange::kinds)
                .flatMap(List::stream)
                .filter(id -> profile.module(id).isEmpty())
                .map(id -> Text.of("a module called \"%s\", of which the bus speaks", id))
                .toList());
        return missing;
    }

    private List<String> setup() {
        Set<Decision> there = profile.setup().settings().stream()
                .map(Setting::decision)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Decision.class)));
        List<String> missing = new ArrayList<>(WANTED.stream()
                .filter(decision -> !there.contains(decision))
                .map(decision -> "the setting for "
                        + decision.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' '))
                .toList());
        missing.addAll(CatalogueCheck.of(profile.setup()).values());
        return missing;
    }

    private List<String> kinds(java.util.function.Predicate<ModuleKind> which, String says) {
        return profile.modules().stream()
                .filter(which)
                .map(kind -> Text.of(says, kind.name()))
                .toList();
    }
}
