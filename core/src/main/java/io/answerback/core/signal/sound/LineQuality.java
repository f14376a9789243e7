package io.answerback.core.signal.sound;

import io.answerback.core.model.common.Require;

/// What a line does to a call.
///
/// @param levelDecibels level of the panel's tones under full scale, in decibels: -40 to 0
/// @param noiseDecibels how far noise lies under the tones, in decibels: 0 to 90; more is silent
/// @param twistDecibels how much stronger the higher tone of a pair is, in decibels: -12 to 12
/// @param errorPercent how far all tones are off, in percent: -5 to 5
public record LineQuality(double levelDecibels, double noiseDecibels, double twistDecibels, double errorPercent) {
    /// A good line.
    public static final LineQuality GOOD = new LineQuality(-10, 90, 0, 0);

    /// @throws IllegalArgumentException when a figure is out of bounds
    public LineQuality {
        Require.within(levelDecibels, -40, 0, "level in decibels");
        Require.within(noiseDecibels, 0, 90, "distance of the noise in decibels");
        Require.within(twistDecibels, -12, 12, "twist in decibels");
        Require.within(errorPercent, -5, 5, "error of the tones in percent");
    }
}
