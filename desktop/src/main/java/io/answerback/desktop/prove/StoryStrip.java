package io.answerback.desktop.prove;

import io.answerback.core.panel.operation.CaseWords;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Picture;
import io.answerback.desktop.prove.StoryFrames.Frame;
import java.util.List;

/// A story as a strip of frames, read from left to right: the time, a sign of what happened, and what the panel did.
/// A frame in which sounders sound has strokes beside its sign.
final class StoryStrip extends Picture {
    private static final int ACROSS = 4;
    private static final double GAP = 8;
    private static final double LETTER = 6.2;
    private static final double INSET = 8;
    private static final double TITLE_AT = 40;
    private static final double LINE = 16;
    private static final double FOOT = 8;
    private static final int CORNERS = 16;
    private static final int MOST_LINES = 3;
    private static final int MOST_FRAMES = 12;

    private final List<Frame> frames;
    private double frameWidth;

    StoryStrip(StoryFrames story) {
        super("strip-drawing");
        this.frames = story.frames();
    }

    /// As high as the frame in which most follows.
    private double frameHeight() {
        int lines = shown().stream()
                .mapToInt(frame -> Math.min(MOST_LINES, frame.follows().size()))
                .max()
                .orElse(0);
        return TITLE_AT + LINE / 2 + lines * LINE + FOOT;
    }

    private List<Frame> shown() {
        return frames.subList(0, Math.min(MOST_FRAMES, frames.size()));
    }

    @Override
    public double height() {
        int rows = (shown().size() + ACROSS - 1) / ACROSS;
        return Math.max(1, rows) * (frameHeight() + GAP) + LINE;
    }

    @Override
    public String says() {
        return frames.size() + " moments.";
    }

    @Override
    protected void draw(double width) {
        frameWidth = (width - (ACROSS - 1) * GAP) / ACROSS;
        List<Frame> shown = shown();
        for (int i = 0; i < shown.size(); i++) {
            frame(shown.get(i), i % ACROSS * (frameWidth + GAP), i / ACROSS * (frameHeight() + GAP));
        }
        if (frames.size() > shown.size()) {
            words(
                    "strip-more",
                    "and %d more moments, beside".formatted(frames.size() - shown.size()),
                    0,
                    height() - LINE / 2,
                    Across.LEFT);
        }
    }

    private void frame(Frame frame, double x, double y) {
        box(frame.sounds() ? "strip-frame-sounding" : "strip-frame", x, y, frameWidth, frameHeight())
                .says(CaseWords.time(frame.atMillis()) + " " + frame.title() + ". "
                        + String.join(". ", frame.follows()));
        words("strip-time", CaseWords.time(frame.atMillis()), x + INSET, y + 14, Across.LEFT);
        sign(frame, x + frameWidth - 26, y + 6);
        if (frame.sounds()) {
            sounding(x + frameWidth - 46, y + 14);
        }
        words("strip-title", fit(frame.title()), x + INSET, y + TITLE_AT, Across.LEFT);
        double at = y + TITLE_AT + LINE + 4;
        for (String line : frame.follows().stream().limit(MOST_LINES).toList()) {
            words(line.startsWith("→") ? "strip-sends" : "strip-line", fit(line), x + INSET, at, Across.LEFT)
                    .hint(line);
            at += LINE;
        }
    }

    private String fit(String words) {
        return cut(words, frameWidth - INSET, LETTER);
    }

    /// A door ajar, a head, a plug, or a dial: lines only, within 18 by 18.
    private void sign(Frame frame, double x, double y) {
        switch (frame.sign()) {
            case POINT -> {
                box("strip-sign", x, y, 12, 18);
                line("strip-sign", x, y, x + 8, y + 4);
                line("strip-sign", x + 8, y + 4, x + 8, y + 18);
            }
            case PERSON -> {
                ring(x + 8, y + 5, 4);
                line("strip-sign", x + 1, y + 18, x + 4, y + 12);
                line("strip-sign", x + 4, y + 12, x + 12, y + 12);
                line("strip-sign", x + 12, y + 12, x + 15, y + 18);
            }
            case SUPPLY -> {
                line("strip-sign", x + 4, y, x + 4, y + 6);
                line("strip-sign", x + 11, y, x + 11, y + 6);
                box("strip-sign", x + 1, y + 6, 13, 6);
                line("strip-sign", x + 7, y + 12, x + 7, y + 18);
            }
            case CLOCK -> {
                ring(x + 8, y + 9, 8);
                line("strip-sign", x + 8, y + 9, x + 8, y + 4);
                line("strip-sign", x + 8, y + 9, x + 12, y + 9);
            }
        }
    }

    private void ring(double x, double y, double radius) {
        double[] points = new double[2 * (CORNERS + 1)];
        for (int corner = 0; corner <= CORNERS; corner++) {
            double angle = 2 * Math.PI * corner / CORNERS;
            points[2 * corner] = x + radius * Math.cos(angle);
            points[2 * corner + 1] = y + radius * Math.sin(angle);
        }
        path("strip-sign", points);
    }

    /// Three strokes that spread, as sound does.
    private void sounding(double x, double y) {
        for (int stroke = 0; stroke < 3; stroke++) {
            double reach = 3 + stroke * 3.0;
            line("strip-sound", x + stroke * 4, y - reach, x + stroke * 4, y + reach);
        }
    }
}
