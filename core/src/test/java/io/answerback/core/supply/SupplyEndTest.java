package io.answerback.core.supply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.engine.edit.PowerEdits;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.Battery;
import io.answerback.core.model.power.LoadFigure;
import io.answerback.core.model.power.Power;
import io.answerback.core.model.power.Sounding;
import io.answerback.core.model.profile.PowerOrder;
import io.answerback.core.model.profile.SupplyUnit;
import io.answerback.core.model.site.Job;
import io.answerback.core.supply.battery.BatteryState;
import io.answerback.core.supply.battery.LeadAcid;
import io.answerback.core.testing.SmallBox;
import io.answerback.core.testing.SmallParts;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// Volts at the end of a discharge, when a device drops out, and what would help.
class SupplyEndTest extends SuppliedJob {
    @Test
    void aDeviceThatFailsSaysWhenItDropsOutOnTheBasisOfTheBatterysHours() {
        // 10.5 V are needed: at rest 12 mA through 18.4 Ω take 0.2208 V, so it drops out at 10.7208 V
        Job job = PowerEdits.battery(new Battery(new ModuleId("Panel"), 7, 1, 25, Optional.empty()))
                .on(job());
        double used = LeadAcid.usedAt(10.5 + 0.012 * 18.4);
        StandbyForecast hold = StandbyForecast.of(state(job).battery().orElseThrow(), job.practice());
        double whole = hold.endHours(10.5);
        assertThat(volts(job, new PointId("02")).dropsOutHours().orElseThrow()).isCloseTo(used * whole, within(1e-6));
        assertThat(hold.voltsAfter(used * whole)).isCloseTo(10.5 + 0.012 * 18.4, within(1e-6));
        // 7 Ah warm, 80 % at the end of its life, margin 1.25: 4.48 Ah at 54 mA, slower than over 20 h
        assertThat(whole).isCloseTo(4.48 / 0.054, within(1e-9));
        // the standby counted on is less by the alarm alone
        assertThat(hold.standbyHours()).isCloseTo(whole * (1 - hold.draw().alarmShare(4.48)), within(1e-9));
    }

    private static Job with(SupplyUnit unit) {
        return SmallBox.supplied(job(), unit);
    }

    @Test
    void theEndOfDischargeIsTheSuppliesOwnLessTheDropOnItsBoard() {
        Job job = with(
                new SupplyUnit(1000, 350, 7, 11.2, 10.3, PowerOrder.BATTERY_FIRST, 0, Optional.of(0.25), List.of()));
        assertThat(volts(job, new PointId("02")).atEnd()).isCloseTo(10.3 - 0.25 - 0.04 * 18.4, within(1e-9));
        assertThat(volts(job, new PointId("02")).atFloat()).isCloseTo(13.65 - 0.25 - 0.04 * 18.4, within(1e-9));
    }

    /// 18.4 Ω there and back and 40 mA in alarm: 0.736 V below what the output gives, for the device that alarms,
    /// whatever share of all detectors is counted for the battery.
    @Test
    void theDeviceThatIsJudgedTakesAllOfItsAlarmCurrent() {
        Job few = PowerEdits.alarmShare(20).on(job());
        DeviceVolts all = volts(job(), new PointId("01"));
        DeviceVolts alone = volts(few, new PointId("01"));
        assertThat(alone.atEnd()).isCloseTo(all.atEnd(), within(1e-9));
        assertThat(alone.atFloat()).isCloseTo(all.atFloat(), within(1e-9));
        assertThat(Loads.milliamps(state(few).lines(), true))
                .isLessThan(Loads.milliamps(state(job()).lines(), true));
    }

    @Test
    void aSupplyThatCutsOffEarlyReachesFewerHours() {
        Job late = PowerEdits.battery(new Battery(new ModuleId("Panel"), 7, 1, 25, Optional.empty()))
                .on(job());
        Job early = PowerEdits.battery(new Battery(new ModuleId("Panel"), 7, 1, 25, Optional.empty()))
                .on(with(SmallParts.supply(1000, 350, 7, 11.5, 11.1, PowerOrder.BATTERY_FIRST, 0)));
        BatteryState full = state(late).battery().orElseThrow();
        BatteryState part = state(early).battery().orElseThrow();
        // 11.1 V is where 95 % are used; the alarm takes the same of both
        double whole = 4.48 / 0.054;
        assertThat(full.standbyHours() - part.standbyHours()).isCloseTo(0.05 * whole, within(1e-9));
        // below 10.5 V nothing more is counted on
        Job deep = PowerEdits.battery(new Battery(new ModuleId("Panel"), 7, 1, 25, Optional.empty()))
                .on(with(SmallParts.supply(1000, 350, 7, 11.2, 10.0, PowerOrder.BATTERY_FIRST, 0)));
        assertThat(state(deep).battery().orElseThrow().standbyHours()).isEqualTo(full.standbyHours());
    }

    @Test
    void whatIfChangesOneThingAtATime() {
        Job job = PowerEdits.battery(new Battery(new ModuleId("Panel"), 7, 1, 0, Optional.empty()))
                .on(job());
        StandbyForecast hold = StandbyForecast.of(state(job).battery().orElseThrow(), job.practice());
        assertThat(hold.standbyHours())
                .isCloseTo(state(job).battery().orElseThrow().standbyHours(), within(1e-9));
        assertThat(hold.withRated(14).standbyHours()).isGreaterThan(2 * hold.standbyHours());
        assertThat(hold.withCelsius(-20).standbyHours()).isLessThan(hold.standbyHours());
        assertThat(hold.withYears(0).standbyHours()).isGreaterThan(hold.standbyHours());
        assertThat(hold.withStandby(0.2).draw().alarmAmps())
                .isCloseTo(hold.draw().alarmAmps() - hold.draw().standbyAmps() + 0.2, within(1e-12));
        assertThat(hold.asNew().standbyHours()).isGreaterThan(hold.standbyHours());
    }

    @Test
    void powerThatCannotBeIsRefused() {
        Battery seven = new Battery(new ModuleId("Panel"), 7, 1, 20, Optional.empty());
        assertThatThrownBy(() -> new Power(
                        List.of(seven, seven),
                        List.of(),
                        100,
                        List.of(),
                        List.of(),
                        Sounding.UNDECIDED,
                        List.of(),
                        List.of()))
                .hasMessageContaining("Panel");
        assertThatThrownBy(() -> new Battery(new ModuleId("Panel"), 0, 1, 20, Optional.empty()))
                .hasMessageContaining("ampere-hours");
        assertThatThrownBy(() -> new Battery(new ModuleId("Panel"), 7, 1, -80, Optional.empty()))
                .hasMessageContaining("°C");
        assertThatThrownBy(() -> new LoadFigure(new PointId("02"), -1, 0, LoadFigure.Source.SHEET))
                .hasMessageContaining("quiescent current of 02");
        assertThatThrownBy(() -> SmallParts.supply(1000, 350, 7, 10.2, 10.5, PowerOrder.BATTERY_FIRST, 0))
                .hasMessageContaining("reports a low battery");
        Power both = Power.UNDECIDED.with(seven).with(seven.withParallel(2));
        assertThat(both.batteries()).hasSize(1);
        assertThat(both.battery(new ModuleId("Panel")).orElseThrow().ratedAmpHours())
                .isEqualTo(14);
        assertThat(both.withoutBattery(new ModuleId("Panel")).batteries()).isEmpty();
    }
}
