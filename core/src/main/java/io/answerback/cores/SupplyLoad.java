package io.answerback.cores;

/// What something takes from its supply.
///
/// @param restMilliamps at rest, in milliamps
/// @param alarmMilliamps with everything in alarm, in milliamps
public record SupplyLoad(double restMilliamps, double alarmMilliamps) {
    /// Nothing.
    static final SupplyLoad NONE = new SupplyLoad(0, 0);

    /// Both together.
    SupplyLoad and(SupplyLoad other) {
        return new SupplyLoad(restMilliamps + other.restMilliamps, alarmMilliamps + other.alarmMilliamps);
    }
}
