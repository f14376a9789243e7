package io.answerback.core.loop.scheme;

import io.answerback.core.model.device.SchemeKind;
import java.util.List;

/// Normally-open contacts side by side and nothing else: a cut anywhere looks normal.
final class NormallyOpenLoop implements LoopScheme {
    @Override
    public SchemeKind kind() {
        return SchemeKind.NORMALLY_OPEN;
    }

    @Override
    public LoopPart contacts(FittedLoop loop, DeviceState device, LoopPart alarmResistor) {
        return Contacts.closing(loop, device);
    }

    @Override
    public List<DeviceState> ownStates() {
        return List.of(DeviceState.AT_REST, DeviceState.ACTIVE);
    }
}
