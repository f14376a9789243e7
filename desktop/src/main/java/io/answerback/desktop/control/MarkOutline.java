package io.answerback.desktop.control;

import io.answerback.core.engine.finding.Mark;

/// The outline of each mark.
final class MarkOutline {
    private static final double LINE = 0.28;
    private static final String TICK = "M %s L %s L %s L %s L %s L %s Z ";
    private static final double WIDEST = 1.15;
    private static final int BREAKS = 6;
    private static final double BREAK_SHARE = 0.35;

    private MarkOutline() {}

    /// The outline in this size, all marks being of the same size.
    static String of(Mark mark, double radius) {
        return outline(mark, radius) + corners(radius * WIDEST);
    }

    private static String outline(Mark mark, double radius) {
        double inner = radius * (1 - LINE);
        return switch (mark) {
            case NOT_DONE -> disc(radius) + disc(inner);
            case SOUND -> disc(radius);
            case TIGHT -> disc(radius) + "M 0 %s A %s %s 0 0 0 0 %s Z".formatted(-inner, inner, inner, inner);
            case WRONG ->
                "M 0 %s L %s 0 L 0 %s L %s 0 Z"
                        .formatted(-radius * WIDEST, radius * WIDEST, radius * WIDEST, -radius * WIDEST);
            case PROVEN -> disc(radius) + tick(radius);
            case STALE -> brokenRing(radius + 0.5, inner + 0.3) + tick(radius * 0.9);
        };
    }

    /// Two points without extent that give every mark the same size.
    private static String corners(double r) {
        return "M %s %s L %s %s Z M %s %s L %s %s Z".formatted(-r, -r, -r, -r, r, r, r, r);
    }

    private static String disc(double r) {
        return "M %s 0 A %s %s 0 1 0 %s 0 A %s %s 0 1 0 %s 0 Z ".formatted(-r, r, r, r, r, r, -r);
    }

    private static String tick(double r) {
        return TICK.formatted(
                at(-0.56 * r, 0.04 * r),
                at(-0.36 * r, -0.16 * r),
                at(-0.12 * r, 0.08 * r),
                at(0.38 * r, -0.46 * r),
                at(0.58 * r, -0.27 * r),
                at(-0.12 * r, 0.46 * r));
    }

    private static String brokenRing(double outer, double inner) {
        StringBuilder ring = new StringBuilder();
        double step = 2 * Math.PI / BREAKS;
        for (int i = 0; i < BREAKS; i++) {
            double from = i * step;
            double to = from + step * (1 - BREAK_SHARE);
            ring.append("M %s A %s %s 0 0 1 %s L %s A %s %s 0 0 0 %s Z "
                    .formatted(
                            polar(outer, from),
                            outer,
                            outer,
                            polar(outer, to),
                            polar(inner, to),
                            inner,
                            inner,
                            polar(inner, from)));
        }
        return ring.toString();
    }

    private static String polar(double r, double angle) {
        return at(r * Math.cos(angle), r * Math.sin(angle));
    }

    private static String at(double x, double y) {
        return x + " " + y;
    }
}
