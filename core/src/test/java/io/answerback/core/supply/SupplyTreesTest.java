package io.answerback.core.supply;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.assess.Assessor;
import io.answerback.core.assess.Trials;
import io.answerback.core.assess.remedy.CableLimits;
import io.answerback.core.assess.remedy.Remedies;
import io.answerback.core.assess.remedy.Remedy;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.cable.AsFound;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.cable.CableInstallation;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.JointId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.site.Job;
import io.answerback.core.testing.SmallBox;
import io.answerback.core.testing.SmallBus;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallParts;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cabling.CablingEdits;
import io.answerback.core.wiring.cores.CableCores;
import io.answerback.core.wiring.cores.CorePlan;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// What hangs on the small box, and what it gets. Each cable is 100 m of 92 Ω/km at 20 °C: 18.4 Ω there and back.
class SupplyTreesTest extends SuppliedJob {
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

    private static Trials trials(Job job) {
        return Trials.on(new Assessor(SmallJob.EVENTS).assess(job));
    }

    @Test
    void oneWithoutRoomForASecondPairIsNotDoubled() {
        Job job = CableEdits.installation("", new CableId("C-02"), installation -> installation.withType(SmallBox.FOUR))
                .on(job());
        assertThat(Remedies.byVolts(trials(job), new PointId("02"), List.of()))
                .extracting(Remedy::words)
                .noneMatch(words -> words.startsWith("Double"));
        assertThat(Remedies.byVolts(trials(job()), new PointId("02"), List.of()))
                .extracting(Remedy::words)
                .containsExactly("Double the supply pair of C-02");
        assertThat(Remedies.byVolts(trials(job()), new PointId("99"), List.of()))
                .isEmpty();
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
        List<Remedy> remedies = Remedies.byVolts(trials(job), new PointId("02"), List.of(thick));
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
        assertThat(CableLimits.of(trials(job()), new PointId("02"))
                        .orElseThrow()
                        .longestMetres())
                .isCloseTo(0, within(0.01));
        assertThat(CableLimits.of(trials(job()), new PointId("99"))).isEmpty();
    }
}
