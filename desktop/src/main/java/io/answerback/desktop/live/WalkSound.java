package io.answerback.desktop.live;

import io.answerback.core.prove.acceptance.WalkNote;
import io.answerback.core.signal.sound.Sound;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.Playback;
import java.util.function.Consumer;

/// Lets a walk be followed by ear: one rising sound where a line is shown, two low ones where something is wrong.
public final class WalkSound {
    private static final double PART_SECONDS = 0.16;
    private static final double LOUD = 0.5;
    private static final int RATE = 44_100;
    private static final double[] WELL = {660, 990};
    private static final double[] WRONG = {220, 0, 220};

    private final Background background;
    private final Consumer<String> tell;
    private boolean on;

    /// @param tell tells somebody that this computer has no sound
    public WalkSound(Background background, Consumer<String> tell) {
        this.background = background;
        this.tell = tell;
    }

    /// Whether it is switched on.
    public boolean on() {
        return on;
    }

    /// Switches it on or off.
    public void turn(boolean now) {
        on = now;
    }

    /// A note was made.
    public void note(WalkNote note) {
        if (!on || !note.kind().wrong() && note.kind() != WalkNote.Kind.SHOWN) {
            return;
        }
        Sound sound = of(note);
        background.compute(() -> Playback.play(sound), played -> {
            if (!played) {
                on = false;
                tell.accept("This computer has no sound; the walk goes on without.");
            }
        });
    }

    /// What is heard for a note.
    static Sound of(WalkNote note) {
        double[] tones = note.kind().wrong() ? WRONG : WELL;
        int each = (int) (PART_SECONDS * RATE);
        float[] samples = new float[each * tones.length];
        for (int i = 0; i < samples.length; i++) {
            double fade = Math.sin(Math.PI * (i % each) / each);
            samples[i] = (float) (LOUD * fade * Math.sin(2 * Math.PI * tones[i / each] * i / RATE));
        }
        return new Sound(samples, RATE);
    }
}
