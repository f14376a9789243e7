package io.answerback.core.learn.faultfinding;

import io.answerback.core.loop.fault.MeasurementSetup;
import java.util.EnumSet;
import java.util.Random;
import java.util.Set;

/// What going and measuring costs at one site, and where care is needed.
///
/// @param walkMinutes from the panel to the device, one way
/// @param jointHigh whether the joint is out of reach from the floor
/// @param deviceHigh whether the device is out of reach from the floor
record SiteCosts(double walkMinutes, boolean jointHigh, boolean deviceHigh) {
    private static final Set<MeasurementSetup> AT_DEVICE = EnumSet.of(
            MeasurementSetup.COVER_OFF,
            MeasurementSetup.FAR_END_SHORTED,
            MeasurementSetup.FAR_END_LIFTED,
            MeasurementSetup.MASKED,
            MeasurementSetup.NEW_RESISTOR);

    static SiteCosts of(double metres, Random random) {
        double walk = 1 + Math.round(metres / 30) + random.nextInt(3);
        return new SiteCosts(walk, random.nextBoolean(), random.nextInt(3) == 0);
    }

    /// What a measurement takes on site, in minutes, without what makes it safe.
    double minutes(MeasurementSetup setup) {
        return switch (setup) {
            case AT_REST -> 2;
            case TO_ZERO_VOLTS -> 3;
            case FROM_MID_JOINT -> walkMinutes + (jointHigh ? 7 : 5);
            case NEW_RESISTOR -> 2 * walkMinutes + 8;
            case COVER_OFF, FAR_END_SHORTED, FAR_END_LIFTED, MASKED -> 2 * walkMinutes + 4;
            case ACTIVE, SECOND_ACTIVE, BOTH_ACTIVE -> 2 * walkMinutes + 1;
        };
    }

    /// Whether a ladder is needed for it.
    boolean high(MeasurementSetup setup) {
        return setup == MeasurementSetup.FROM_MID_JOINT ? jointHigh : deviceHigh && AT_DEVICE.contains(setup);
    }

    /// Whether what brings a fault about needs a ladder.
    boolean high(Trigger trigger) {
        return trigger == Trigger.WET && jointHigh;
    }
}
