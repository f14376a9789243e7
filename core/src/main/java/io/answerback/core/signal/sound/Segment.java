package io.answerback.core.signal.sound;

import java.util.List;

/// A stretch of a call during which the same is on the line.
///
/// @param from who makes it
/// @param step what it belongs to, such as "dials" or "0423"; stretches of one step follow one another
/// @param digit the digit that it is, or is a pulse of; a blank for none
/// @param hertz the tones; none for silence
/// @param millis how long it lasts, in milliseconds
public record Segment(Side from, String step, char digit, List<Double> hertz, double millis) {
    /// Who makes a sound.
    public enum Side {
        /// The exchange: dial tone and ringing.
        LINE,
        /// The panel's dialler.
        PANEL,
        /// The receiver at the station.
        RECEIVER
    }

    /// Whether nothing is heard.
    public boolean silent() {
        return hertz.isEmpty();
    }
}
