package io.answerback.core.loop.scheme;

import io.answerback.core.model.device.SchemeKind;
import java.util.List;

/// Normally-closed contacts in series with one resistor: open is an alarm, a short is a tamper.
final class SingleEndOfLine implements LoopScheme {
    @Override
    public SchemeKind kind() {
        return SchemeKind.SINGLE_END_OF_LINE;
    }

    @Override
    public LoopPart contacts(FittedLoop loop, DeviceState device, LoopPart alarmResistor) {
        return Contacts.opening(loop, device);
    }

    @Override
    public List<DeviceState> ownStates() {
        return List.of(DeviceState.AT_REST, DeviceState.ACTIVE);
    }
}
