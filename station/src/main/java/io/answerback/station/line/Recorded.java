package io.answerback.station.line;

import io.answerback.core.signal.sound.Sound;

/// A recording in place of the sound input: as fast as it is read.
public final class Recorded implements SoundInput {
    private final Sound sound;
    private int at;

    /// Plays a recording once.
    public Recorded(Sound sound) {
        this.sound = sound;
    }

    @Override
    public int rate() {
        return sound.rate();
    }

    @Override
    public synchronized int read(float[] into) {
        int count = Math.min(into.length, sound.samples().length - at);
        if (count <= 0) {
            return -1;
        }
        System.arraycopy(sound.samples(), at, into, 0, count);
        at += count;
        return count;
    }

    @Override
    public synchronized void close() {
        at = sound.samples().length;
    }
}
