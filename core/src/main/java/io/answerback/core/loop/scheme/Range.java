package io.answerback.core.loop.scheme;

/// A worst-case stretch of resistance.
///
/// @param lowOhms the least it can be, in ohms
/// @param nominalOhms the marked value, in ohms
/// @param highOhms the most it can be, in ohms; positive infinity when no current flows
public record Range(double lowOhms, double nominalOhms, double highOhms) {
    /// Whether no current flows at all.
    public boolean open() {
        return Double.isInfinite(lowOhms);
    }
}
