package io.answerback.core.supply;

import static io.answerback.core.testing.SmallBox.POWERED;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.battery.BatteryState;
import io.answerback.core.battery.LeadAcid;
import io.answerback.core.cable.AsFound;
import io.answerback.core.cable.Cable;
import io.answerback.core.cable.CableEnds;
import io.answerback.core.cable.CableInstallation;
import io.answerback.core.cable.CableType;
import io.answerback.core.cabling.CableEdits;
import io.answerback.core.cores.CableCores;
import io.answerback.core.cores.CorePlan;
import io.answerback.core.edit.CablingEdits;
import io.answerback.core.edit.Edits;
import io.answerback.core.edit.PointEdits;
import io.answerback.core.edit.PowerEdits;
import io.answerback.core.id.CableId;
import io.answerback.core.id.FedId;
import io.answerback.core.id.JointId;
import io.answerback.core.id.ModuleId;
import io.answerback.core.id.PointId;
import io.answerback.core.power.Battery;
import io.answerback.core.power.LoadFigure;
import io.answerback.core.power.Power;
import io.answerback.core.power.Sounding;
import io.answerback.core.practice.CoreUse;
import io.answerback.core.profile.Conductor;
import io.answerback.core.profile.PanelProfile;
import io.answerback.core.profile.PowerOrder;
import io.answerback.core.profile.SupplyUnit;
import io.answerback.core.remedy.CableLimits;
import io.answerback.core.remedy.Remedies;
import io.answerback.core.remedy.Remedy;
import io.answerback.core.site.Job;
import io.answerback.core.site.Panel;
import io.answerback.core.testing.SmallBox;
import io.answerback.core.testing.SmallBus;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallParts;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/// What hangs on the small box, and what it gets. Each cable is 100 m of 92 Ω/km at 20 °C: 18.4 Ω there and back.
class SupplyTreesTest {
    private static final CableType EIGHT = SmallParts.cableType(
            "8",
            "8-core",
            SmallJob.THIN,
            List.of("red", "black", "yellow", "green", "blue", "white", "brown", "orange"),
            false,
            false);

    private static Job job() {
        Job job = PointEdits.change("", Set.of(new PointId("01"), new PointId("02")), point -> point.withKind(POWERED))
                .on(SmallBox.job(EIGHT));
        PanelProfile profile = job.panel().profile();
        SupplyUnit unit = SmallParts.supply(1000, 350, 7, 11.2, 10.5, PowerOrder.BATTERY_FIRST, 0);
        return job.withPanel(new Panel(
                "Panel",
                SmallParts.profile(
                        profile.id(),
                        profile.name(),
                        5,
                        4700,
                        30,
                        profile.schemes(),
                        profile.capacity(),
                        "",
                        List.of(profile.board().withSupply(unit)))));
    }

    private static SupplyState state(Job job) {
        return Supplies.of(job, CorePlan.of(job)).states().getFirst();
    }

    private static DeviceVolts volts(Job job, FedId part) {
        return state(job).volts().stream()
                .filter(device -> device.part().equals(part))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aDetectorHangsOnItsTerminalAndTheBoardOnTheSupplyItself() {
        SupplyState state = state(job());
        assertThat(state.trees()).hasSize(1);
        assertThat(state.trees().getFirst().title()).isEqualTo("Panel · 12V");
        assertThat(state.trees().getFirst().limitMilliamps()).isEqualTo(100);
        assertThat(state.direct()).extracting(LoadLine::part).containsExactly(new ModuleId("Panel"));
        // 10.5 V less 40 mA through 18.4 Ω
        assertThat(volts(job(), new PointId("02")).atEnd()).isCloseTo(10.5 - 0.04 * 18.4, within(1e-9));
    }

    @Test
    void aDoubledPairHasHalfTheResistance() {
        Job job = CableEdits.installation(
                        "", new CableId("C-02"), installation -> installation.withDoubled(CoreUse.SUPPLY, true))
                .on(job());
        assertThat(volts(job, new PointId("02")).atEnd()).isCloseTo(10.5 - 0.04 * 9.2, within(1e-9));
    }

    @Test
    void hotCopperCounts() {
        Job job = job();
        job = job.withCables(
                job.cables().stream().map(cable -> cable.withCelsius(20, 45)).toList());
        assertThat(volts(job, new PointId("02")).atEnd())
                .isCloseTo(10.5 - 0.04 * 18.4 * (1 + 0.00393 * 25), within(1e-9));
    }

    @Test
    void whatIsBehindAJointBoxSharesTheCableThatBringsIt() {
        Job job = CablingEdits.throughJoint(
                        List.of(new CableId("C-01"), new CableId("C-02")), new JointId("J-1"), SmallJob.THIN)
                .on(job());
        String trunk = job.cables().getLast().id().text();
        job = Edits.cableMetres(new CableId(trunk), 100).on(job);
        job = CableEdits.installation("", new CableId(trunk), installation -> installation.withType(EIGHT))
                .on(job);
        // a new cable lies between 5 and 35 °C
        double warm = 18.4 * (1 + 0.00393 * 15);
        assertThat(volts(job, new PointId("02")).atEnd()).isCloseTo(10.5 - 0.08 * warm - 0.04 * 18.4, within(1e-9));
    }

    @Test
    void aDetectorWithoutACableStillCountsInTheSum() {
        Job job = CablingEdits.remove(new CableId("C-02")).on(job());
        SupplyState state = state(job);
        assertThat(state.direct()).extracting(LoadLine::part).containsExactly(new ModuleId("Panel"), new PointId("02"));
        assertThat(state.milliamps(true)).isEqualTo(state(job()).milliamps(true));
        assertThat(state.volts()).extracting(DeviceVolts::part).containsExactly(new PointId("01"));
    }

    @Test
    void oneWithoutRoomForASecondPairIsNotDoubled() {
        Job job = CableEdits.installation("", new CableId("C-02"), installation -> installation.withType(SmallBox.FOUR))
                .on(job());
        assertThat(Remedies.of(job, new PointId("02"), List.of()))
                .extracting(Remedy::words)
                .noneMatch(words -> words.startsWith("Double"));
        assertThat(Remedies.of(job(), new PointId("02"), List.of()))
                .extracting(Remedy::words)
                .containsExactly("Double the supply pair of C-02");
        assertThat(Remedies.of(job(), new PointId("99"), List.of())).isEmpty();
    }

    @Test
    void theTrunkToAJointBoxIsAmongTheWaysToMend() {
        Job job = CablingEdits.throughJoint(
                        List.of(new CableId("C-01"), new CableId("C-02")), new JointId("J-1"), SmallJob.THIN)
                .on(job());
        String trunk = job.cables().getLast().id().text();
        job = Edits.cableMetres(new CableId(trunk), 100).on(job);
        job = CableEdits.installation("", new CableId(trunk), installation -> installation.withType(EIGHT))
                .on(job);
        CableType thick =
                SmallParts.cableType("8t", "8-core thick", new Conductor("1.5 mm²", 12), EIGHT.colours(), false, false);
        List<Remedy> remedies = Remedies.of(job, new PointId("02"), List.of(thick));
        assertThat(remedies).extracting(Remedy::words).contains("Run %s as 8-core thick".formatted(trunk));
        double before = volts(job, new PointId("02")).atEnd();
        assertThat(remedies).allSatisfy(remedy -> {
            assertThat(remedy.atEndVolts()).isGreaterThan(before);
            assertThat(remedy.ok()).isFalse();
        });
    }

    @Test
    void aModuleFedFromElsewhereKeepsTheCommonZeroVoltsWithItsBus() {
        Job plain = SmallBus.job();
        Job job = plain.withCables(List.of(
                new Cable(new CableId("C-80"), new PointId("01"), 20, SmallJob.THIN, 20, 20)
                        .withEnds(CableEnds.toModule(new ModuleId("Keypad 1")))
                        .withInstallation(CableInstallation.PLANNED.withType(SmallBox.FOUR)),
                new Cable(new CableId("C-81"), new PointId("01"), 2, SmallJob.THIN, 20, 20)
                        .withEnds(CableEnds.toModule(new ModuleId("Keypad 1"))
                                .startingAt(Optional.of(new ModuleId("Expander 1"))))
                        .withInstallation(CableInstallation.PLANNED
                                .withType(SmallBox.FOUR)
                                .withAsFound(new AsFound(
                                        Map.of("red", CoreUse.SUPPLY, "black", CoreUse.SUPPLY_RETURN),
                                        Optional.empty(),
                                        null)))));
        CableCores bus = CorePlan.of(job).cable(new CableId("C-80")).orElseThrow();
        assertThat(bus.core(CoreUse.SUPPLY_RETURN)).isPresent();
        assertThat(bus.core(CoreUse.BUS_ONE)).isPresent();
        assertThat(bus.core(CoreUse.SUPPLY)).isEmpty();
    }

    @Test
    void theLongestCableIsWhereTheVoltsAreJustEnough() {
        // from 10.5 V nothing may be lost, since 10.5 V are needed
        assertThat(CableLimits.of(job(), new PointId("02")).orElseThrow().longestMetres())
                .isCloseTo(0, within(0.01));
        assertThat(CableLimits.of(job(), new PointId("99"))).isEmpty();
    }

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
        Job job = job();
        PanelProfile profile = job.panel().profile();
        return job.withPanel(new Panel(
                "Panel",
                SmallParts.profile(
                        profile.id(),
                        profile.name(),
                        5,
                        4700,
                        30,
                        profile.schemes(),
                        profile.capacity(),
                        "",
                        List.of(profile.board().withSupply(unit)))));
    }

    @Test
    void theEndOfDischargeIsTheSuppliesOwnLessTheDropOnItsBoard() {
        Job job = with(
                new SupplyUnit(1000, 350, 7, 11.2, 10.3, PowerOrder.BATTERY_FIRST, 0, Optional.of(0.25), List.of()));
        assertThat(volts(job, new PointId("02")).atEnd()).isCloseTo(10.3 - 0.25 - 0.04 * 18.4, within(1e-9));
        assertThat(volts(job, new PointId("02")).atFloat()).isCloseTo(13.65 - 0.25 - 0.04 * 18.4, within(1e-9));
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
