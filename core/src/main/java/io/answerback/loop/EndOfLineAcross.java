package io.answerback.loop;

import io.answerback.job.LoopWiring;
import io.answerback.job.SchemeKind;
import java.util.List;

/// A normally-open contact across one resistor: closing it shorts the loop, which is an alarm; a cut is a tamper
/// or fault; a short in the cable cannot be told from an alarm.
final class EndOfLineAcross implements LoopScheme {
    @Override
    public SchemeKind kind() {
        return SchemeKind.END_OF_LINE_ACROSS;
    }

    @Override
    public LoopPart contacts(LoopWiring wiring, DeviceState device) {
        return new LoopPart.Contact(wiring.contactOhms(), device == DeviceState.ACTIVE);
    }

    @Override
    public LoopPart joined(LoopPart contacts, LoopPart endOfLine) {
        return LoopPart.Parallel.of(contacts, endOfLine);
    }

    @Override
    public LoopPart leftOut() {
        return new LoopPart.Cut();
    }

    @Override
    public List<DeviceState> deviceStates() {
        return List.of(DeviceState.AT_REST, DeviceState.ACTIVE);
    }
}
