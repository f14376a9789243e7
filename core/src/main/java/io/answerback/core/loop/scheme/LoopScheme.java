package io.answerback.core.loop.scheme;

import io.answerback.core.model.device.SchemeKind;
import java.util.ArrayList;
import java.util.List;

/// One way of putting contacts and resistors together. A new scheme is one small class beside these.
public interface LoopScheme {
    /// Which scheme this is.
    SchemeKind kind();

    /// Whether the scheme has an end-of-line resistor.
    default boolean hasEndOfLine() {
        return kind().hasEndOfLine();
    }

    /// The parts at the devices, without the end-of-line resistor.
    ///
    /// @param loop the parts that were fitted
    /// @param device what the devices are doing
    /// @param alarmResistor the alarm contact's resistor as it really is
    LoopPart contacts(FittedLoop loop, DeviceState device, LoopPart alarmResistor);

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

    /// Two resistors where one should be: one after the other, unless the scheme says otherwise.
    default LoopPart doubled(LoopPart endOfLine) {
        return LoopPart.Series.of(endOfLine, endOfLine);
    }

    /// The device states of one device without a supply that the scheme can tell apart.
    List<DeviceState> ownStates();

    /// The device states of a loop: the scheme's own, all active where several devices share the loop, and
    /// the supply lost where detectors have one. Where two zones share an input, one of the two devices may
    /// have a supply and the other none; a relay that drops is then its own zone's active state.
    default List<DeviceState> deviceStates(FittedLoop loop) {
        List<DeviceState> states = new ArrayList<>(ownStates());
        if (loop.contacts() > 1 && !kind().twoZones()) {
            states.add(states.indexOf(DeviceState.ACTIVE) + 1, DeviceState.ALL_ACTIVE);
        }
        if (loop.supplyLoss() != SupplyLoss.NO_SUPPLY && !kind().twoZones()) {
            states.add(DeviceState.UNPOWERED);
        }
        return List.copyOf(states);
    }

    /// The scheme of this kind.
    static LoopScheme of(SchemeKind kind) {
        return switch (kind) {
            case CLOSED_LOOP -> new ClosedLoop();
            case NORMALLY_OPEN -> new NormallyOpenLoop();
            case END_OF_LINE_ACROSS -> new EndOfLineAcross();
            case SINGLE_END_OF_LINE -> new SingleEndOfLine();
            case DOUBLE_END_OF_LINE -> new DoubleEndOfLine();
            case TRIPLE_END_OF_LINE -> new TripleEndOfLine();
            case TWO_ZONES_SERIES -> new TwoZonesSeries();
            case TWO_ZONES_PARALLEL -> new TwoZonesParallel();
            case TWO_WIRE_SMOKE -> new TwoWireLoop();
        };
    }
}
