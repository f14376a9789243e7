package io.answerback.desktop.setup;

import io.answerback.core.chain.Mark;
import io.answerback.core.setup.EntryWalk;
import io.answerback.desktop.drawing.Drawing;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.theme.Look;
import java.util.stream.Collectors;
import javafx.geometry.HPos;

/// A walk as a line of time: what is passed when, where the entry time ends, and what is missing to the keypad.
final class WalkDrawing extends Drawing {
    private static final double LEFT = 26;
    private static final double RIGHT = 60;
    private static final double LINE = 46;

    private final Look look;
    private String door = "";
    private String keypad = "";
    private EntryWalk walk;

    WalkDrawing(Look look) {
        super(look);
        this.look = look;
        setMinHeight(USE_PREF_SIZE);
    }

    void show(String from, String to, EntryWalk shown) {
        door = from;
        keypad = to;
        walk = shown;
        redraw();
    }

    @Override
    protected double height() {
        return 96;
    }

    @Override
    protected void draw(double width) {
        if (walk == null) {
            return;
        }
        double longest = Math.max(1, Math.max(walk.walk().seconds(), walk.entrySeconds()) * 1.08);
        double scale = (width - LEFT - RIGHT) / longest;
        double end = LEFT + walk.walk().seconds() * scale;
        double limit = LEFT + walk.entrySeconds() * scale;
        line("walk-way", LEFT, LINE, Math.min(end, limit), LINE);
        if (end > limit) {
            line("walk-late", limit, LINE, end, LINE);
        }
        place(LEFT, door, "0 s", Mark.SOUND, 0);
        int side = 1;
        for (EntryWalk.Passing passing : walk.passings()) {
            place(
                    LEFT + passing.seconds() * scale,
                    passing.point().id().text(),
                    "%.0f s".formatted(passing.seconds()),
                    passing.alarms() ? Mark.WRONG : Mark.SOUND,
                    side++);
        }
        place(
                end,
                keypad,
                "%.0f s".formatted(walk.walk().seconds()),
                walk.shortBySeconds() > 0 ? Mark.WRONG : Mark.SOUND,
                0);
        if (walk.unready().isEmpty()) {
            line("walk-limit", limit, LINE - 14, limit, LINE + 26);
            words(
                    walk.shortBySeconds() > 0 ? "heard-wrong" : "core-word",
                    "%.0f s: alarm".formatted(walk.entrySeconds()),
                    limit,
                    LINE + 36,
                    HPos.CENTER);
        }
        setAccessibleText("%s at 0 s, %s, %s at %.0f s; there are %.0f s"
                .formatted(
                        door,
                        walk.passings().stream()
                                .map(its -> "%s at %.0f s".formatted(its.point().name(), its.seconds()))
                                .collect(Collectors.joining(", ")),
                        keypad,
                        walk.walk().seconds(),
                        walk.entrySeconds()));
    }

    private void place(double x, String name, String when, Mark mark, int side) {
        place(Marks.of(mark, name + " " + when, look.px(5.5)), x, LINE, HPos.CENTER);
        words("tree-word", name, x, LINE - 22, side == 0 && x < LEFT + 1 ? HPos.LEFT : HPos.CENTER);
        words("core-word", when, x, LINE + 16, HPos.CENTER);
    }
}
