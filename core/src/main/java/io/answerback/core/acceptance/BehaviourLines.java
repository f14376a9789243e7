package io.answerback.core.acceptance;

import io.answerback.core.answer.AnswerTimes;
import io.answerback.core.common.Text;
import io.answerback.core.device.PointKind;
import io.answerback.core.event.EventTable;
import io.answerback.core.event.Numbered;
import io.answerback.core.event.Qualifier;
import io.answerback.core.memo.Fact;
import io.answerback.core.memo.Facts;
import io.answerback.core.operation.Happening;
import io.answerback.core.operation.HowSet;
import io.answerback.core.operation.OperationRules;
import io.answerback.core.operation.OperationRules.AreaRule;
import io.answerback.core.operation.OperationRules.ZoneRule;
import io.answerback.core.operation.PanelCase;
import io.answerback.core.panel.PanelReducer;
import io.answerback.core.profile.Meaning;
import io.answerback.core.profile.ModuleSort;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.PanelModule;
import io.answerback.core.site.PanelProgramming;
import io.answerback.core.site.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/// The lines of what a panel does by its programming and not because a device alarms: alarms that are confirmed,
/// shut off or cancelled, setting that is refused or goes wrong, users, modules, and what it tells the station of
/// itself. What must arrive is what the panel's model sends when the line's own steps are played on it.
final class BehaviourLines {
    /// The lines of a job, kept as long as nothing changes of what they come from.
    static final Fact<List<AcceptanceLine>> FACT =
            Fact.of("lines of what the panel does", facts -> new BehaviourLines(facts).lines());

    private static final Fact<Long> BY_RADIO = Fact.of(
            "points by radio",
            facts -> facts.points().stream()
                    .map(Point::kind)
                    .filter(PointKind::radio)
                    .count());

    private static final long SECOND = 1000;
    private static final long MINUTE = 60 * SECOND;
    private static final int MOST_REPEATS = 5;
    private static final String PERIODIC_TEST = "602";
    private static final String ON_TEST = "On test at the station; whoever hears the sounders expects it.";

    private final Facts facts;
    private final OperationRules rules;
    private final List<AcceptanceLine> lines = new ArrayList<>();

    BehaviourLines(Facts facts) {
        this.facts = facts;
        this.rules = facts.of(OperationRules.FACT);
    }

    /// Things that happen one after the other.
    private final class Story {
        private final List<PanelCase.Event> events = new ArrayList<>();
        private long at;

        Story then(Happening happening) {
            events.add(new PanelCase.Event(at, happening));
            return this;
        }

        Story waits(long millis) {
            at += millis;
            return this;
        }

        Story set(AreaRule area, int user) {
            return then(new Happening.SetAsked(area.number(), HowSet.CODE, user, false, false));
        }

        /// Set, and long enough ago that an alarm is no longer one soon after setting.
        Story left(AreaRule area, int user) {
            return set(area, user).waits(area.exitMillis() + rules.manners().recentSeconds() * SECOND + 5 * SECOND);
        }

        Story unset(AreaRule area, int user) {
            return then(new Happening.UnsetAsked(area.number(), HowSet.CODE, user, false));
        }

        Story opens(ZoneRule zone) {
            return then(new Happening.ZoneReads(zone.number(), Optional.of(Meaning.ALARM)));
        }

        Story shuts(ZoneRule zone) {
            return then(new Happening.ZoneReads(zone.number(), Optional.of(Meaning.NORMAL)));
        }

        Story trips(ZoneRule zone) {
            return opens(zone).waits(5 * SECOND).shuts(zone).waits(5 * SECOND);
        }

        /// Long enough after an alarm that unsetting no longer cancels it.
        Story settled() {
            return waits(rules.manners().cancelSeconds() * SECOND + 5 * SECOND);
        }

        /// Until an alarm that waits was sent.
        Story sent() {
            return waits(rules.times().reportDelayMillis() + 5 * SECOND);
        }
    }

    List<AcceptanceLine> lines() {
        first(area -> !immediate(area).isEmpty()).ifPresent(this::alarms);
        first(area -> !doors(area).isEmpty()).ifPresent(this::doorsOf);
        wrongCodes();
        refused();
        rules.users().forEach((number, user) -> user(number, user));
        facts.modules().forEach(this::module);
        silence();
        periodicTest();
        radio();
        clock();
        return lines;
    }

    private Optional<AreaRule> first(Predicate<AreaRule> which) {
        return rules.areas().values().stream()
                .filter(area -> area.follows().isEmpty())
                .filter(which)
                .findFirst();
    }

    /// Zones of this area alone that alarm at once.
    private List<ZoneRule> immediate(AreaRule area) {
        return ofType(area, ZoneType.IMMEDIATE).stream()
                .filter(zone -> !zone.doubleKnock())
                .toList();
    }

    private List<ZoneRule> doors(AreaRule area) {
        return ofType(area, ZoneType.ENTRY_EXIT);
    }

    private List<ZoneRule> ofType(AreaRule area, ZoneType type) {
        return rules.zones().values().stream()
                .filter(zone -> zone.type() == type)
                .filter(zone -> zone.areas().size() == 1 && zone.area() == area.number())
                .toList();
    }

    private void alarms(AreaRule area) {
        int user = userOf(area);
        List<ZoneRule> zones = immediate(area);
        ZoneRule zone = zones.getFirst();
        long within = rules.times().confirmationMillis();
        if (within > 0 && zones.size() > 1) {
            ZoneRule second = zones.get(1);
            played(
                    "confirmed",
                    "Two detectors confirm an alarm",
                    Text.of(
                            "Set area %02d, then trip %s and, within %d min, %s",
                            area.number(), zone.name(), within / MINUTE, second.name()),
                    "the second is printed as a confirmed alarm, once",
                    Map.of("confirmation", within / MINUTE + " min"),
                    new Story()
                            .left(area, user)
                            .trips(zone)
                            .sent()
                            .trips(second)
                            .sent()
                            .settled()
                            .unset(area, user));
        }
        played(
                "left-out",
                zone.name() + " left out, reported, and watched again",
                Text.of(
                        "Leave %s out at a keypad, set and unset area %02d, then trip it once more with the area set",
                        zone.name(), area.number()),
                "a keypad says that it is left out, and then that it is watched again",
                Map.of("zone", zone.name()),
                new Story()
                        .then(new Happening.LeftOut(zone.number(), user, true))
                        .left(area, user)
                        .unset(area, user));
        int most = rules.options().mostAlarms();
        if (most > 0 && most <= MOST_REPEATS) {
            Story story = new Story().left(area, user);
            for (int i = 0; i <= most; i++) {
                story.trips(zone).sent();
            }
            played(
                    "shut-off",
                    zone.name() + " shut off after so many alarms, and restored",
                    Text.of("Set area %02d, trip %s %d times, then unset it", area.number(), zone.name(), most + 1),
                    "",
                    Map.of("most alarms", Integer.toString(most)),
                    story.settled().unset(area, user));
        }
        if (rules.manners().cancelSeconds() > 0) {
            played(
                    "cancelled",
                    "An alarm cancelled by unsetting",
                    Text.of(
                            "Set area %02d, trip %s, and unset it within %d s of its report",
                            area.number(), zone.name(), rules.manners().cancelSeconds()),
                    "",
                    Map.of("cancel window", rules.manners().cancelSeconds() + " s"),
                    new Story().left(area, user).trips(zone).sent().unset(area, user));
        }
    }

    private void doorsOf(AreaRule area) {
        int user = userOf(area);
        ZoneRule door = doors(area).getFirst();
        Map<String, String> basis = Map.of(
                "entry time", area.entryMillis() / SECOND + " s", "exit time", area.exitMillis() / SECOND + " s");
        long extension = rules.manners().entryExtensionSeconds() * SECOND;
        played(
                "exit-fault",
                "Exit fault, and an alarm soon after setting",
                Text.of(
                        "Set area %02d, hold %s open until its exit and entry times are over, then unset it",
                        area.number(), door.name()),
                "the sounders and keypads sound when the exit time ends",
                basis,
                new Story()
                        .set(area, user)
                        .waits(Math.max(0, area.exitMillis() - 2 * SECOND))
                        .opens(door)
                        .waits(area.entryMillis() + extension + 10 * SECOND)
                        .sent()
                        .shuts(door)
                        .settled()
                        .unset(area, user));
        immediate(area).stream()
                .findFirst()
                .ifPresent(zone -> played(
                        "off-the-route",
                        "Leaving the entry route",
                        Text.of(
                                "Set area %02d, come in by %s, and trip %s before unsetting it",
                                area.number(), door.name(), zone.name()),
                        "it alarms at once, though the entry time runs",
                        basis,
                        new Story()
                                .left(area, user)
                                .opens(door)
                                .waits(3 * SECOND)
                                .shuts(door)
                                .waits(2 * SECOND)
                                .trips(zone)
                                .sent()
                                .settled()
                                .unset(area, user)));
        int last = rules.manners().lastDoorSeconds();
        if (last > 0) {
            played(
                    "last-door",
                    "Set by the last door",
                    Text.of(
                            "Set area %02d, go out by %s, shut it, and watch a keypad through the glass or ask somebody inside",
                            area.number(), door.name()),
                    Text.of("it is set %d s after the door is shut, before the exit time is over", last),
                    Map.of("last door", last + " s"),
                    new Story()
                            .set(area, user)
                            .waits(3 * SECOND)
                            .opens(door)
                            .waits(3 * SECOND)
                            .shuts(door));
        }
    }

    private void wrongCodes() {
        Story story = new Story();
        for (int i = 0; i < rules.manners().wrongCodes(); i++) {
            story.then(new Happening.WrongCode()).waits(SECOND);
        }
        played(
                "wrong-codes",
                "Wrong codes lock the keypads",
                Text.of("Type %d wrong codes at a keypad", rules.manners().wrongCodes()),
                Text.of("keypads are locked for %d s", rules.manners().lockSeconds()),
                Map.of("wrong codes", Integer.toString(rules.manners().wrongCodes())),
                story);
    }

    private void refused() {
        first(area -> true)
                .ifPresent(area -> seen(
                                "refused",
                                LineSection.SETTING,
                                "Setting refused while something is wrong",
                                Text.of(
                                        "Set area %02d with a lid open, with a path cut and with the battery off, one after the other",
                                        area.number()),
                                "each time a keypad refuses and says why")
                        .steps(
                                "Lift a lid, try to set, close it",
                                "Cut a path, try to set, connect it",
                                "Take the battery off, start its test, try to set, connect it")
                        .because("A site that is set with a fault is not protected, and looks as if it were.")
                        .rests(Map.of(
                                "with a zone open", rules.options().forcedSet() ? "set all the same" : "refused")));
    }

    private void user(int number, OperationRules.UserRule user) {
        Optional<AreaRule> may = first(area -> user.areas().contains(area.number()));
        if (may.isEmpty()) {
            return;
        }
        AreaRule area = may.get();
        String other = rules.areas().values().stream()
                .filter(its -> !user.areas().contains(its.number()))
                .findFirst()
                .map(its -> Text.of("area %02d %s refuses the code", its.number(), its.name()))
                .orElse("");
        String name = facts.setup().users().stream()
                .filter(its -> its.number() == number)
                .map(PanelProgramming.User::title)
                .findFirst()
                .orElse("");
        List<PanelCase.Event> story = new Story().left(area, number).unset(area, number).events;
        List<Expected> expects = expects(story).stream()
                .map(each -> each.number() == Expected.ANY
                        ? new Expected(each.account(), each.qualifier(), each.event(), each.area(), number)
                        : each)
                .toList();
        lines.add(AcceptanceLine.line(
                        "user:" + number,
                        LineSection.SETTING,
                        Text.of("User %02d %s", number, name).strip())
                .order(Text.of(
                        "Let them set and unset area %02d by their own code at each keypad they use", area.number()))
                .plays(story)
                .expects(expects, (int) (area.exitMillis() / SECOND) + answerSeconds())
                .seen(other.isEmpty() ? "at each keypad they use" : "at each keypad they use; " + other)
                .bring("the user, with the code")
                .takes(2)
                .because("A code that was never typed by who has it is wrong on the first morning.")
                .rests(Map.of("areas", user.areas().stream().sorted().toList().toString()))
                .made());
    }

    private void module(PanelModule module) {
        if (facts.kindOf(module)
                .filter(kind -> kind.sort() == ModuleSort.KEYPAD)
                .isPresent()) {
            seen(
                            "keypad:" + module.id(),
                            LineSection.COVERS,
                            module.name() + ": keys, display and sounder",
                            "Press every key, read its display, and hear it sound",
                            "every key answers, and it is heard where people stand")
                    .because("It is the part of the system that clients touch every day.")
                    .rests(Map.of("module", module.kindId()));
        }
        facts.bus().address(module.id()).ifPresent(address -> {
            played(
                    "module-lost:" + module.id(),
                    module.name() + " lost from the bus",
                    "Disconnect its bus, wait, and connect it again",
                    "keypads show which module is missing",
                    Map.of("address", address.toString()),
                    new Story()
                            .then(new Happening.Module(address, false))
                            .waits(MINUTE)
                            .then(new Happening.Module(address, true)));
            lid(module);
        });
    }

    private void lid(PanelModule module) {
        List<Expected> expects = covers(module);
        if (expects.isEmpty()) {
            return;
        }
        lines.add(AcceptanceLine.line("lid:" + module.id(), LineSection.COVERS, "Lid of " + module.name())
                .order("Lift its lid, wait for its signal, and close it")
                .onlyChosen()
                .expects(expects, answerSeconds())
                .takes(2)
                .because("Whoever opens a box must be noticed, and which box it is.")
                .rests(SystemLines.account(rules))
                .made());
    }

    /// What the panel sends when a module's lid is lifted and closed.
    private List<Expected> covers(PanelModule module) {
        PanelReducer panel = new PanelReducer(facts);
        return Stream.of(Qualifier.NEW, Qualifier.RESTORE)
                .flatMap(qualifier -> panel.coverSignal(module.id(), qualifier).stream())
                .map(Expected::of)
                .toList();
    }

    private void silence() {
        if (facts.communicator().paths().isEmpty()) {
            return;
        }
        String within = AnswerTimes.silenceSeconds(facts)
                .map(seconds -> "within " + AnswerTimes.words(seconds * SECOND))
                .orElse("at the next test message that is missing");
        seen(
                        "silence",
                        LineSection.REPORTING,
                        "The station notices that everything is cut",
                        "Cut every path at once, and wait until the station rings",
                        "the station rings " + within)
                .bring("the number on which the station rings back")
                .because("Only the station can notice that every path was cut.")
                .rests(Map.of("noticed", within));
    }

    private void periodicTest() {
        long every = rules.times().testMillis();
        Optional<AreaRule> area = rules.firstAreaWithAccount();
        if (every <= 0 || area.isEmpty()) {
            return;
        }
        lines.add(AcceptanceLine.line("periodic-test", LineSection.REPORTING, "The test message by itself")
                .order("Leave the site alone until its test message has come by itself")
                .onlyChosen()
                .expects(
                        List.of(new Expected(area.get().account(), Qualifier.NEW, PERIODIC_TEST, 0, Expected.ANY)),
                        (int) (every / SECOND) + rules.manners().testSpreadSeconds() + answerSeconds())
                .takes(1)
                .because("A test that somebody started proves nothing of the clock that starts it.")
                .rests(Map.of("every", every / MINUTE / 60 + " h"))
                .made());
    }

    private void radio() {
        long devices = facts.of(BY_RADIO);
        if (devices == 0) {
            return;
        }
        seen(
                        "radio",
                        LineSection.REPORTING,
                        "Radio: a device that is silent, interference, a low battery",
                        "Take the battery out of one wireless device until it is missed, then jam and use a low battery where the maker has a test for it",
                        "it is missed within the time of the rules, interference is shown, and a low battery is shown")
                .bring("the maker's test for interference, where there is one")
                .because("A device that falls silent looks exactly like one at rest.")
                .rests(Map.of("points", Long.toString(devices)));
    }

    private void clock() {
        seen(
                        "clock",
                        LineSection.REPORTING,
                        "The panel's clock",
                        "Compare the clock of the panel with the time of day",
                        "it is right to the minute, and summer time is set")
                .because("Receivers refuse what comes at a wrong time, and a log with wrong times proves nothing.")
                .rests(Map.of());
    }

    /// A line that the panel's model plays; it is shown only while somebody does it on purpose.
    private void played(String id, String title, String order, String seen, Map<String, String> basis, Story story) {
        List<Expected> expects = expects(story.events);
        long lasts = story.events.isEmpty() ? 0 : story.events.getLast().atMillis();
        lines.add(AcceptanceLine.line(id, LineSection.SETTING, title)
                .order(order)
                .plays(story.events)
                .expects(expects, (int) (lasts / SECOND) + answerSeconds())
                .seen(expects.isEmpty() && seen.isEmpty() ? "a keypad says so; nothing is sent of it" : seen)
                .caution(ON_TEST)
                .takes(2 + lasts / (double) MINUTE)
                .because("It is programmed, and was never seen to happen.")
                .rests(basis)
                .made());
    }

    /// What arrives; by which user it is done is up to whoever does it.
    private List<Expected> expects(List<PanelCase.Event> story) {
        return new ModelRun(rules)
                .played(story).stream()
                        .map(Expected::of)
                        .map(each -> each.number() != 0 && isOfUser(each.event())
                                ? new Expected(
                                        each.account(), each.qualifier(), each.event(), each.area(), Expected.ANY)
                                : each)
                        .toList();
    }

    private boolean isOfUser(String event) {
        return facts.of(EventTable.GIVEN).numbered(event) == Numbered.USER;
    }

    /// A line that is seen; it is in the plan once what it says of itself is complete.
    private Seen seen(String id, LineSection section, String title, String order, String seen) {
        return new Seen(
                AcceptanceLine.line(id, section, title).order(order).seen(seen).takes(3));
    }

    /// A line that somebody sees, in the making.
    private final class Seen {
        private final AcceptanceLine.Draft draft;

        Seen(AcceptanceLine.Draft draft) {
            this.draft = draft;
        }

        Seen steps(String... steps) {
            draft.steps(steps);
            return this;
        }

        Seen bring(String what) {
            draft.bring(what);
            return this;
        }

        Seen because(String why) {
            draft.because(why);
            return this;
        }

        void rests(Map<String, String> basis) {
            lines.add(draft.rests(basis).made());
        }
    }

    private int userOf(AreaRule area) {
        return rules.users().entrySet().stream()
                .filter(user -> user.getValue().areas().contains(area.number()))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(0);
    }

    private int answerSeconds() {
        return SystemLines.answerSeconds(facts);
    }
}
