package io.answerback.core.loop.scheme;

import io.answerback.core.model.device.SchemeKind;
import java.util.List;

/// Normally-closed contacts in series and nothing else. A short anywhere looks normal; covers need a ring of
/// their own.
final class ClosedLoop implements LoopScheme {
    @Override
    public SchemeKind kind() {
        return SchemeKind.CLOSED_LOOP;
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
