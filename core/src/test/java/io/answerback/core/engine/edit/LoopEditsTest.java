package io.answerback.core.engine.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.assess.Assessor;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.InputModel;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.Panel;
import io.answerback.core.panel.PanelState;
import io.answerback.core.prove.chain.PointResult;
import io.answerback.core.prove.proof.ProofBasis;
import io.answerback.core.prove.simulation.PointSimulation;
import io.answerback.core.testing.SmallBands;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallParts;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// Two zones on one input, and inputs of another make, through the whole chain.
class LoopEditsTest {
    private static final Assessor ASSESSOR = new Assessor(SmallJob.EVENTS);

    private static Job job() {
        Job job = SmallJob.job();
        return job.withPanel(new Panel("Panel", SmallJob.profile(List.of(SmallBands.DOUBLE, SmallBands.TWO_SERIES))));
    }

    private static PointResult point(Job job, String id) {
        return ASSESSOR.assess(job).point(new PointId(id)).orElseThrow();
    }

    @Test
    void aPointOnTheSecondZoneHasItsOwnZoneAndTheOthersLoop() {
        Job shared = LoopEdits.shareInput(new PointId("02"), new PointId("01")).on(job());
        PointResult second = point(shared, "02");
        assertThat(second.wired().orElseThrow().second()).isTrue();
        assertThat(second.wired().orElseThrow().cable().orElseThrow().id()).isEqualTo(new CableId("C-01"));
        assertThat(second.chain().of(Link.INPUT).figure()).isEqualTo("Panel · 1, second zone");
        // the input it left is free, and the lowest zone number is its old one
        assertThat(shared.inputs().stream().filter(input -> input.id().equals(new InputId("P.2"))))
                .allMatch(input -> input.pointId().isEmpty());
        assertThat(second.wired().orElseThrow().zone().orElseThrow().number()).isEqualTo(5);
        assertThat(second.wired()
                        .orElseThrow()
                        .loop()
                        .orElseThrow()
                        .of(LoopCase.sound(DeviceState.SECOND_ACTIVE))
                        .safe())
                .isTrue();
        assertThat(second.upstream()).isEqualTo(ProofBasis.of(shared, SmallJob.EVENTS, new PointId("02")));
    }

    @Test
    void eachOfTheTwoSendsItsOwnZone() {
        Job shared = LoopEdits.shareInput(new PointId("02"), new PointId("01")).on(job());
        PanelState set = PanelState.allSet(shared);
        var trial = new PointSimulation(shared, SmallJob.EVENTS);
        assertThat(trial.act(point(shared, "02"), true, set, Instant.EPOCH).signals())
                .extracting(signal -> signal.zoneDigits())
                .containsExactly("005");
        assertThat(trial.act(point(shared, "01"), true, set, Instant.EPOCH).signals())
                .extracting(signal -> signal.zoneDigits())
                .containsExactly("001");
    }

    @Test
    void aChangeToTheLoopOfEitherIsAChangeToTheirOneLoop() {
        Job shared = LoopEdits.shareInput(new PointId("02"), new PointId("01")).on(job());
        Job changed = LoopEdits.parts("resistor", new PointId("02"), wiring -> wiring.withAlarmOhms(5600))
                .on(shared);
        assertThat(changed.point(new PointId("01")).orElseThrow().loop().alarmOhms())
                .isEqualTo(5600);
        assertThat(point(changed, "02").wired().orElseThrow().point().loop().alarmOhms())
                .isEqualTo(5600);
    }

    @Test
    void withThePointGoesItsZone() {
        Job shared = LoopEdits.shareInput(new PointId("02"), new PointId("01")).on(job());
        Job removed = PointEdits.remove(List.of(new PointId("02"))).on(shared);
        assertThat(removed.inputs()).noneMatch(Input::second);
        assertThat(removed.zone(5)).isEmpty();
    }

    @Test
    void whatCannotBeSharedIsRefusedWithTheReason() {
        Job shared = LoopEdits.shareInput(new PointId("02"), new PointId("01")).on(job());
        assertThatThrownBy(() -> LoopEdits.shareInput(new PointId("03"), new PointId("01"))
                        .on(shared))
                .hasMessageContaining("two zones already");
        assertThatThrownBy(() -> LoopEdits.shareInput(new PointId("03"), new PointId("02"))
                        .on(shared))
                .hasMessageContaining("no input of its own");
        assertThatThrownBy(() -> LoopEdits.shareInput(new PointId("02"), new PointId("01"))
                        .on(SmallJob.job()))
                .hasMessageContaining("tells no two zones apart");
    }

    @Test
    void anotherSchemeGetsTheValuesItHadNoneOf() {
        Job job = job();
        Job changed =
                LoopEdits.scheme(new PointId("01"), SchemeKind.TWO_ZONES_SERIES).on(job);
        assertThat(changed.point(new PointId("01")).orElseThrow().loop().secondOhms())
                .isEqualTo(10_000);
        assertThat(changed.point(new PointId("01")).orElseThrow().loop().endOfLineOhms())
                .isEqualTo(2200);
    }

    @Test
    void anInputOfAnotherMakeReadsByItsOwnBands() {
        // the converter on the bus knows single end-of-line only, pulled up by 3 V
        InputModel own = new InputModel(3, 10_000, List.of(SmallBands.SINGLE));
        PanelProfile plain = SmallJob.profile(List.of(SmallBands.DOUBLE));
        List<ModuleKind> kinds = plain.modules().stream()
                .map(kind -> kind.id().equals("board")
                        ? SmallParts.kind(
                                kind.id(),
                                kind.name(),
                                kind.sort(),
                                kind.inputs(),
                                kind.mostOf(),
                                kind.addresses(),
                                kind.milliamps(),
                                kind.boxes(),
                                kind.ownSupply(),
                                "",
                                List.of(),
                                Optional.of(own))
                        : kind)
                .toList();
        Job job = SmallJob.job()
                .withPanel(new Panel(
                        "Panel",
                        SmallParts.profile(
                                plain.id(), plain.name(), 5, 4700, 30, plain.schemes(), plain.capacity(), "", kinds)));
        assertThat(ASSESSOR.assess(job).findingsAt(io.answerback.core.engine.finding.Stop.LOOP, new PointId("01")))
                .anyMatch(finding -> finding.says().equals("Its input cannot read a double end-of-line"));
        Job single = LoopEdits.scheme(new PointId("01"), SchemeKind.SINGLE_END_OF_LINE)
                .on(job);
        // 3 V · 2218.6 / 12 218.6
        assertThat(point(single, "01").chain().of(Link.INPUT).line()).isEqualTo("0.54 V across it");
    }
}
