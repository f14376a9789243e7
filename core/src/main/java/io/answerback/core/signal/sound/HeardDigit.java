package io.answerback.core.signal.sound;

/// One digit in a recording.
///
/// @param digit one of 0-9 and A-F; of blocks a character, `·` where it cannot be printed
/// @param atMillis when it begins, in milliseconds from the beginning of the recording
/// @param onMillis how long it lasts, in milliseconds; of pulses from the first to the end of the last
/// @param levelDecibels its level under full scale, in decibels
/// @param twistDecibels how much stronger the higher tone is, in decibels; 0 for pulses and blocks
/// @param errorPercent how far the tone that is off furthest is off, in percent, to 0.2; 0 for pulses and blocks
/// @param perSecond pulses a second; 0 for tones, for blocks and for a single pulse
public record HeardDigit(
        char digit,
        double atMillis,
        double onMillis,
        double levelDecibels,
        double twistDecibels,
        double errorPercent,
        double perSecond) {
    /// When it ends, in milliseconds from the beginning of the recording.
    public double endMillis() {
        return atMillis + onMillis;
    }
}
