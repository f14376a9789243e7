package io.answerback.loop;

import io.answerback.job.LoopWiring;
import io.answerback.job.SchemeKind;
import java.util.List;

/// A normally-closed contact in series with one resistor: open is an alarm, a short is a tamper.
final class SingleEndOfLine implements LoopScheme {
    @Override
    public SchemeKind kind() {
        return SchemeKind.SINGLE_END_OF_LINE;
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
