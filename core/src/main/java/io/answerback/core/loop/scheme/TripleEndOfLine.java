package io.answerback.core.loop.scheme;

import io.answerback.core.model.device.SchemeKind;
import java.util.List;

/// A double end-of-line with a third resistor across each masking or fault contact: every combination of
/// tripped and blinded has a resistance of its own, and an open cover breaks the loop.
final class TripleEndOfLine implements LoopScheme {
    @Override
    public SchemeKind kind() {
        return SchemeKind.TRIPLE_END_OF_LINE;
    }

    @Override
    public LoopPart contacts(FittedLoop loop, DeviceState device, LoopPart alarmResistor) {
        LoopPart second = loop.resistor(loop.wiring().secondOhms());
        LoopPart mask = LoopPart.Parallel.of(Contacts.one(loop, !device.secondActive()), second);
        int dropped = device == DeviceState.UNPOWERED ? loop.powered() - 1 : 0;
        LoopPart others = LoopPart.Series.of(
                Contacts.repeated(
                        LoopPart.Parallel.of(Contacts.one(loop, true), second), loop.contacts() - 1 - dropped),
                Contacts.repeated(LoopPart.Parallel.of(Contacts.one(loop, false), second), dropped));
        return LoopPart.Series.of(
                Contacts.covers(loop, device), Contacts.openingAcross(loop, device, alarmResistor), mask, others);
    }

    @Override
    public List<DeviceState> ownStates() {
        return List.of(
                DeviceState.AT_REST,
                DeviceState.ACTIVE,
                DeviceState.MASKED,
                DeviceState.ACTIVE_AND_MASKED,
                DeviceState.COVER_OFF);
    }
}
