package io.answerback.loop;

import io.answerback.job.LoopWiring;
import io.answerback.job.SchemeKind;
import java.util.List;

/// One way of putting contacts and resistors together. A new scheme is one small class beside these.
public interface LoopScheme {
    /// Which scheme this is.
    SchemeKind kind();

    /// Whether the scheme has an end-of-line resistor.
    boolean hasEndOfLine();

    /// The parts at the device, without the end-of-line resistor.
    ///
    /// @param wiring the parts that were fitted
    /// @param device what the device is doing
    LoopPart contacts(LoopWiring wiring, DeviceState device);

    /// The device states the scheme can tell apart.
    List<DeviceState> deviceStates();

    /// The scheme of this kind.
    static LoopScheme of(SchemeKind kind) {
        return switch (kind) {
            case CLOSED_LOOP -> new ClosedLoop();
            case SINGLE_END_OF_LINE -> new SingleEndOfLine();
            case DOUBLE_END_OF_LINE -> new DoubleEndOfLine();
        };
    }
}
