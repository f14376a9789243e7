package io.answerback.core.model.power;

import java.util.List;

/// The power of a job while one of its parts is being exchanged.
final class PowerDraft {
    List<Battery> batteries;
    List<LoadFigure> loads;
    double alarmSharePercent;
    List<Tick> ticks;
    List<SupplyReading> readings;
    Sounding sounding;
    List<SupplyWatch> watches;
    List<BatteryChange> changes;

    PowerDraft(Power power) {
        batteries = power.batteries();
        loads = power.loads();
        alarmSharePercent = power.alarmSharePercent();
        ticks = power.ticks();
        readings = power.readings();
        sounding = power.sounding();
        watches = power.watches();
        changes = power.changes();
    }

    Power made() {
        return new Power(batteries, loads, alarmSharePercent, ticks, readings, sounding, watches, changes);
    }
}
