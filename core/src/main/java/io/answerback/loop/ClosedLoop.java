package io.answerback.loop;

import io.answerback.job.LoopWiring;
import io.answerback.job.SchemeKind;
import java.util.List;

/// A normally-closed contact and nothing else. A short anywhere looks normal; covers need a ring of their own.
final class ClosedLoop implements LoopScheme {
    @Override
    public SchemeKind kind() {
        return SchemeKind.CLOSED_LOOP;
    }

    @Override
    public LoopPart contacts(LoopWiring wiring, DeviceState device) {
        return new LoopPart.Contact(wiring.contactOhms(), device == DeviceState.AT_REST);
    }

    @Override
    public List<DeviceState> deviceStates() {
        return List.of(DeviceState.AT_REST, DeviceState.ACTIVE);
    }
}
