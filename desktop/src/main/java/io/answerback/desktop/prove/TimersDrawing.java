package io.answerback.desktop.prove;

import io.answerback.core.model.common.Text;
import io.answerback.core.panel.operation.CaseWords;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.OperationState;
import io.answerback.core.panel.operation.Timer;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Picture;
import java.util.List;
import java.util.Locale;

/// What runs: a lane for each timer, from now to its end, to scale; what ends later than the scale has an arrow.
final class TimersDrawing extends Picture {
    private static final double LEFT = 170;
    private static final double RIGHT = 40;
    private static final double LANE = 26;
    private static final double BAR = 16;
    private static final double FOOT = 30;
    private static final double LETTER = 6.6;
    private static final List<Integer> TICKS = List.of(6, 3, 2);
    private static final double TICK_ROOM = 76;
    private static final List<Long> SPANS = List.of(60_000L, 120_000L, 300_000L, 900_000L, 1_800_000L, 3_600_000L);
    private static final long SHORTEST = 60_000;

    private final OperationState state;
    private final OperationRules rules;

    TimersDrawing(OperationState state, OperationRules rules) {
        super("timers-drawing");
        this.state = state;
        this.rules = rules;
    }

    @Override
    public double height() {
        return Math.max(1, state.timers().size()) * LANE + FOOT;
    }

    @Override
    public String says() {
        return state.timers().isEmpty() ? "Nothing runs." : state.timers().size() + " things run.";
    }

    /// The span to draw: that of the last thing that ends within an hour.
    private long span() {
        long last = state.timers().stream()
                .mapToLong(timer -> timer.dueMillis() - state.atMillis())
                .filter(left -> left <= SPANS.getLast())
                .max()
                .orElse(SHORTEST);
        return SPANS.stream().filter(span -> span >= last).findFirst().orElse(SPANS.getLast());
    }

    @Override
    protected void draw(double width) {
        long span = span();
        double right = width - RIGHT;
        double foot = Math.max(1, state.timers().size()) * LANE;
        int ticks = ticks(right - LEFT);
        for (int tick = 0; tick <= ticks; tick++) {
            double x = LEFT + (right - LEFT) * tick / ticks;
            line("fall-grid", x, 0, x, foot);
            words("tick", CaseWords.time(state.atMillis() + span * tick / ticks), x, foot + 12, Across.CENTER);
        }
        double y = LANE / 2;
        for (Timer timer : state.timers()) {
            lane(timer, y, span, right);
            y += LANE;
        }
        line("timers-now", LEFT, 0, LEFT, foot);
    }

    /// As many as leave each its room: halves and thirds of the most there are.
    private static int ticks(double room) {
        return TICKS.stream()
                .filter(count -> room / count >= TICK_ROOM)
                .findFirst()
                .orElse(1);
    }

    private void lane(Timer timer, double y, long span, double right) {
        long left = timer.dueMillis() - state.atMillis();
        String name = name(timer);
        words("lane-name", cut(name, LEFT, LETTER), 0, y, Across.LEFT).hint(name);
        double end = LEFT + (right - LEFT) * Math.min(1, (double) left / span);
        box("timers-" + timer.kind().name().toLowerCase(Locale.ROOT), LEFT, y - BAR / 2, Math.max(2, end - LEFT), BAR)
                .says(name + ": ends at " + CaseWords.time(timer.dueMillis()));
        String says = left > span ? "at " + CaseWords.time(timer.dueMillis()) : left(left);
        words("timers-left", says, LEFT + 6, y, Across.LEFT);
    }

    private static String left(long millis) {
        long seconds = (millis + 999) / 1000;
        return seconds < 120 ? seconds + " s" : Text.of("%d min", seconds / 60);
    }

    private String name(Timer timer) {
        String of = switch (timer.kind()) {
            case EXIT, LAST_DOOR, ENTRY, CONFIRMATION, CANCEL, RECENT, WARNING, SETS_ITSELF ->
                Text.of(", area %02d", timer.number());
            case REPORT, KNOCK, CALL, FIRE ->
                ", " + rules.zones().get(timer.number()).name();
            case SOUNDER, MAINS, TEST, BATTERY_TEST, LOCK -> "";
        };
        String words = timer.kind().words();
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1) + of;
    }
}
