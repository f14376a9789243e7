package io.answerback.core.wiring.cores;

import static io.answerback.core.testing.SmallBox.SIX;
import static io.answerback.core.testing.SmallBox.job;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Terminal;
import io.answerback.core.model.site.Job;
import io.answerback.core.testing.SmallKinds;
import io.answerback.core.testing.SmallParts;
import io.answerback.core.wiring.cabling.WiringRun;
import io.answerback.core.wiring.cabling.WiringStep;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/// What is drawn and ordered at the device's end of a loop.
class DeviceEndTest {
    private static Job with(SchemeKind scheme, PointKind kind) {
        return PointEdits.change(
                        "",
                        Set.of(new PointId("02")),
                        point -> point.withKind(kind)
                                .withLoop(point.loop().withSecondOhms(10_000).withScheme(scheme)))
                .on(job(SIX));
    }

    private static BoxPlan device(Job job) {
        return CorePlan.of(job)
                .at(job.cable(new CableId("C-02")).orElseThrow(), CableEnd.FAR)
                .orElseThrow();
    }

    private static List<String> terminals(BoxPlan device) {
        return device.strip().stream().map(Terminal::name).toList();
    }

    private static List<String> parts(BoxPlan device) {
        return device.parts().stream().map(part -> part.words(device.strip())).toList();
    }

    private static List<String> minds(BoxPlan device) {
        return WiringRun.of(device, WiringRun.Order.ALONG_THE_STRIP).steps().stream()
                .map(WiringStep::mind)
                .toList();
    }

    @Test
    void aDoubleEndOfLineGoesThroughCoverResistorAndAlarmContact() {
        BoxPlan device = device(with(SchemeKind.DOUBLE_END_OF_LINE, SmallKinds.DOOR));
        assertThat(terminals(device)).startsWith("tamper in", "tamper out", "alarm in", "alarm out");
        assertThat(parts(device))
                .containsExactly(
                        "2k2 (end-of-line resistor) from tamper out to alarm in",
                        "4k7 (resistor of the alarm contact) from alarm in to alarm out");
        // the loop comes to the cover and leaves from the alarm contact
        assertThat(device.under(0)).hasSize(1);
        assertThat(device.under(3)).hasSize(1);
        assertThat(minds(device).getLast())
                .contains("Either way round", "4k7 (resistor of the alarm contact) from alarm in to alarm out");
    }

    @Test
    void aDeviceWithoutACoverContactTakesItsResistorInABlock() {
        PointKind door = SmallKinds.DOOR;
        PointKind bare = SmallParts.pointKind(
                "bare",
                "bare contact",
                door.family(),
                door.words(),
                door.contact(),
                new PointKind.Outputs(false, false, false),
                false,
                false,
                Optional.empty());
        BoxPlan device = device(with(SchemeKind.DOUBLE_END_OF_LINE, bare));
        assertThat(terminals(device)).startsWith("block", "alarm in", "alarm out");
        assertThat(device.under(0)).hasSize(1);
    }

    @Test
    void everySchemeHasItsResistorsWhereTheLoopIsComputedWithThem() {
        assertThat(parts(device(with(SchemeKind.CLOSED_LOOP, SmallKinds.DOOR)))).isEmpty();
        assertThat(parts(device(with(SchemeKind.SINGLE_END_OF_LINE, SmallKinds.DOOR))))
                .containsExactly("2k2 (end-of-line resistor) from block to contact in");
        assertThat(parts(device(with(SchemeKind.END_OF_LINE_ACROSS, SmallKinds.DOOR))))
                .containsExactly("2k2 (end-of-line resistor) from contact in to contact out");
        assertThat(parts(device(with(SchemeKind.TRIPLE_END_OF_LINE, SmallKinds.DOOR))))
                .containsExactly(
                        "2k2 (end-of-line resistor) from tamper out to alarm in",
                        "4k7 (resistor of the alarm contact) from alarm in to alarm out",
                        "a link from alarm out to fault in",
                        "10k (resistor of the fault contact) from fault in to fault out");
    }

    @Test
    void aResistorInThePanelIsNotFittedAtTheDevice() {
        Job job = PointEdits.change(
                        "",
                        Set.of(new PointId("02")),
                        point -> point.withLoop(point.loop().withPlace(ResistorPlace.IN_PANEL)))
                .on(with(SchemeKind.SINGLE_END_OF_LINE, SmallKinds.DOOR));
        assertThat(parts(device(job))).isEmpty();
    }

    @Test
    void twoWireDetectorsMindWhichCoreIsPlusAtBothEnds() {
        Job job = with(SchemeKind.TWO_WIRE_SMOKE, SmallKinds.TWO_WIRE_SMOKE);
        assertThat(terminals(device(job))).startsWith("line +", "line −");
        BoxPlan panel = CorePlan.of(job).boxOf(new CableId("C-02")).orElseThrow();
        for (BoxPlan place : List.of(device(job), panel)) {
            List<WiringStep> steps = WiringRun.of(place, WiringRun.Order.CABLE_BY_CABLE).steps().stream()
                    .filter(step -> step.cableId().equals(new CableId("C-02")))
                    .toList();
            assertThat(steps)
                    .isNotEmpty()
                    .allMatch(WiringStep::caution)
                    .allSatisfy(step -> assertThat(step.mind())
                            .contains("Mind the polarity")
                            .doesNotContain("Either way round"));
        }
    }

    @Test
    void aDetectorWithASupplyOfItsOwnHasARelayContactWithoutPolarity() {
        assertThat(SmallKinds.SMOKE.loopHasPolarity()).isFalse();
        assertThat(SmallKinds.TWO_WIRE_SMOKE.loopHasPolarity()).isTrue();
    }
}
