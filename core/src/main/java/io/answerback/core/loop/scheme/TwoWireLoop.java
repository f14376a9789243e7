package io.answerback.core.loop.scheme;

import io.answerback.core.model.device.SchemeKind;
import java.util.List;

/// Detectors across a pair that also supplies them, and a resistor at its end. A quiet detector draws a little,
/// a tripped one conducts much; each stands as the resistance it amounts to at the loop's voltage. This is an
/// estimate: the maker's list of detectors that may share an input decides, and life-safety work has a code of
/// its own.
final class TwoWireLoop implements AcrossThePair {
    @Override
    public SchemeKind kind() {
        return SchemeKind.TWO_WIRE_SMOKE;
    }

    @Override
    public LoopPart contacts(FittedLoop loop, DeviceState device, LoopPart alarmResistor) {
        int active = loop.activeContacts(device);
        LoopPart quiet = new LoopPart.Leak(loop.wiring().secondOhms());
        return LoopPart.Parallel.of(
                Contacts.sideBySide(quiet, loop.contacts() - active), Contacts.sideBySide(alarmResistor, active));
    }

    @Override
    public List<DeviceState> ownStates() {
        return List.of(DeviceState.AT_REST, DeviceState.ACTIVE);
    }
}
