package io.answerback.core.prove.acceptance;

import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.shown.LineFigure;
import io.answerback.core.model.shown.LineIds;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.model.unit.UnitProfile;
import io.answerback.core.panel.behaviour.EntryWalk;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.HowSet;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationRules.AreaRule;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import io.answerback.core.signal.event.Qualifier;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/// The lines of setting, part setting and unsetting by every means each area has, of the ways in, and of the
/// code under threat.
final class SettingLines {
    private static final String DURESS = "121";
    private static final double MINUTES = 2;
    private static final double SECONDS_A_MINUTE = 60;
    private static final long SECOND = 1000;

    private final Facts facts;
    private final OperationRules rules;
    private final PlayedLines played;
    private final List<AcceptanceLine> lines = new ArrayList<>();

    SettingLines(Facts facts) {
        this.facts = facts;
        this.rules = facts.of(OperationRules.FACT);
        this.played = new PlayedLines(facts);
    }

    List<AcceptanceLine> lines() {
        for (AreaRule area : rules.areas().values()) {
            boolean empty = rules.zones().values().stream()
                    .noneMatch(zone -> zone.areas().contains(area.number()));
            if (!empty) {
                area(area);
            }
        }
        facts.of(EntryWalk.ALL).stream()
                .filter(walk -> walk.unready().isEmpty())
                .forEach(this::wayIn);
        threat();
        return lines;
    }

    private void area(AreaRule area) {
        if (!area.follows().isEmpty()) {
            by(
                    area,
                    "follows",
                    "by the areas it follows",
                    "Set the areas it follows, then unset one",
                    following(area),
                    "Set every area it follows",
                    "See that it is set as well",
                    "Unset one of them, and see that it is unset");
            return;
        }
        by(
                area,
                "code",
                "by code",
                "Set it at its keypad, leave, come back and unset it",
                by(area, HowSet.CODE),
                "Close every door, and set it at its keypad by code",
                "Leave, and wait until it is set",
                "Come back in, and unset it by code");
        part(area);
        if (rules.options().quickSet()) {
            by(
                    area,
                    "quick",
                    "without a code",
                    "Set it without a code, then unset it by code",
                    by(area, HowSet.QUICK),
                    "Set it without a code",
                    "Leave, and wait until it is set",
                    "Come back in, and unset it by code");
        }
        rules.zones().values().stream()
                .filter(zone -> zone.type().switches() && zone.area() == area.number())
                .forEach(zone -> key(area, zone));
        area.setsAtMillis()
                .ifPresent(at -> by(
                        area,
                        "timer",
                        "by itself",
                        "Let its time come: keypads warn, a code postpones it, and it sets",
                        by(area, HowSet.TIMER),
                        "Wait for its time: the keypads warn",
                        "Postpone it by code",
                        "Let the time come again, and see that it sets",
                        "Unset it by code"));
        boolean remote = facts.communicator()
                .unit()
                .map(Unit::profile)
                .map(UnitProfile::control)
                .filter(control -> control.isPresent())
                .isPresent();
        if (remote) {
            by(
                    area,
                    "remote",
                    "remotely",
                    "Set it by text, then unset it by text",
                    by(area, HowSet.REMOTE),
                    "Set it by text",
                    "Read the answer, and look at a keypad",
                    "Unset it by text, and read the answer");
        }
    }

    /// Set and unset; by code where a means can only set.
    private Story by(AreaRule area, HowSet how) {
        int user = rules.userOf(area.number());
        boolean byCode = how != HowSet.QUICK && how != HowSet.TIMER;
        return played.story()
                .set(area, byCode ? user : 0, how)
                .leaves(area)
                .unset(area, user, how == HowSet.REMOTE ? HowSet.REMOTE : HowSet.CODE);
    }

    private Story following(AreaRule area) {
        List<AreaRule> followed =
                area.follows().stream().map(rules.areas()::get).toList();
        Story story = played.story();
        followed.forEach(each ->
                story.set(each, rules.userOf(each.number())).leaves(each).moment());
        return story.unset(followed.getFirst(), rules.userOf(followed.getFirst().number()));
    }

    private void by(AreaRule area, String id, String words, String order, Story story, String... steps) {
        line(
                area,
                Text.of("set:%d:%s", area.number(), id),
                Text.of("Area %02d %s set and unset %s", area.number(), area.name(), words),
                order,
                story,
                steps);
    }

    private void part(AreaRule area) {
        int user = rules.userOf(area.number());
        line(
                area,
                Text.of("part:%d", area.number()),
                Text.of("Area %02d %s part set", area.number(), area.name()),
                "Part set it, walk past what is left out, then unset it",
                played.story()
                        .then(new Happening.SetAsked(area.number(), HowSet.CODE, user, true, false))
                        .leaves(area)
                        .unset(area, user),
                "Part set it",
                "Walk past every detector that is left out: nothing may happen",
                "Unset it");
    }

    private void key(AreaRule area, ZoneRule zone) {
        Story story = played.story().opens(zone);
        if (zone.type() == ZoneType.KEY_SWITCH) {
            story.moment().shuts(zone).leaves(area).opens(zone).moment().shuts(zone);
        } else {
            story.leaves(area).shuts(zone);
        }
        line(
                area,
                Text.of("key:%d", zone.number()),
                Text.of("Area %02d %s set and unset by %s", area.number(), area.name(), zone.name()),
                "Turn it, leave, come back and turn it again; then try it with a door open",
                story,
                "Turn " + zone.name() + ", and leave",
                "Come back, and turn it again",
                "Open a door and turn it once more: it must refuse");
    }

    /// What the panel sends of other areas, which are set or unset with it, is not this line's.
    private void line(AreaRule area, String id, String title, String order, Story story, String... steps) {
        List<Expected> expects = played.expected(story).stream()
                .filter(expected -> expected.area() == area.number())
                .map(expected -> expected.by(Expected.ANY))
                .toList();
        double minutes = MINUTES + area.exitMillis() / SECOND / SECONDS_A_MINUTE;
        AcceptanceLine.Draft line = AcceptanceLine.line(id, LineSection.SETTING, title)
                .order(order)
                .steps(steps)
                .plays(story.events())
                .expects(expects, (int) (area.exitMillis() / SECOND) + answerSeconds())
                .takes(minutes)
                .because("Every means that a client has must have worked once before they need it.")
                .rests(basis(area));
        lines.add(
                sets(area, expects)
                        ? line.seen(expects.isEmpty() ? "the keypad says that it is set, and that it is unset" : "")
                                .made()
                        : line.expects(List.of(), 0)
                                .seen("the programming does not let the panel set it so")
                                .impossible()
                                .made());
    }

    /// Whether the panel sets it in the model; where setting is not reported, that is seen on site only.
    private boolean sets(AreaRule area, List<Expected> expects) {
        boolean reported = rules.options().reportsSetting() && !area.account().isEmpty();
        return !reported || expects.stream().anyMatch(each -> each.qualifier() == Qualifier.RESTORE);
    }

    private Map<String, String> basis(AreaRule area) {
        Map<String, String> basis = new TreeMap<>();
        basis.put("account", area.account());
        basis.put("entry time", area.entryMillis() / SECOND + " s");
        basis.put("exit time", area.exitMillis() / SECOND + " s");
        basis.put("setting is reported", rules.options().reportsSetting() ? "yes" : "no");
        basis.put("with a zone open", rules.options().forcedSet() ? "set all the same" : "refused");
        if (!area.follows().isEmpty()) {
            basis.put("follows", area.follows().toString());
        }
        return basis;
    }

    private void wayIn(EntryWalk walk) {
        String door = facts.point(walk.walk().from()).map(Point::name).orElse("the door");
        lines.add(AcceptanceLine.line(LineIds.ENTRY + walk.walk().from(), LineSection.SETTING, "Way in by " + door)
                .order(Text.of(
                        "Set area %02d, come in by %s as a client does, and unset it at %s with a stopwatch",
                        walk.area(), door, facts.nameOf(walk.walk().keypad())))
                .seen(Text.of("unset within %.0f s, and nothing sounds but the keypads", walk.entrySeconds()))
                .steps(
                        Text.of("Set area %02d and leave", walk.area()),
                        Text.of("Open %s, and start the stopwatch", door),
                        Text.of(
                                "Walk to %s as a client does, and type the code",
                                facts.nameOf(walk.walk().keypad())),
                        "Stop the stopwatch when it is unset")
                .wants(Wanted.atMost(LineFigure.SECONDS, walk.entrySeconds()))
                .takes(MINUTES)
                .because("A way in that is too long sets off the alarm every morning.")
                .of(walk.walk().from())
                .rests(Map.of(
                        "entry time", Text.of("%.0f s", walk.entrySeconds()),
                        "keypad", facts.nameOf(walk.walk().keypad()),
                        "points passed", Integer.toString(walk.passings().size())))
                .made());
    }

    private void threat() {
        boolean users = !rules.users().isEmpty();
        rules.firstAreaWithAccount()
                .filter(area -> users)
                .ifPresent(area -> lines.add(AcceptanceLine.line("threat", LineSection.SETTING, "Code under threat")
                        .order(Text.of("Unset area %02d with the code under threat", area.number()))
                        .plays(underThreat(area).events())
                        .expects(
                                played.expected(underThreat(area)).stream()
                                        .filter(expected -> expected.event().equals(DURESS))
                                        .toList(),
                                answerSeconds())
                        .seen("it looks like any unsetting")
                        .caution("The police may come: on test, and told, before it is typed.")
                        .takes(MINUTES)
                        .because("It is the one code that is never tried by accident.")
                        .rests(Map.of("account", area.account()))
                        .made()));
    }

    private Story underThreat(AreaRule area) {
        int user = rules.userOf(area.number());
        return played.story().left(area, user).then(new Happening.UnsetAsked(area.number(), HowSet.CODE, user, true));
    }

    private int answerSeconds() {
        return SystemLines.answerSeconds(facts);
    }
}
