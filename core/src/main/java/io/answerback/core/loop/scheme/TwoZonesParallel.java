package io.answerback.core.loop.scheme;

import io.answerback.core.model.device.SchemeKind;
import java.util.List;

/// Two branches side by side, each a contact in series with a resistor of its own value. With both contacts open
/// nothing conducts, so a cut cannot be told from both being active.
final class TwoZonesParallel implements LoopScheme {
    @Override
    public SchemeKind kind() {
        return SchemeKind.TWO_ZONES_PARALLEL;
    }

    @Override
    public LoopPart contacts(FittedLoop loop, DeviceState device, LoopPart alarmResistor) {
        LoopPart first = Contacts.one(loop, device.activeContacts(1) == 0);
        LoopPart second = Contacts.one(loop, !device.secondActive());
        return LoopPart.Parallel.of(
                LoopPart.Series.of(first, alarmResistor),
                LoopPart.Series.of(second, loop.resistor(loop.wiring().secondOhms())));
    }

    @Override
    public List<DeviceState> ownStates() {
        return List.of(DeviceState.AT_REST, DeviceState.ACTIVE, DeviceState.SECOND_ACTIVE, DeviceState.BOTH_ACTIVE);
    }
}
