package io.answerback.loop;

import io.answerback.job.LoopWiring;
import io.answerback.job.SchemeKind;
import java.util.List;

/// The cover contact in series with an alarm contact that has its own resistor across it: opening the contact
/// adds that resistor, opening the cover breaks the loop, and both cable faults read as tamper.
final class DoubleEndOfLine implements LoopScheme {
    @Override
    public SchemeKind kind() {
        return SchemeKind.DOUBLE_END_OF_LINE;
    }

    @Override
    public LoopPart contacts(LoopWiring wiring, DeviceState device) {
        var cover = new LoopPart.Contact(wiring.contactOhms(), device != DeviceState.COVER_OFF);
        var alarm = new LoopPart.Contact(wiring.contactOhms(), device != DeviceState.ACTIVE);
        var across = new LoopPart.Resistor(wiring.alarmOhms(), wiring.tolerancePercent());
        return LoopPart.Series.of(cover, LoopPart.Parallel.of(alarm, across));
    }

    @Override
    public List<DeviceState> deviceStates() {
        return List.of(DeviceState.AT_REST, DeviceState.ACTIVE, DeviceState.COVER_OFF);
    }
}
