package io.answerback.desktop.prove;

import io.answerback.core.model.profile.Meaning;
import io.answerback.core.panel.operation.Act;
import io.answerback.core.panel.operation.Happening;
import io.answerback.core.panel.operation.Logged;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.PanelCase;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/// A story as a row of frames: each moment at which something happened, with what happened and what followed.
///
/// @param story the story
/// @param outcome what became of it on a panel
/// @param rules what the panel goes by
/// @param words the words of events
record StoryFrames(PanelCase story, PanelCase.Outcome outcome, OperationRules rules, LogWords words) {
    /// One frame.
    ///
    /// @param atMillis when
    /// @param sign what it shows
    /// @param title what happened, in a few words
    /// @param follows what the panel did, a line each
    /// @param sounds whether sounders sound at the end of it
    record Frame(long atMillis, Sign sign, String title, List<String> follows, boolean sounds) {}

    /// What a frame shows.
    enum Sign {
        /// A door, window or detector.
        POINT,
        /// Somebody at a keypad.
        PERSON,
        /// Mains, battery, path, module.
        SUPPLY,
        /// Only the clock.
        CLOCK
    }

    /// The frames, in order.
    List<Frame> frames() {
        Map<Long, List<Happening>> happened = new TreeMap<>();
        story.happens()
                .forEach(event -> happened.computeIfAbsent(second(event.atMillis()), at -> new ArrayList<>())
                        .add(event.happening()));
        Map<Long, List<Act>> did = new TreeMap<>();
        for (Logged line : outcome.log()) {
            did.computeIfAbsent(second(line.atMillis()), at -> new ArrayList<>())
                    .add(line.act());
        }
        did.keySet().forEach(at -> happened.putIfAbsent(at, List.of()));
        List<Frame> frames = new ArrayList<>();
        boolean sounds = false;
        for (Map.Entry<Long, List<Happening>> moment : happened.entrySet()) {
            List<Act> acts = did.getOrDefault(moment.getKey(), List.of());
            for (Act act : acts) {
                sounds = act instanceof Act.Sounds its ? its.on() : sounds;
            }
            frames.add(frame(moment.getKey(), moment.getValue(), acts, sounds));
        }
        return frames;
    }

    private static long second(long millis) {
        return millis / 1000 * 1000;
    }

    private Frame frame(long at, List<Happening> happened, List<Act> acts, boolean sounds) {
        Sign sign = happened.isEmpty() ? Sign.CLOCK : sign(happened.getFirst());
        String title = happened.isEmpty() ? "time passes" : words(happened.getFirst());
        List<String> follows =
                acts.stream().map(this::words).filter(words -> !words.isEmpty()).toList();
        return new Frame(at, sign, title, follows, sounds);
    }

    private static Sign sign(Happening happening) {
        return switch (happening) {
            case Happening.ZoneReads reads -> Sign.POINT;
            case Happening.SetAsked asked -> Sign.PERSON;
            case Happening.UnsetAsked asked -> Sign.PERSON;
            case Happening.LeftOut leftOut -> Sign.PERSON;
            case Happening.WrongCode wrong -> Sign.PERSON;
            case Happening.Silenced silenced -> Sign.PERSON;
            case Happening.Programming programming -> Sign.PERSON;
            case Happening.WalkTest walk -> Sign.PERSON;
            case Happening.TimePasses passes -> Sign.CLOCK;
            case Happening.Mains mains -> Sign.SUPPLY;
            case Happening.Battery battery -> Sign.SUPPLY;
            case Happening.Path path -> Sign.SUPPLY;
            case Happening.Module module -> Sign.SUPPLY;
            case Happening.BatteryTested tested -> Sign.SUPPLY;
            case Happening.Reset reset -> Sign.PERSON;
            case Happening.PowerGone gone -> Sign.SUPPLY;
            case Happening.PowerBack back -> Sign.SUPPLY;
            case Happening.Clock clock -> Sign.CLOCK;
        };
    }

    private String words(Happening happening) {
        return switch (happening) {
            case Happening.ZoneReads reads ->
                name(reads.zone()) + reads.reads().map(StoryFrames::reads).orElse(" reads between bands");
            case Happening.SetAsked asked ->
                "%s asks to %s".formatted(who(asked.user()), asked.part() ? "part set" : "set");
            case Happening.UnsetAsked asked ->
                who(asked.user()) + (asked.threat() ? " unsets under threat" : " asks to unset");
            case Happening.LeftOut leftOut ->
                "%s %s".formatted(name(leftOut.zone()), leftOut.out() ? "left out" : "watched again");
            case Happening.WrongCode wrong -> "a wrong code";
            case Happening.Silenced silenced -> "somebody silences it";
            case Happening.Programming programming -> programming.begins() ? "programming opens" : "programming closes";
            case Happening.WalkTest walk -> walk.begins() ? "walk test begins" : "walk test ends";
            case Happening.TimePasses passes -> "time passes";
            case Happening.Mains mains -> mains.there() ? "mains back" : "mains fails";
            case Happening.Battery battery -> "battery " + battery.state().words();
            case Happening.Path path -> path(path.path()) + (path.works() ? " back" : " lost");
            case Happening.Module module ->
                "module %d %s".formatted(module.address(), module.answers() ? "back" : "lost");
            case Happening.BatteryTested tested -> "battery tested by hand";
            case Happening.Reset reset -> reset.by().words() + " resets it";
            case Happening.PowerGone gone -> "all power gone";
            case Happening.PowerBack back -> "power back";
            case Happening.Clock clock -> "the clock is another";
        };
    }

    private String path(int number) {
        if (number == 0) {
            return "communicator";
        }
        return rules.paths() == 1 ? "path" : "path " + number;
    }

    private String name(int zone) {
        OperationRules.ZoneRule rule = rules.zones().get(zone);
        return rule == null ? "zone " + zone : rule.name();
    }

    private static String reads(Meaning meaning) {
        return switch (meaning) {
            case NORMAL -> " restored";
            case ALARM, SECOND_ZONE, BOTH_ZONES -> " activated";
            case TAMPER, FAULT, MASKED -> ": " + meaning.word();
        };
    }

    private static String who(int user) {
        return user == 0 ? "the panel" : "user " + user;
    }

    /// What the panel did, as short as it fits; empty for what a frame draws or leaves out.
    private String words(Act act) {
        return switch (act) {
            case Act.Sends sends -> "→ " + words.of(sends.signal());
            case Act.Waits waits -> "waits: " + words.of(waits.signal());
            case Act.Shows shows -> shows.text();
            case Act.Refused refused -> refused.text();
            case Act.Unsent unsent -> unsent.why();
            case Act.Sounds sounds -> sounds.on() ? "" : "sounders stop";
            case Act.Switches switches -> "";
            case Act.Beeps beeps -> "";
            case Act.Nothing nothing -> "";
        };
    }
}
