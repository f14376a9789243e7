package io.answerback.core.prove.acceptance;

import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationRules.AreaRule;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/// The lines of what a panel makes of alarms and of the way in and out, each in the first area that has what it
/// takes and that somebody may set at a keypad: alarms that are confirmed, left out, shut off or cancelled,
/// and doors that are used wrongly.
final class AlarmLines {
    private static final long SECOND = 1000;
    private static final long MINUTE = 60 * SECOND;
    private static final int MOST_REPEATS = 5;
    private static final String ON_TEST = "On test at the station; whoever hears the sounders expects it.";

    private final OperationRules rules;
    private final PlayedLines played;
    private final List<AcceptanceLine> lines = new ArrayList<>();

    AlarmLines(Facts facts) {
        this.rules = facts.of(OperationRules.FACT);
        this.played = new PlayedLines(facts);
    }

    List<AcceptanceLine> lines() {
        rules.firstArea(area ->
                        rules.settable(area.number()) && !immediate(area).isEmpty())
                .ifPresent(this::alarms);
        rules.firstArea(area -> rules.settable(area.number()) && !doors(area).isEmpty())
                .ifPresent(area -> wayInAndOut(area, doors(area).getFirst()));
        return lines;
    }

    private List<ZoneRule> immediate(AreaRule area) {
        return ofType(area, ZoneType.IMMEDIATE).stream()
                .filter(zone -> !zone.doubleKnock())
                .toList();
    }

    private List<ZoneRule> doors(AreaRule area) {
        return ofType(area, ZoneType.ENTRY_EXIT);
    }

    /// The zones of this area alone.
    private List<ZoneRule> ofType(AreaRule area, ZoneType type) {
        return rules.zones().values().stream()
                .filter(zone -> zone.type() == type)
                .filter(zone -> zone.areas().size() == 1 && zone.area() == area.number())
                .toList();
    }

    private void alarms(AreaRule area) {
        List<ZoneRule> zones = immediate(area);
        if (rules.times().confirmationMillis() > 0 && zones.size() > 1) {
            confirmed(area, zones.get(0), zones.get(1));
        }
        leftOut(area, zones.getFirst());
        int most = rules.options().mostAlarms();
        if (most > 0 && most <= MOST_REPEATS) {
            shutOff(area, zones.getFirst(), most);
        }
        if (rules.manners().cancelSeconds() > 0) {
            cancelled(area, zones.getFirst());
        }
    }

    private void confirmed(AreaRule area, ZoneRule first, ZoneRule second) {
        int user = rules.userOf(area.number());
        String within = rules.times().confirmationMillis() / MINUTE + " min";
        add(
                "confirmed",
                "Two detectors confirm an alarm",
                Text.of(
                        "Set area %02d, then trip %s and, within %s, %s",
                        area.number(), first.name(), within, second.name()),
                "the second is printed as a confirmed alarm, once",
                Map.of("confirmation", within),
                played.story()
                        .left(area, user)
                        .trips(first)
                        .trips(second)
                        .settled()
                        .unset(area, user));
    }

    private void leftOut(AreaRule area, ZoneRule zone) {
        int user = rules.userOf(area.number());
        add(
                "left-out",
                zone.name() + " left out, reported, and watched again",
                Text.of(
                        "Leave %s out at a keypad, set area %02d, trip it and unset; then set, trip it and unset once more",
                        zone.name(), area.number()),
                "a keypad says that it is left out, and then that it is watched again",
                Map.of("zone", zone.name()),
                played.story()
                        .then(new Happening.LeftOut(zone.number(), user, true))
                        .left(area, user)
                        .trips(zone)
                        .unset(area, user)
                        .waits(MINUTE)
                        .left(area, user)
                        .trips(zone)
                        .settled()
                        .unset(area, user));
    }

    private void shutOff(AreaRule area, ZoneRule zone, int most) {
        int user = rules.userOf(area.number());
        Story story = played.story().left(area, user);
        for (int i = 0; i <= most; i++) {
            story.trips(zone);
        }
        add(
                "shut-off",
                zone.name() + " shut off after so many alarms, and restored",
                Text.of("Set area %02d, trip %s %d times, then unset it", area.number(), zone.name(), most + 1),
                "a keypad says that it is shut off",
                Map.of("most alarms", Integer.toString(most)),
                story.settled().unset(area, user));
    }

    private void cancelled(AreaRule area, ZoneRule zone) {
        int user = rules.userOf(area.number());
        String within = rules.manners().cancelSeconds() + " s";
        add(
                "cancelled",
                "An alarm cancelled by unsetting",
                Text.of(
                        "Set area %02d, trip %s, and unset it within %s of its report",
                        area.number(), zone.name(), within),
                "a keypad says that there was an alarm",
                Map.of("cancel window", within),
                played.story().left(area, user).trips(zone).unset(area, user));
    }

    private void wayInAndOut(AreaRule area, ZoneRule door) {
        exitFault(area, door);
        immediate(area).stream().findFirst().ifPresent(zone -> offTheRoute(area, door, zone));
        if (rules.manners().lastDoorSeconds() > 0) {
            lastDoor(area, door, rules.manners().lastDoorSeconds());
        }
    }

    private void exitFault(AreaRule area, ZoneRule door) {
        int user = rules.userOf(area.number());
        long entry = area.entryMillis() + rules.manners().entryExtensionSeconds() * SECOND;
        add(
                "exit-fault",
                "Exit fault, and an alarm soon after setting",
                Text.of(
                        "Set area %02d, hold %s open until its exit and entry times are over, then unset it",
                        area.number(), door.name()),
                "the sounders and keypads sound when the exit time ends",
                times(area),
                played.story()
                        .set(area, user)
                        .waits(Math.max(0, area.exitMillis() - 2 * SECOND))
                        .opens(door)
                        .waits(entry + 10 * SECOND)
                        .sent()
                        .shuts(door)
                        .settled()
                        .unset(area, user));
    }

    private void offTheRoute(AreaRule area, ZoneRule door, ZoneRule zone) {
        int user = rules.userOf(area.number());
        add(
                "off-the-route",
                "Leaving the entry route",
                Text.of(
                        "Set area %02d, come in by %s, and trip %s before unsetting it",
                        area.number(), door.name(), zone.name()),
                "it alarms at once, though the entry time runs",
                times(area),
                played.story()
                        .left(area, user)
                        .opens(door)
                        .waits(3 * SECOND)
                        .shuts(door)
                        .waits(2 * SECOND)
                        .trips(zone)
                        .settled()
                        .unset(area, user));
    }

    private void lastDoor(AreaRule area, ZoneRule door, int seconds) {
        add(
                "last-door",
                "Set by the last door",
                Text.of(
                        "Set area %02d, go out by %s, shut it, and watch a keypad through the glass or ask somebody inside",
                        area.number(), door.name()),
                Text.of("it is set %d s after the door is shut, before the exit time is over", seconds),
                Map.of("last door", seconds + " s"),
                played.story()
                        .set(area, rules.userOf(area.number()))
                        .waits(3 * SECOND)
                        .opens(door)
                        .waits(3 * SECOND)
                        .shuts(door));
    }

    private static Map<String, String> times(AreaRule area) {
        return Map.of("entry time", area.entryMillis() / SECOND + " s", "exit time", area.exitMillis() / SECOND + " s");
    }

    private void add(String id, String title, String order, String seen, Map<String, String> basis, Story story) {
        lines.add(played.line(id, LineSection.SETTING, title, order, basis, story)
                .seen(seen)
                .caution(ON_TEST)
                .made());
    }
}
