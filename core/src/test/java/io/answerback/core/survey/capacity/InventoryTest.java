package io.answerback.core.survey.capacity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.testing.SmallCapacity;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallKinds;
import io.answerback.core.testing.SmallParts;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class InventoryTest {
    /// A board of two inputs for anything and one kept for two-wire smoke.
    private static final ModuleKind BOARD = SmallParts.kind(
            "board",
            "Board",
            ModuleSort.BOARD,
            3,
            1,
            0,
            50,
            0,
            false,
            "",
            List.of(new ModuleKind.ReservedInput(1, KindFamily.FIRE, true)),
            Optional.empty());

    private static Job job(PointKind... kinds) {
        return SmallCapacity.job(List.of(BOARD), kinds);
    }

    private static Map<String, String> placed(Job job) {
        return Inventory.of(job).placed().entrySet().stream()
                .collect(Collectors.toMap(
                        e -> e.getKey().text(), e -> e.getValue().id().text()));
    }

    @Test
    void anInputThatIsKeptIsGivenToItsUseAlone() {
        assertThat(placed(job(SmallKinds.DOOR, SmallKinds.TWO_WIRE_SMOKE, SmallKinds.MOVEMENT)))
                .isEqualTo(Map.of("01", "Panel.2", "02", "Panel.1", "03", "Panel.3"));
        Job doors = job(SmallKinds.DOOR, SmallKinds.DOOR, SmallKinds.DOOR);
        assertThat(Inventory.of(doors).unplaced()).extracting(Point::id).containsExactly(new PointId("03"));
        assertThat(Inventory.of(job(SmallKinds.SMOKE, SmallKinds.TWO_WIRE_SMOKE))
                        .unplaced())
                .isEmpty();
    }

    @Test
    void countsAreWhatIsNeededAgainstWhatThePanelTakes() {
        Inventory inventory = Inventory.of(SmallJob.job());
        // three points of 24 zones, two areas of 4, nobody counted of 20 users, no radio, no module on the bus of 4
        assertThat(inventory.counts())
                .containsExactly(
                        new Count("zones", 3, 24),
                        new Count("areas", 2, 4),
                        new Count("users", 0, 20),
                        new Count("wireless zones", 0, 0),
                        new Count("bus addresses", 0, 4));
        assertThat(inventory.freeOrdinary()).isEqualTo(1);
    }

    @Test
    void givingInputsWiresAndProgramsAsSurveyed() {
        Job wired = CapacityEdits.giveInputs().on(job(SmallKinds.DOOR, SmallKinds.HOLD_UP));
        assertThat(wired.inputOf(new PointId("02")).map(Input::zone)).contains(3);
        assertThat(wired.zone(3).orElseThrow().type()).isEqualTo(ZoneType.IMMEDIATE);
        assertThat(wired.zone(3).orElseThrow().area()).contains(1);
        assertThat(CapacityEdits.giveInputs().on(wired)).isEqualTo(wired);
    }

    @Test
    void movingAPointProgramsItsNewZoneAndForgetsTheOld() {
        Job wired = CapacityEdits.wire(new PointId("02"), Optional.of(new InputId("P.4")))
                .on(SmallJob.job());
        assertThat(wired.inputOf(new PointId("02")).map(Input::id)).contains(new InputId("P.4"));
        assertThat(wired.zone(2)).isEmpty();
        assertThat(wired.zone(4).orElseThrow().type()).isEqualTo(ZoneType.IMMEDIATE);
        Job lifted = CapacityEdits.wire(new PointId("02"), Optional.empty()).on(wired);
        assertThat(lifted.inputOf(new PointId("02"))).isEmpty();
        assertThat(lifted.zone(4)).isEmpty();
    }

    @Test
    void aModuleComesWithItsInputsOnTheLowestFreeRunOfZonesAndGoesWithThem() {
        ModuleKind expander = SmallJob.job().panel().profile().module("bus-8").orElseThrow();
        Job fitted = CapacityEdits.fit("two", List.of(expander, expander)).on(SmallJob.job());
        assertThat(fitted.module(new ModuleId("Expander 2"))).isPresent();
        assertThat(fitted.inputs())
                .extracting(Input::zone)
                .containsExactly(1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20);
        assertThatThrownBy(
                        () -> CapacityEdits.fit("one more", List.of(expander)).on(fitted))
                .hasMessageContaining("no run of 8 free numbers");
        assertThat(ModuleEdits.remove(new ModuleId("Expander 1"))
                        .on(ModuleEdits.remove(new ModuleId("Expander 2")).on(fitted)))
                .isEqualTo(SmallJob.job());
        assertThatThrownBy(() -> ModuleEdits.remove(new ModuleId("Panel")).on(fitted))
                .hasMessageContaining("own board");
    }

    @Test
    void anotherPanelKeepsWhatItsBoardHasToo() {
        Job other = CapacityEdits.panel(SmallCapacity.profile(List.of(BOARD))).on(SmallJob.job());
        assertThat(other.inputs()).extracting(Input::number).containsExactly(1, 2, 3);
        assertThat(other.inputOf(new PointId("03")).map(Input::id)).contains(new InputId("P.3"));
        assertThat(other.panel().profile().name()).isEqualTo("Capacity panel");
    }
}
