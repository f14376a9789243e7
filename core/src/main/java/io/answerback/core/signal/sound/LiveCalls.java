package io.answerback.core.signal.sound;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;

/// Cuts calls out of sound that goes on: a call begins where it becomes louder than the line by itself, and ends after
/// four seconds without that, or after ten minutes. Measured in stretches of 100 ms.
public final class LiveCalls {
    private static final int STRETCHES_A_SECOND = 10;
    private static final int BEFORE = 5;
    private static final int QUIET_ENDS = 4 * STRETCHES_A_SECOND;
    private static final int LONGEST = 600 * STRETCHES_A_SECOND;
    private static final int FEWEST_LOUD = 3;
    private static final double LEAST_LOUD = 0.003;
    private static final double MOST_NEEDED = 0.05;
    private static final double OVER_FLOOR = 4;
    private static final double FLOOR_RISES = 1.005;
    private static final double LEAST_LEVEL = 1e-5;

    private final int rate;
    private final float[] stretch;
    private int filled;
    private double floor = 1;
    private double level;
    private final Deque<float[]> before = new ArrayDeque<>();
    private final List<float[]> call = new ArrayList<>();
    private int loud;
    private int quiet;

    /// Sound at so many samples a second.
    ///
    /// @throws IllegalArgumentException when the rate is not 8000 to 192 000
    public LiveCalls(int rate) {
        this.rate = new Sound(new float[0], rate).rate();
        this.stretch = new float[rate / STRETCHES_A_SECOND];
    }

    /// Takes more sound.
    ///
    /// @param count how many of the samples there are
    /// @return the calls that ended in it
    public List<Sound> hear(float[] samples, int count) {
        List<Sound> ended = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            stretch[filled++] = samples[i];
            if (filled == stretch.length) {
                filled = 0;
                next(stretch.clone()).ifPresent(ended::add);
            }
        }
        return ended;
    }

    private Optional<Sound> next(float[] next) {
        level = level(next);
        floor = Math.min(level, floor * FLOOR_RISES);
        boolean heard = level > Math.clamp(OVER_FLOOR * floor, LEAST_LOUD, MOST_NEEDED);
        if (call.isEmpty() && !heard) {
            before.addLast(next);
            if (before.size() > BEFORE) {
                before.removeFirst();
            }
            return Optional.empty();
        }
        call.addAll(before);
        before.clear();
        call.add(next);
        loud += heard ? 1 : 0;
        quiet = heard ? 0 : quiet + 1;
        return quiet >= QUIET_ENDS || call.size() >= LONGEST ? rest() : Optional.empty();
    }

    private static double level(float[] samples) {
        double sum = 0;
        for (float sample : samples) {
            sum += sample * sample;
        }
        return Math.sqrt(sum / samples.length);
    }

    /// The call that goes on, as far as it was heard, which then is over; empty when there is none.
    public Optional<Sound> rest() {
        boolean enough = loud >= FEWEST_LOUD;
        float[] all = new float[call.size() * stretch.length];
        for (int i = 0; i < call.size(); i++) {
            System.arraycopy(call.get(i), 0, all, i * stretch.length, stretch.length);
        }
        call.clear();
        loud = 0;
        quiet = 0;
        return enough ? Optional.of(new Sound(all, rate)) : Optional.empty();
    }

    /// Whether a call goes on.
    public boolean inCall() {
        return !call.isEmpty();
    }

    /// The level of the last 100 ms under full scale, in decibels; -100 for silence.
    public double levelDecibels() {
        return 20 * Math.log10(Math.max(LEAST_LEVEL, level * Math.sqrt(2)));
    }
}
