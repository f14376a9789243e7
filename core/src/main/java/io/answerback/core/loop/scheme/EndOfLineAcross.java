package io.answerback.core.loop.scheme;

import io.answerback.core.model.device.SchemeKind;
import java.util.List;

/// Normally-open contacts across one resistor: closing one shorts the loop, which is an alarm; a cut is a tamper
/// or fault; a short in the cable cannot be told from an alarm.
final class EndOfLineAcross implements AcrossThePair {
    @Override
    public SchemeKind kind() {
        return SchemeKind.END_OF_LINE_ACROSS;
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
