package io.answerback.core.model.power;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.SupplyReading.Quantity;
import io.answerback.core.model.profile.SupplyFault;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/// What is decided and measured of supplies: each thing once for what it is of, and nothing else touched.
class PowerTest {
    private static final ModuleId PANEL = new ModuleId("Panel");
    private static final ModuleId BOX = new ModuleId("Supply 1");
    private static final PointId DOOR = new PointId("01");
    private static final PointId HALL = new PointId("02");

    private static Battery battery(ModuleId module, double ampHours) {
        return new Battery(module, ampHours, 1, 5, Optional.empty());
    }

    private static LoadFigure load(PointId point, double milliamps) {
        return new LoadFigure(point, milliamps, milliamps + 5, LoadFigure.Source.SHEET);
    }

    private static SupplyReading reading(ModuleId module, Quantity what, double value) {
        return new SupplyReading(module, what, value, Instant.EPOCH);
    }

    @Test
    void aSupplyHasOneBattery() {
        Power power =
                Power.UNDECIDED.with(battery(PANEL, 7)).with(battery(BOX, 12)).with(battery(PANEL, 17));
        assertThat(power.batteries()).hasSize(2);
        assertThat(power.battery(PANEL).orElseThrow().ampHours()).isEqualTo(17);
        assertThat(power.battery(BOX).orElseThrow().ampHours()).isEqualTo(12);
        assertThat(power.withoutBattery(PANEL).battery(PANEL)).isEmpty();
        assertThat(power.withoutBattery(PANEL).battery(BOX)).isPresent();
        assertThatThrownBy(() -> new Power(
                        List.of(battery(PANEL, 7), battery(PANEL, 17)),
                        List.of(),
                        100,
                        List.of(),
                        List.of(),
                        null,
                        List.of(),
                        List.of()))
                .hasMessageContaining("battery of module");
    }

    @Test
    void aPartHasOneFigure() {
        Power power = Power.UNDECIDED.with(load(DOOR, 10)).with(load(HALL, 20)).with(load(DOOR, 30));
        assertThat(power.load(DOOR).orElseThrow().quiescentMilliamps()).isEqualTo(30);
        assertThat(power.withoutLoad(DOOR).load(DOOR)).isEmpty();
        assertThat(power.withoutLoad(DOOR).load(HALL)).isPresent();
    }

    @Test
    void aStepIsDoneOnceAndOpenAgainByTheBeginningOfItsName() {
        Power power = Power.UNDECIDED
                .with(new Tick("down:mains", Instant.EPOCH))
                .with(new Tick("down:battery", Instant.EPOCH))
                .with(new Tick("up:battery", Instant.EPOCH))
                .with(new Tick("down:mains", Instant.EPOCH.plusSeconds(60)));
        assertThat(power.ticks()).hasSize(3);
        assertThat(power.tick("down:mains").orElseThrow().at()).isEqualTo(Instant.EPOCH.plusSeconds(60));
        Power again = power.withoutTicks("down:");
        assertThat(again.tick("down:battery")).isEmpty();
        assertThat(again.tick("up:battery")).isPresent();
    }

    @Test
    void everyReadingIsKeptInItsOrder() {
        Power power = Power.UNDECIDED
                .with(reading(PANEL, Quantity.FLOAT_VOLTS, 13.6))
                .with(reading(BOX, Quantity.FLOAT_VOLTS, 13.2))
                .with(reading(PANEL, Quantity.STANDING_MILLIAMPS, 498))
                .with(reading(PANEL, Quantity.FLOAT_VOLTS, 13.7));
        assertThat(power.readings(PANEL, Quantity.FLOAT_VOLTS))
                .extracting(SupplyReading::value)
                .containsExactly(13.6, 13.7);
        assertThat(power.readings(BOX, Quantity.STANDING_MILLIAMPS)).isEmpty();
    }

    @Test
    void aFaultIsToldByOnePoint() {
        Power power = Power.UNDECIDED
                .with(new SupplyWatch(BOX, SupplyFault.MAINS, DOOR))
                .with(new SupplyWatch(BOX, SupplyFault.BATTERY, HALL))
                .with(new SupplyWatch(BOX, SupplyFault.MAINS, HALL));
        assertThat(power.watch(BOX, SupplyFault.MAINS)).contains(HALL);
        assertThat(power.watch(PANEL, SupplyFault.MAINS)).isEmpty();
        Power less = power.withoutWatch(BOX, SupplyFault.MAINS);
        assertThat(less.watch(BOX, SupplyFault.MAINS)).isEmpty();
        assertThat(less.watch(BOX, SupplyFault.BATTERY)).contains(HALL);
    }

    @Test
    void aPointThatGetsAnotherNumberTakesItsFiguresAlong() {
        Power power = Power.UNDECIDED.with(load(DOOR, 10)).with(new SupplyWatch(BOX, SupplyFault.MAINS, DOOR));
        Power renumbered = power.withPoints(id -> id.equals(DOOR) ? new PointId("31") : id);
        assertThat(renumbered.load(new PointId("31")).orElseThrow().quiescentMilliamps())
                .isEqualTo(10);
        assertThat(renumbered.load(DOOR)).isEmpty();
        assertThat(renumbered.watch(BOX, SupplyFault.MAINS)).contains(new PointId("31"));
    }

    @Test
    void whatIsDecidedOfAPointGoesWithIt() {
        Power power = Power.UNDECIDED
                .with(load(DOOR, 10))
                .with(load(HALL, 20))
                .with(new SupplyWatch(BOX, SupplyFault.MAINS, DOOR));
        Power less = power.withoutPoints(Set.of(DOOR));
        assertThat(less.load(DOOR)).isEmpty();
        assertThat(less.watch(BOX, SupplyFault.MAINS)).isEmpty();
        assertThat(less.load(HALL)).isPresent();
        assertThat(power.withoutPoints(Set.of(new PointId("77")))).isSameAs(power);
    }

    @Test
    void whatIsDecidedOfAModuleGoesWithItAndWhatWasMeasuredStays() {
        Power power = Power.UNDECIDED
                .with(battery(PANEL, 7))
                .with(battery(BOX, 12))
                .with(new SupplyWatch(BOX, SupplyFault.MAINS, DOOR))
                .with(reading(BOX, Quantity.FLOAT_VOLTS, 13.2));
        Power less = power.withoutModule(BOX);
        assertThat(less.battery(BOX)).isEmpty();
        assertThat(less.battery(PANEL)).isPresent();
        assertThat(less.watch(BOX, SupplyFault.MAINS)).isEmpty();
        assertThat(less.readings(BOX, Quantity.FLOAT_VOLTS)).hasSize(1);
    }

    @Test
    void theShareInAlarmIsAShare() {
        assertThat(Power.UNDECIDED.alarmSharePercent()).isEqualTo(100);
        assertThat(Power.UNDECIDED.withAlarmSharePercent(0).alarmSharePercent()).isZero();
        for (double wrong : new double[] {-1, 101, Double.NaN}) {
            assertThatThrownBy(() -> Power.UNDECIDED.withAlarmSharePercent(wrong))
                    .hasMessageContaining("share of the detectors in alarm at once");
        }
    }
}
