package io.answerback.desktop.prove;

import io.answerback.core.chain.PointResult;
import io.answerback.core.event.EventTable;
import io.answerback.core.operation.CaseWords;
import io.answerback.core.operation.Happening;
import io.answerback.core.operation.Logged;
import io.answerback.core.operation.OperationRules.AreaRule;
import io.answerback.core.operation.OperationState;
import io.answerback.core.operation.Timer;
import io.answerback.desktop.live.PanelClock;
import io.answerback.desktop.live.PanelPractice;
import io.answerback.desktop.live.PointCondition;
import io.answerback.desktop.part.Check;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// A panel to practise with: points to press, a keypad, supply and path to pull, and time that passes as fast as
/// somebody likes.
final class PanelSheet extends PartSheet {
    private static final List<Integer> SPEEDS = List.of(0, 1, 10, 100);
    private static final int SHOWN = 14;
    private static final double KEYPAD_WIDTH = 330;
    private static final long MINUTE = 60_000;

    private final Actions actions;
    private final PanelPractice practice;
    private final PanelClock clock;
    private final EventTable events;
    private final KeypadPart keypad;

    PanelSheet(Actions actions, PanelPractice practice, PanelClock clock, EventTable events) {
        this.actions = actions;
        this.practice = practice;
        this.clock = clock;
        this.events = events;
        this.keypad = new KeypadPart(practice, this::showAgain);
    }

    @Override
    public String title() {
        return "What the panel does";
    }

    @Override
    public String about(WindowState state) {
        practice.of(state.job());
        return "programmed as was decided; now "
                + CaseWords.time(practice.state().atMillis());
    }

    @Override
    public List<Part> middle(WindowState state) {
        practice.of(state.job());
        if (practice.rules().areas().isEmpty()) {
            return List.of(Words.empty("There is no area yet, so there is nothing to set."));
        }
        List<Part> parts = new ArrayList<>();
        parts.add(Parts.row(areas(state).growing(), keypad.part(state.job()).wide(KEYPAD_WIDTH))
                .style("phones")
                .group());
        parts.add(selected(state));
        parts.add(switches());
        parts.add(Words.section("What runs", "").style("section-ruled"));
        parts.add(time());
        parts.add(new TimersDrawing(practice.state(), practice.rules()).asPart());
        return parts;
    }

    private Part areas(WindowState state) {
        Parts column = Parts.column();
        for (AreaRule area : practice.rules().areas().values()) {
            column.add(Words.section(
                    "%02d %s".formatted(area.number(), area.name()),
                    practice.state().area(area.number()).mode().words()));
            Parts row = Parts.flow();
            state.assessment().points().stream()
                    .filter(point ->
                            zone(point).filter(zone -> inArea(zone, area)).isPresent())
                    .map(point -> point(state, point))
                    .forEach(row::add);
            column.add(row.style("panel-points").group());
        }
        return column.group();
    }

    private static Optional<Integer> zone(PointResult point) {
        return point.wired().flatMap(wired -> wired.input()).map(input -> input.zone());
    }

    private boolean inArea(int zone, AreaRule area) {
        return Optional.ofNullable(practice.rules().zones().get(zone))
                .filter(rule -> rule.area() == area.number())
                .isPresent();
    }

    private Part point(WindowState state, PointResult point) {
        PointCondition condition = practice.condition(point.pointId());
        boolean looked = state.selected().equals(point.pointId());
        String style = "panel-point"
                + (condition == PointCondition.AT_REST ? "" : " panel-point-active")
                + (looked ? " panel-point-chosen" : "");
        return new Press(
                style,
                point.name() + ", " + condition.words(),
                () -> press(point, condition),
                List.of(Words.of("told-word", point.pointId().text()).hint(point.name())));
    }

    private void press(PointResult point, PointCondition condition) {
        actions.select(point.pointId());
        does(point, condition == PointCondition.AT_REST ? PointCondition.ACTIVE : PointCondition.AT_REST);
    }

    private void does(PointResult point, PointCondition condition) {
        practice.does(point, condition).ifPresent(actions::tell);
    }

    /// What else can be done to the selected point.
    private Part selected(WindowState state) {
        PointResult point = state.point();
        return Parts.flow(
                        Words.of("told-name", point.name()),
                        Choice.of(
                                "Done to the selected point",
                                Arrays.asList(PointCondition.values()),
                                practice.condition(point.pointId()),
                                PointCondition::words,
                                condition -> does(point, condition)))
                .style("switches")
                .group();
    }

    private Part switches() {
        OperationState.Health health = practice.state().power();
        return Parts.flow(
                        new Check("mains", health.mains(), on -> practice.happens(new Happening.Mains(on))),
                        Choice.of(
                                "Battery",
                                Arrays.asList(Happening.BatteryState.values()),
                                health.battery(),
                                its -> "battery " + its.words(),
                                its -> practice.happens(new Happening.Battery(its))),
                        new Check("path works", health.path(), on -> practice.happens(new Happening.Path(on))),
                        Tool.of(
                                "Wrong code",
                                "somebody types a code that is none",
                                () -> practice.happens(new Happening.WrongCode())),
                        Tool.of("Silence sounders", "fire too", () -> practice.happens(new Happening.Silenced(0))),
                        Tool.of("Begin anew", "everything unset, eight in the morning", practice::anew))
                .style("switches")
                .group();
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
                                practice::toTheNext))
                .style("switches")
                .group();
    }

    @Override
    public List<Part> beside(WindowState state) {
        practice.of(state.job());
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
        List<Logged> log = practice.log().reversed();
        if (log.isEmpty()) {
            parts.add(Words.wrapped(Words.quiet("Nothing yet. Press a point, or set an area.")));
        }
        log.stream().limit(SHOWN).forEach(line -> parts.add(words.line(line)));
        parts.add(Words.caution("This is a model. It sends nothing: prove the real panel with the account on test."));
        return parts;
    }

    private String next(Timer timer) {
        return "At %s %s.".formatted(CaseWords.time(timer.dueMillis()), comes(timer.kind()));
    }

    private static String comes(Timer.Kind kind) {
        return switch (kind) {
            case EXIT -> "the exit time ends, and the area is set";
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
            case LOCK -> "the keypads work again";
        };
    }
}
