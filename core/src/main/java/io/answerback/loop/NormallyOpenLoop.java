package io.answerback.loop;

import io.answerback.job.LoopWiring;
import io.answerback.job.SchemeKind;
import java.util.List;

/// A normally-open contact and nothing else: a cut anywhere looks normal.
final class NormallyOpenLoop implements LoopScheme {
    @Override
    public SchemeKind kind() {
        return SchemeKind.NORMALLY_OPEN;
    }

    @Override
    public LoopPart contacts(LoopWiring wiring, DeviceState device) {
        return new LoopPart.Contact(wiring.contactOhms(), device == DeviceState.ACTIVE);
    }

    @Override
    public List<DeviceState> deviceStates() {
        return List.of(DeviceState.AT_REST, DeviceState.ACTIVE);
    }
}
