package io.answerback.desktop.report;

import io.answerback.core.report.answer.AnswerTimes;
import io.answerback.core.report.answer.HowLong;
import io.answerback.core.report.answer.Timeline;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Picture;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// What the communicator does from the event until somebody answers, to scale: one lane for each receiver over
/// each path, and the time that the rule allows.
final class LanesDrawing extends Picture {
    private static final double LEFT = 190;
    private static final double RIGHT = 120;
    private static final double TOP = 8;
    private static final double LANE = 28;
    private static final double BAR = 18;
    private static final double FOOT = 40;
    private static final double LETTER = 6.4;
    private static final List<Long> STEPS = List.of(
            100L, 200L, 500L, 1000L, 2000L, 5000L, 10_000L, 20_000L, 60_000L, 120_000L, 300_000L, 600_000L, 1_800_000L);
    private static final double LEAST_TICK = 44;

    /// One lane.
    private record Lane(String name, List<Timeline.Step> steps) {}

    private final HowLong shown;
    private final long ruleMillis;
    private final long startMillis;
    private final List<Lane> lanes;
    private double right;
    private long end;

    LanesDrawing(HowLong shown, long ruleMillis, long startMillis) {
        super("lanes-drawing");
        this.shown = shown;
        this.ruleMillis = ruleMillis;
        this.startMillis = startMillis;
        this.lanes = lanes(shown);
    }

    private static List<Lane> lanes(HowLong shown) {
        List<Lane> lanes = new ArrayList<>();
        for (Timeline timeline : shown.timelines()) {
            for (Timeline.Step step : timeline.steps()) {
                String name = step.path().words() + " · " + step.receiver().name();
                Lane lane = lanes.stream()
                        .filter(its -> its.name().equals(name))
                        .findFirst()
                        .orElse(null);
                if (lane == null) {
                    lane = new Lane(name, new ArrayList<>());
                    lanes.add(lane);
                }
                lane.steps().add(step);
            }
        }
        return lanes;
    }

    private int rows() {
        return lanes.size() + (startMillis > 0 ? 1 : 0);
    }

    @Override
    public double height() {
        return TOP + Math.max(1, rows()) * LANE + FOOT;
    }

    @Override
    public String says() {
        return "With " + shown.scenario().name() + ": " + shown.words();
    }

    @Override
    protected void draw(double width) {
        right = width - RIGHT;
        end = Math.max(1, Math.max(shown.endMillis(), ruleMillis));
        double foot = TOP + Math.max(1, rows()) * LANE;
        grid(foot);
        double y = TOP + LANE / 2;
        if (startMillis > 0) {
            words("lane-name", "panel", 0, y, Across.LEFT);
            bar("lane-holds_off", 0, startMillis, y, "holds back");
            y += LANE;
        }
        for (Lane lane : lanes) {
            words("lane-name", cut(lane.name(), LEFT, LETTER), 0, y, Across.LEFT)
                    .hint(lane.name());
            for (Timeline.Step step : lane.steps()) {
                String kind = step.what().name().toLowerCase(Locale.ROOT);
                bar(
                        "lane-" + kind,
                        step.fromMillis(),
                        step.toMillis(),
                        y,
                        step.what().words());
            }
            answered(lane, y);
            y += LANE;
        }
    }

    private void grid(double foot) {
        long step = STEPS.stream()
                .filter(its -> (right - LEFT) * its / end >= LEAST_TICK)
                .findFirst()
                .orElse(STEPS.getLast());
        for (long at = 0; at <= end; at += step) {
            line("fall-grid", x(at), TOP, x(at), foot);
            words("tick", AnswerTimes.words(at), x(at), foot + 11, Across.CENTER);
        }
        line("fall-rule", x(ruleMillis), TOP, x(ruleMillis), foot);
        words("fall-rule-word", "rule: " + AnswerTimes.words(ruleMillis), x(ruleMillis), foot + 28, Across.CENTER);
    }

    private double x(long millis) {
        return LEFT + (right - LEFT) * millis / end;
    }

    private void bar(String style, long from, long to, double y, String word) {
        double wide = Math.max(2, x(to) - x(from) - 1);
        box(style, x(from), y - BAR / 2, wide, BAR).hint(word + ", " + AnswerTimes.words(to - from));
        if (wide > word.length() * LETTER + 8) {
            words("lane-word", word, x(from) + wide / 2, y, Across.CENTER).passive();
        }
    }

    private void answered(Lane lane, double y) {
        shown.timelines().stream()
                .flatMap(timeline -> timeline.answered().stream())
                .filter(answered -> lane.name()
                        .equals(answered.path().words() + " · " + answered.by().name()))
                .findFirst()
                .ifPresent(answered -> words(
                        answered.millis() <= ruleMillis ? "lane-good" : "lane-late",
                        "answered after " + AnswerTimes.words(answered.millis()),
                        x(answered.millis()) + 8,
                        y,
                        Across.LEFT));
    }
}
