package io.answerback.desktop.prove;

import io.answerback.core.panel.operation.CaseWords;
import io.answerback.core.panel.operation.Timer;
import io.answerback.core.signal.event.EventTable;
import io.answerback.desktop.live.PanelClock;
import io.answerback.desktop.live.PanelLine;
import io.answerback.desktop.live.PanelPractice;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;

/// A panel to practise with: points to press, a keypad, supply and path to pull, and time that passes as fast as
/// somebody likes.
final class PanelSheet extends PartSheet {
    private static final List<Integer> SPEEDS = List.of(0, 1, 10, 100);
    private static final int SHOWN = 14;
    private static final double KEYPAD_WIDTH = 330;
    private static final long MINUTE = 60_000;

    private final PanelPractice practice;
    private final PanelClock clock;
    private final EventTable events;
    private final KeypadPart keypad;
    private final PanelPointsPart points;
    private final StoryFiles stories;

    PanelSheet(Actions actions, PanelPractice practice, PanelClock clock, EventTable events, StoryFiles stories) {
        this.stories = stories;
        this.practice = practice;
        this.clock = clock;
        this.events = events;
        this.keypad = new KeypadPart(practice, this::showAgain);
        this.points = new PanelPointsPart(practice, actions);
    }

    @Override
    public String title() {
        return "What the panel does";
    }

    @Override
    public String about(WindowState state) {
        practice.of(state);
        return "programmed as was decided; now "
                + CaseWords.time(practice.state().atMillis());
    }

    @Override
    public List<Part> middle(WindowState state) {
        practice.of(state);
        if (practice.rules().areas().isEmpty()) {
            return List.of(Words.empty("There is no area yet, so there is nothing to set."));
        }
        List<Part> parts = new ArrayList<>();
        parts.add(Parts.row(
                        points.areas(state).growing(), keypad.part(state.job()).wide(KEYPAD_WIDTH))
                .style("phones")
                .group());
        parts.add(points.selected(state, keypad.user()));
        parts.addAll(new PanelSwitchesPart(practice, state.job()).parts(keypad.area()));
        parts.add(Words.section("What runs", "").style("section-ruled"));
        parts.add(time());
        parts.add(new TimersDrawing(practice.state(), practice.rules()).asPart());
        return parts;
    }

    private Part time() {
        return Parts.flow(
                        Switch.bare(
                                "Time", SPEEDS, clock.speed(), speed -> speed == 0 ? "stands" : speed + "×", speed -> {
                                    clock.run(speed);
                                    showAgain();
                                }),
                        Tool.of("A minute on", "time passes", () -> practice.pass(MINUTE)),
                        Tool.of(
                                "To the next thing",
                                "time passes until something happens by itself",
                                practice::toTheNext),
                        Tool.of(
                                "Save as a story…",
                                "what happened here, and what the panel sent",
                                () -> stories.save(practice.asCase("A story"))),
                        Tool.of("Begin anew", "everything unset, eight in the morning", practice::anew),
                        Words.quiet(
                                practice.toCome() == 0
                                        ? ""
                                        : "a story is played: %d to come".formatted(practice.toCome())))
                .style("switches")
                .group();
    }

    @Override
    public List<Part> beside(WindowState state) {
        practice.of(state);
        LogWords words = LogWords.of(events, state.job());
        List<Part> parts = new ArrayList<>();
        parts.add(Words.title("If you wait"));
        parts.add(Words.wrapped(practice.next().map(this::next).orElse("Nothing happens by itself.")));
        parts.add(Words.title("Sounders"));
        parts.add(Words.wrapped(
                switch (practice.state().sounding()) {
                    case SILENCE -> "Silent.";
                    case BURGLARY -> "They sound: burglary.";
                    case HOLD_UP -> "They sound: hold-up.";
                    case FIRE -> "They sound: fire.";
                }));
        parts.add(Words.title("What it did"));
        List<PanelLine> log = practice.log().reversed();
        if (log.isEmpty()) {
            parts.add(Words.wrapped(Words.quiet("Nothing yet. Press a point, or set an area.")));
        }
        log.stream().limit(SHOWN).forEach(line -> parts.add(words.line(line)));
        parts.add(
                Words.caution(
                        "This is a model: its signals go to the practice station and nowhere else. Prove the real panel with the account on test."));
        return parts;
    }

    private String next(Timer timer) {
        return "At %s %s.".formatted(CaseWords.time(timer.dueMillis()), comes(timer.kind()));
    }

    private static String comes(Timer.Kind kind) {
        return switch (kind) {
            case EXIT -> "the exit time ends, and the area is set";
            case LAST_DOOR -> "the last door has stayed shut, and the area is set";
            case ENTRY -> "the entry time ends, and it alarms";
            case SOUNDER -> "the sounders stop";
            case CONFIRMATION -> "a second detector no longer confirms";
            case REPORT -> "the alarm is sent";
            case CANCEL -> "the alarm can no longer be cancelled";
            case RECENT -> "the area no longer counts as just set";
            case MAINS -> "the mains failure is sent";
            case TEST -> "the periodic test is sent";
            case BATTERY_TEST -> "the battery is tested under load";
            case WARNING -> "keypads warn that the area sets by itself";
            case SETS_ITSELF -> "the area sets by itself";
            case KNOCK -> "a first knock is forgotten";
            case CALL -> "a second call for help no longer confirms";
            case FIRE -> "the detector that was reset counts as quiet, or as fire where it alarms still";
            case LOCK -> "the keypads work again";
        };
    }
}
