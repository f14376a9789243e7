package io.answerback.loop;

import io.answerback.job.SchemeKind;
import java.util.List;

/// Normally-open contacts across one resistor: closing one shorts the loop, which is an alarm; a cut is a tamper
/// or fault; a short in the cable cannot be told from an alarm.
final class EndOfLineAcross implements LoopScheme {
    @Override
    public SchemeKind kind() {
        return SchemeKind.END_OF_LINE_ACROSS;
    }

    @Override
    public LoopPart contacts(FittedLoop loop, DeviceState device, LoopPart alarmResistor) {
        return Contacts.closing(loop, device);
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
    public LoopPart doubled(LoopPart endOfLine) {
        return LoopPart.Parallel.of(endOfLine, endOfLine);
    }

    @Override
    public List<DeviceState> ownStates() {
        return List.of(DeviceState.AT_REST, DeviceState.ACTIVE);
    }
}
