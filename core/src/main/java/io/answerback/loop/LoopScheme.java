package io.answerback.loop;

import io.answerback.job.LoopWiring;
import io.answerback.job.SchemeKind;
import java.util.List;

/// One way of putting contacts and resistors together. A new scheme is one small class beside these.
public interface LoopScheme {
    /// Which scheme this is.
    SchemeKind kind();

    /// Whether the scheme has an end-of-line resistor.
    default boolean hasEndOfLine() {
        return kind().hasEndOfLine();
    }

    /// The parts at the device, without the end-of-line resistor.
    ///
    /// @param wiring the parts that were fitted
    /// @param device what the device is doing
    LoopPart contacts(LoopWiring wiring, DeviceState device);

    /// The contacts and the end-of-line resistor together: one after the other, unless the scheme says otherwise.
    ///
    /// @param contacts what is at the device, or the whole field where the resistor sits in the panel
    /// @param endOfLine the resistor
    default LoopPart joined(LoopPart contacts, LoopPart endOfLine) {
        return LoopPart.Series.of(contacts, endOfLine);
    }

    /// What stands in the resistor's place where it was left out: the place bridged, unless the scheme says
    /// otherwise.
    default LoopPart leftOut() {
        return new LoopPart.Short();
    }

    /// The device states the scheme can tell apart.
    List<DeviceState> deviceStates();

    /// The scheme of this kind.
    static LoopScheme of(SchemeKind kind) {
        return switch (kind) {
            case CLOSED_LOOP -> new ClosedLoop();
            case NORMALLY_OPEN -> new NormallyOpenLoop();
            case END_OF_LINE_ACROSS -> new EndOfLineAcross();
            case SINGLE_END_OF_LINE -> new SingleEndOfLine();
            case DOUBLE_END_OF_LINE -> new DoubleEndOfLine();
        };
    }
}
