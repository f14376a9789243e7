package io.answerback.fault;

import io.answerback.job.Measurement.Measured;
import io.answerback.loop.DeviceState;
import java.util.Optional;

/// How the loop was put before a meter was held to its panel end, cores lifted.
public enum Setup {
    /// The device at rest.
    AT_REST("at-rest", "Put the device at rest and read", Measured.LOOP_AT_REST),
    /// The device active.
    ACTIVE("active", "Make the device active and read", Measured.LOOP_ACTIVE),
    /// The device's cover off.
    COVER_OFF("cover-off", "Take the cover off and read", Measured.LOOP_COVER_OFF),
    /// The cores bridged at the far end, the device out of the loop.
    FAR_END_SHORTED("far-end-shorted", "Bridge the cores at the far end and read", Measured.FAR_END_SHORTED),
    /// The cores lifted at the far end, nothing between them.
    FAR_END_LIFTED("far-end-lifted", "Lift the cores at the far end and read", Measured.FAR_END_LIFTED);

    private final String id;
    private final String order;
    private final Measured measured;

    Setup(String id, String order, Measured measured) {
        this.id = id;
        this.order = order;
        this.measured = measured;
    }

    /// Its name in commands.
    public String id() {
        return id;
    }

    /// What has to be done for it, as an order.
    public String order() {
        return order;
    }

    /// What a reading in this setup is kept as.
    public Measured measured() {
        return measured;
    }

    /// The setup a reading was kept as; empty for a reading that was not taken of the loop.
    public static Optional<Setup> of(Measured measured) {
        for (Setup setup : values()) {
            if (setup.measured == measured) {
                return Optional.of(setup);
            }
        }
        return Optional.empty();
    }

    /// The setup in which the device is in a state.
    public static Setup of(DeviceState state) {
        return switch (state) {
            case AT_REST -> AT_REST;
            case ACTIVE -> ACTIVE;
            case COVER_OFF -> COVER_OFF;
        };
    }

    /// The state the device is in; empty where the device is out of the loop.
    public Optional<DeviceState> device() {
        return switch (this) {
            case AT_REST -> Optional.of(DeviceState.AT_REST);
            case ACTIVE -> Optional.of(DeviceState.ACTIVE);
            case COVER_OFF -> Optional.of(DeviceState.COVER_OFF);
            case FAR_END_SHORTED, FAR_END_LIFTED -> Optional.empty();
        };
    }
}
