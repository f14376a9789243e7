package io.answerback.desktop.setup;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.panel.behaviour.EntryWalk;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Picture;
import java.util.stream.Collectors;

/// A walk as a line of time: what is passed when, where the entry time ends, and what is missing to the keypad.
final class WalkDrawing extends Picture {
    private static final double LEFT = 26;
    private static final double RIGHT = 60;
    private static final double LINE = 46;

    private final String door;
    private final String keypad;
    private final EntryWalk walk;

    WalkDrawing(String door, String keypad, EntryWalk walk) {
        super("walk-drawing");
        this.door = door;
        this.keypad = keypad;
        this.walk = walk;
    }

    @Override
    public String says() {
        return "%s at 0 s, %s, %s at %.0f s; there are %.0f s"
                .formatted(
                        door,
                        walk.passings().stream()
                                .map(its -> "%s at %.0f s".formatted(its.point().name(), its.seconds()))
                                .collect(Collectors.joining(", ")),
                        keypad,
                        walk.walk().seconds(),
                        walk.entrySeconds());
    }

    @Override
    public double height() {
        return 96;
    }

    @Override
    protected void draw(double width) {
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
                    Across.CENTER);
        }
    }

    private void place(double x, String name, String when, Mark mark, int side) {
        place(Marks.of(mark, name + " " + when, 5.5), x, LINE, Across.CENTER);
        words("tree-word", name, x, LINE - 22, side == 0 && x < LEFT + 1 ? Across.LEFT : Across.CENTER);
        words("core-word", when, x, LINE + 16, Across.CENTER);
    }
}
