package io.answerback.core.supply.battery;

/// How long an empty battery takes to be filled again: at the charger's current up to 80 %, then at a current
/// that falls with what is still missing.
///
/// @param hoursTo80 until 80 %, in hours; infinite when nothing is left to charge with
/// @param hoursToFull until 98 %, which counts as full, in hours
public record Recharge(double hoursTo80, double hoursToFull) {
    private static final double MOST = 0.8;
    private static final double FULL = 0.98;

    /// The recharge of a battery.
    ///
    /// @param ratedAmpHours its rated capacity, in ampere-hours
    /// @param amps what is left to charge with, in amperes
    public static Recharge of(double ratedAmpHours, double amps) {
        if (amps <= 0) {
            return new Recharge(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);
        }
        double whole = ratedAmpHours / (amps * LeadAcid.CHARGE_KEPT);
        double to80 = MOST * whole;
        double taper = (1 - MOST) * whole * Math.log((1 - MOST) / (1 - FULL));
        return new Recharge(to80, to80 + taper);
    }
}
