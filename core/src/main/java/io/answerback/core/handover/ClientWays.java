package io.answerback.core.handover;

import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.panel.operation.AreaMode;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.Operation;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationRules.AreaRule;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import io.answerback.core.panel.operation.OperationState;
import io.answerback.core.setup.Intent;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// How a client sets and unsets each area, from what the panel does there: by a door that starts the entry time,
/// with the areas it follows, by a key, or from a keypad outside it.
///
/// @param job the job
/// @param rules what its panel goes by
record ClientWays(Job job, OperationRules rules) {
    private static final double SECOND = 1000;
    private static final String CLOSE = "Close every door and window. ";

    /// How an area is set; empty where there is no way.
    Optional<String> toSet(AreaRule area) {
        if (!area.follows().isEmpty()) {
            return Optional.of(Text.of(
                    "It is %s by itself once %s %s.",
                    terms().set(), and(names(area.follows())), area.follows().size() == 1 ? "is" : "are"));
        }
        List<String> doors = doors(area);
        if (!doors.isEmpty()) {
            return Optional.of(CLOSE
                    + Text.of(
                            "Enter your code at a keypad, leave by %s within %.0f s, and wait until the keypads are silent.",
                            or(doors), area.exitMillis() / SECOND));
        }
        return key(area)
                .map(keys -> CLOSE + Text.of("Leave it, and turn the key at %s.", keys))
                .or(() ->
                        keypads(area).map(keypads -> CLOSE + Text.of("Leave it, and enter your code at %s.", keypads)));
    }

    /// How an area is unset; empty where there is no way without an alarm.
    Optional<String> toUnset(AreaRule area) {
        if (!area.follows().isEmpty()) {
            return Optional.of(Text.of("It is %s by itself once %s is.", terms().unset(), or(names(area.follows()))));
        }
        List<String> doors = doors(area);
        if (!doors.isEmpty()) {
            return Optional.of(Text.of(
                    "Come in by %s. The keypads sound: enter your code within %.0f s.",
                    or(doors), area.entryMillis() / SECOND));
        }
        String first = "Before you open any of its doors, %s: each of them alarms at once.";
        return key(area)
                .map(keys -> Text.of(first, "turn the key at " + keys))
                .or(() -> keypads(area).map(keypads -> Text.of(first, "enter your code at " + keypads)));
    }

    private Terms terms() {
        return Terms.of(job.practice());
    }

    private List<String> names(Set<Integer> areas) {
        return areas.stream().map(number -> rules.areas().get(number).name()).toList();
    }

    private static String or(List<String> names) {
        return String.join(" or ", names);
    }

    private static String and(List<String> names) {
        return String.join(" and ", names);
    }

    /// The doors that start the entry time of an area while everything is set.
    private List<String> doors(AreaRule area) {
        return rules.zones().values().stream()
                .filter(zone -> zone.type() == ZoneType.ENTRY_EXIT)
                .filter(zone -> enters(zone, area.number()))
                .map(ZoneRule::name)
                .toList();
    }

    private boolean enters(ZoneRule door, int area) {
        OperationState set = OperationState.standing(
                rules,
                rules.areas().keySet().stream().collect(Collectors.toMap(its -> its, its -> AreaMode.SET)),
                false);
        return new Operation(rules)
                        .step(set, new Happening.ZoneReads(door.number(), Optional.of(Meaning.ALARM)), set.atMillis())
                        .state()
                        .area(area)
                        .mode()
                == AreaMode.ENTERING;
    }

    private Optional<String> key(AreaRule area) {
        List<String> keys = rules.zones().values().stream()
                .filter(zone -> zone.type().switches() && zone.areas().contains(area.number()))
                .map(ZoneRule::name)
                .toList();
        return keys.isEmpty() ? Optional.empty() : Optional.of(or(keys));
    }

    private Optional<String> keypads(AreaRule area) {
        List<PanelModule> keypads = keypadsOutside().getOrDefault(area.number(), List.of());
        return keypads.isEmpty()
                ? Optional.empty()
                : Optional.of(or(keypads.stream().map(PanelModule::name).toList()));
    }

    /// The keypads from which areas without a way in of their own are worked: those that work also an area that one
    /// gets into before, by its doors, a key or in turn from a keypad.
    private Map<Integer, List<PanelModule>> keypadsOutside() {
        Map<Integer, List<PanelModule>> outside = new HashMap<>();
        Set<Integer> reached = rules.areas().values().stream()
                .filter(area -> !doors(area).isEmpty() || key(area).isPresent())
                .map(AreaRule::number)
                .collect(Collectors.toSet());
        Map<Integer, List<PanelModule>> next;
        do {
            next = rules.areas().keySet().stream()
                    .filter(area -> !reached.contains(area))
                    .collect(Collectors.toMap(area -> area, area -> keypads(area, reached)));
            next.values().removeIf(List::isEmpty);
            outside.putAll(next);
        } while (reached.addAll(next.keySet()));
        return outside;
    }

    private List<PanelModule> keypads(int area, Set<Integer> reached) {
        return job.modules().stream()
                .filter(module -> job.kindOf(module)
                        .filter(kind -> kind.sort() == ModuleSort.KEYPAD)
                        .isPresent())
                .filter(module ->
                        worked(module).contains(area) && worked(module).stream().anyMatch(reached::contains))
                .toList();
    }

    /// The areas a keypad works; all where none was said.
    private Set<Integer> worked(PanelModule keypad) {
        Intent intent = new Intent(job);
        Set<Integer> said = Stream.concat(
                        keypad.areas().stream(),
                        job.bus().of(keypad.id()).stream()
                                .flatMap(address -> intent.of(Decision.KEYPAD_AREAS, address.address()).stream())
                                .filter(SettingValue.Numbers.class::isInstance)
                                .flatMap(value -> ((SettingValue.Numbers) value).numbers().stream()))
                .collect(Collectors.toSet());
        return said.isEmpty() ? rules.areas().keySet() : said;
    }
}
