package io.answerback.core.loop.scheme;

import io.answerback.core.model.device.SchemeKind;
import java.util.List;

/// The cover contacts in series with alarm contacts that each have their own resistor across them: opening a
/// contact adds that resistor, opening a cover breaks the loop, and both cable faults read as tamper.
final class DoubleEndOfLine implements LoopScheme {
    @Override
    public SchemeKind kind() {
        return SchemeKind.DOUBLE_END_OF_LINE;
    }

    @Override
    public LoopPart contacts(FittedLoop loop, DeviceState device, LoopPart alarmResistor) {
        return LoopPart.Series.of(Contacts.covers(loop, device), Contacts.openingAcross(loop, device, alarmResistor));
    }

    @Override
    public List<DeviceState> ownStates() {
        return List.of(DeviceState.AT_REST, DeviceState.ACTIVE, DeviceState.COVER_OFF);
    }
}
