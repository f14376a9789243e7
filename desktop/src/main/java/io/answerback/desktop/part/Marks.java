package io.answerback.desktop.part;

import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Mark;

/// Makes marks.
public final class Marks {
    private static final double RADIUS = 4.5;

    private Marks() {}

    /// A mark in the size it has beside a line of words.
    public static Marked of(Mark mark, String says) {
        return new Marked(mark, says, RADIUS);
    }

    /// A mark in a size of its own.
    ///
    /// @param radius in pixels at 100 % text
    public static Marked of(Mark mark, String says, double radius) {
        return new Marked(mark, says, radius);
    }

    /// The mark that stands for a finding of this grade.
    public static Mark of(Grade grade) {
        return switch (grade) {
            case NOTE -> Mark.NOT_DONE;
            case TIGHT -> Mark.TIGHT;
            case WRONG -> Mark.WRONG;
        };
    }
}
