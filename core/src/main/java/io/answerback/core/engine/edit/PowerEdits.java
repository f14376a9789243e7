package io.answerback.core.engine.edit;

import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.power.Battery;
import io.answerback.core.model.power.BatteryChange;
import io.answerback.core.model.power.LoadFigure;
import io.answerback.core.model.power.Power;
import io.answerback.core.model.power.Sounding.LinkSet;
import io.answerback.core.model.power.SupplyReading;
import io.answerback.core.model.power.Tick;
import io.answerback.core.model.site.Edit;
import java.time.LocalDate;
import java.util.Optional;
import java.util.function.UnaryOperator;

/// Edits to what holds a site up when the mains fails.
public final class PowerEdits {
    private PowerEdits() {}

    /// The battery of a supply.
    public static Edit battery(Battery battery) {
        return change("battery", battery.module(), power -> power.with(battery));
    }

    /// No battery decided for a supply.
    public static Edit noBattery(ModuleId module) {
        return change("battery", module, power -> power.withoutBattery(module));
    }

    /// What a part takes, where somebody knows better than the data.
    public static Edit load(LoadFigure load) {
        return change("load", load.part(), power -> power.with(load));
    }

    /// What a part takes, as the data have it.
    public static Edit loadAsInData(FedId part) {
        return change("load", part, power -> power.withoutLoad(part));
    }

    /// How much of the detectors' alarm load happens at once, in percent.
    public static Edit alarmShare(double percent) {
        return change("share in alarm", power -> power.withAlarmSharePercent(percent));
    }

    /// Something that was measured at a supply, beside what was measured before.
    public static Edit measured(SupplyReading reading) {
        return change("reading of " + reading.what().words(), power -> power.with(reading));
    }

    /// A step of power-down or power-up that is done.
    public static Edit done(Tick tick) {
        return change("step of the power run", power -> power.with(tick));
    }

    /// Every step open again whose name begins so.
    public static Edit anew(String prefix) {
        return change("power run", power -> power.withoutTicks(prefix));
    }

    /// How the link on a sounder's board is set.
    public static Edit link(ModuleId module, String level) {
        return change("link", module, power -> power.with(power.sounding().with(new LinkSet(module, level))));
    }

    /// Another battery in place of the one a supply has, which is kept as taken out.
    ///
    /// @param today the day of the change
    public static Edit replaced(Battery old, LocalDate today) {
        return change(
                "new battery",
                old.module(),
                power -> power.with(new BatteryChange(old, today), old.withFittedOn(Optional.of(today))));
    }

    private static Edit change(String what, FedId of, UnaryOperator<Power> change) {
        return new Edit(what, of, job -> job.withPower(change.apply(job.power())));
    }

    private static Edit change(String name, UnaryOperator<Power> change) {
        return new Edit(name, job -> job.withPower(change.apply(job.power())));
    }
}
