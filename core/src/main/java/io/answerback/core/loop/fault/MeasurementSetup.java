package io.answerback.core.loop.fault;

import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.model.site.Measurement.Measured;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// How the loop was put before a meter was held to its panel end, cores lifted.
public enum MeasurementSetup {
    /// The device at rest.
    AT_REST("at-rest", "Put the device at rest and read", Measured.LOOP_AT_REST, DeviceState.AT_REST, 1),
    /// The device active.
    ACTIVE("active", "Make the device active and read", Measured.LOOP_ACTIVE, DeviceState.ACTIVE, 1),
    /// The second zone's device active.
    SECOND_ACTIVE(
            "second-active",
            "Make the second zone's device active and read",
            Measured.LOOP_SECOND_ACTIVE,
            DeviceState.SECOND_ACTIVE,
            1),
    /// The devices of both zones active.
    BOTH_ACTIVE(
            "both-active", "Make both devices active and read", Measured.LOOP_BOTH_ACTIVE, DeviceState.BOTH_ACTIVE, 2),
    /// The detector masked.
    MASKED("masked", "Mask the detector and read", Measured.LOOP_MASKED, DeviceState.MASKED, 2),
    /// The device's cover off.
    COVER_OFF("cover-off", "Take the cover off and read", Measured.LOOP_COVER_OFF, DeviceState.COVER_OFF, 4),
    /// The cores bridged at the far end, the device out of the loop.
    FAR_END_SHORTED("far-end-shorted", "Bridge the cores at the far end and read", Measured.FAR_END_SHORTED, null, 5),
    /// The cores lifted at the far end, nothing between them.
    FAR_END_LIFTED("far-end-lifted", "Lift the cores at the far end and read", Measured.FAR_END_LIFTED, null, 5),
    /// The cores parted at a joint half way, read from there towards the device, which is at rest.
    FROM_MID_JOINT(
            "from-mid-joint",
            "Part the cores at a joint half way and read from there to the device",
            Measured.FROM_MID_JOINT,
            null,
            8),
    /// From the lifted live core to 0 V, the other core lifted too.
    TO_ZERO_VOLTS("to-0v", "Lift both cores and read from the live one to 0 V", Measured.TO_ZERO_VOLTS, null, 2),
    /// The end-of-line resistor at the device taken out and a new one fitted, the device at rest.
    NEW_RESISTOR(
            "new-resistor", "Fit a new end-of-line resistor at the device and read", Measured.NEW_RESISTOR, null, 6);

    private final String id;
    private final String order;
    private final Measured measured;
    private final DeviceState device;
    private final double minutes;

    MeasurementSetup(String id, String order, Measured measured, DeviceState device, double minutes) {
        this.minutes = minutes;
        this.id = id;
        this.order = order;
        this.measured = measured;
        this.device = device;
    }

    /// Its name in commands.
    public String id() {
        return id;
    }

    /// What has to be done for it, as an order.
    public String order() {
        return order;
    }

    /// How long it takes one who stands at the panel, in minutes: a working value of the trade.
    double minutes() {
        return minutes;
    }

    /// What a reading in this setup is kept as.
    public Measured measured() {
        return measured;
    }

    /// The setup a reading was kept as; empty for a reading that was not taken of the loop.
    public static Optional<MeasurementSetup> of(Measured measured) {
        for (MeasurementSetup setup : values()) {
            if (setup.measured == measured) {
                return Optional.of(setup);
            }
        }
        return Optional.empty();
    }

    /// The setup in which the device is in a state; empty for a state that is not measured.
    public static Optional<MeasurementSetup> of(DeviceState state) {
        return Arrays.stream(values()).filter(setup -> setup.device == state).findFirst();
    }

    /// The state the device is in; empty where that does not matter or it is at rest as part of the setup.
    public Optional<DeviceState> device() {
        return Optional.ofNullable(device);
    }

    /// The setups that make sense at a loop.
    public static List<MeasurementSetup> of(FittedLoop loop) {
        List<DeviceState> states = loop.scheme().deviceStates(loop);
        return Arrays.stream(values())
                .filter(setup -> setup.device == null || states.contains(setup.device))
                .filter(setup -> setup != NEW_RESISTOR || loop.scheme().hasEndOfLine())
                .toList();
    }
}
