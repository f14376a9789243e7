package io.answerback.core.loop.scheme;

import io.answerback.core.model.device.SchemeKind;
import java.util.List;

/// Two contacts in series, each with a resistor of its own value across it, and one resistor at the end: each
/// combination adds its own resistance, and both cable faults fall outside all of them.
final class TwoZonesSeries implements LoopScheme {
    @Override
    public SchemeKind kind() {
        return SchemeKind.TWO_ZONES_SERIES;
    }

    @Override
    public LoopPart contacts(FittedLoop loop, DeviceState device, LoopPart alarmResistor) {
        LoopPart first = Contacts.one(loop, device.activeContacts(1) == 0);
        LoopPart second = Contacts.one(loop, !device.secondActive());
        return LoopPart.Series.of(
                LoopPart.Parallel.of(first, alarmResistor),
                LoopPart.Parallel.of(second, loop.resistor(loop.wiring().secondOhms())));
    }

    @Override
    public List<DeviceState> ownStates() {
        return List.of(DeviceState.AT_REST, DeviceState.ACTIVE, DeviceState.SECOND_ACTIVE, DeviceState.BOTH_ACTIVE);
    }
}
