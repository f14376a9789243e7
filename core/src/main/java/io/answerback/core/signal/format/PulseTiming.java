package io.answerback.core.signal.format;

import io.answerback.core.model.common.Require;

/// How pulses are timed at one speed. Receivers differ; check the receiver's manual.
///
/// @param pulsesPerSecond the speed: 10, 20 or 40
/// @param onMillis length of a pulse, in milliseconds
/// @param offMillis pause after it, in milliseconds
/// @param digitGapMillis pause between two digits, in milliseconds, from the end of the last pulse
/// @param roundGapMillis pause between two rounds, in milliseconds
/// @param dataHertz the tone of the pulses, in hertz
/// @param acknowledgeMillis shortest acknowledge tone of the receiver, in milliseconds
/// @param source where the figures are from
public record PulseTiming(
        int pulsesPerSecond,
        double onMillis,
        double offMillis,
        double digitGapMillis,
        double roundGapMillis,
        int dataHertz,
        double acknowledgeMillis,
        String source) {
    /// @throws IllegalArgumentException when a figure is out of bounds
    public PulseTiming {
        Require.within(pulsesPerSecond, 5, 50, "pulses a second");
        Require.within(onMillis, 5, 200, "length of a pulse in milliseconds");
        Require.within(offMillis, 5, 200, "pause after a pulse in milliseconds");
        Require.within(digitGapMillis, 50, 2000, "pause between digits in milliseconds");
        Require.within(roundGapMillis, 100, 5000, "pause between rounds in milliseconds");
        Require.within(dataHertz, 1000, 3000, "tone of the pulses in hertz");
        Require.within(acknowledgeMillis, 100, 5000, "acknowledge tone in milliseconds");
        source = Require.text(source, "source");
    }

    /// How long a digit lasts without the pause after it, in milliseconds.
    public double digitMillis(char digit) {
        int pulses = PulseReport.pulses(digit);
        return pulses * onMillis + (pulses - 1) * offMillis;
    }

    /// How long a round lasts, in milliseconds.
    ///
    /// @throws IllegalArgumentException when a character is not one of 0-9 and B-F
    public double roundMillis(String round) {
        double pulses =
                round.chars().mapToDouble(digit -> digitMillis((char) digit)).sum();
        return pulses + Math.max(0, round.length() - 1) * digitGapMillis;
    }
}
