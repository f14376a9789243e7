package io.answerback.core.prove.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.engine.edit.ReceiverEdits;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.Proof;
import io.answerback.core.testing.SmallJob;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ProofStateTest {
    private static final Instant AT = Instant.parse("2026-05-12T09:00:00Z");
    private final Job job = SmallJob.job();

    private Proof proof(String point) {
        return new Proof(
                new PointId(point),
                AT,
                12,
                "practice station",
                "frame",
                Optional.of(AT.plusSeconds(5)),
                ProofBasis.of(job, SmallJob.EVENTS, new PointId(point)));
    }

    private ProofState after(Edit... edits) {
        Job changed = job;
        for (Edit edit : edits) {
            changed = edit.on(changed);
        }
        return ProofState.of(
                Optional.of(proof("02")), ProofBasis.of(changed, SmallJob.EVENTS, new PointId("02")), true);
    }

    @Test
    void nothingChangedIsProven() {
        assertThat(after()).isInstanceOf(ProofState.Proven.class);
    }

    @Test
    void whoIsToldOfTheEventIsPartOfItAndWhoIsToldOfOthersIsNot() {
        ReceiverId a = new ReceiverId("A");
        assertThat(after(ReceiverEdits.told(a, EventGroup.TEST, Told.NEVER))).isInstanceOf(ProofState.Proven.class);
        assertThat(after(ReceiverEdits.told(a, EventGroup.ALARM, Told.NEVER)))
                .isInstanceOfSatisfying(
                        ProofState.Stale.class,
                        stale -> assertThat(stale.link()).isEqualTo(Link.ROUTE));
    }

    @Test
    void aRestoreThatNobodyIsToldOfIsNotWaitedFor() {
        Proof half = new Proof(
                new PointId("02"),
                AT,
                12,
                "practice station",
                "frame",
                Optional.empty(),
                proof("02").upstream());
        Job sent = Edits.keepProof(half).on(job);
        Job untold = ReceiverEdits.told(new ReceiverId("A"), EventGroup.RESTORE, Told.NEVER)
                .on(sent);
        assertThat(state(sent)).isInstanceOf(ProofState.NotRestored.class);
        assertThat(state(untold)).isInstanceOf(ProofState.Proven.class);
    }

    private static ProofState state(Job job) {
        return new Assessor(SmallJob.EVENTS)
                .assess(job)
                .point(new PointId("02"))
                .orElseThrow()
                .proof();
    }

    @Test
    void aLongerCableMakesItStaleAndSaysSo() {
        assertThat(after(Edits.cableMetres(new CableId("C-02"), 130)))
                .isEqualTo(new ProofState.Stale(proof("02"), Link.LOOP, "cable length was 100 m, now 130 m"));
    }

    @Test
    void theFirstLinkThatDiffersIsTheReason() {
        ProofState state = after(
                Edits.zoneType(2, ZoneType.ALWAYS),
                LoopEdits.parts("tolerance", new PointId("02"), wiring -> wiring.withTolerancePercent(5)));
        assertThat(state).isInstanceOfSatisfying(ProofState.Stale.class, stale -> {
            assertThat(stale.link()).isEqualTo(Link.LOOP);
            assertThat(stale.why()).isEqualTo("tolerance was 1 %, now 5 %");
        });
    }

    @Test
    void everythingUpstreamCounts() {
        List<Edit> edits = List.of(
                LoopEdits.parts("alarm resistor", new PointId("02"), wiring -> wiring.withAlarmOhms(5600)),
                Edits.zoneType(2, ZoneType.ALWAYS),
                Edits.zoneArea(2, Optional.of(2)),
                Edits.account(1, "4321"),
                Edits.cableCelsius(new CableId("C-02"), -10, 30));
        for (Edit edit : edits) {
            assertThat(after(edit)).as(edit.what()).isInstanceOf(ProofState.Stale.class);
        }
    }

    @Test
    void anotherPointsCableAndANewNameDoNotMatter() {
        assertThat(after(Edits.cableMetres(new CableId("C-01"), 300))).isInstanceOf(ProofState.Proven.class);
        Edit rename = new Edit(
                "name",
                its -> its.withPoints(its.points().stream()
                        .map(point -> point.withName("Renamed"))
                        .toList()));
        assertThat(after(rename)).isInstanceOf(ProofState.Proven.class);
    }

    @Test
    void withoutARestoreItIsHalf() {
        Proof half = new Proof(
                new PointId("mains"),
                AT,
                9,
                "practice station",
                "frame",
                Optional.empty(),
                ProofBasis.of(job, SmallJob.EVENTS, new PointId("mains")));
        assertThat(ProofState.of(Optional.of(half), ProofBasis.of(job, SmallJob.EVENTS, new PointId("mains")), true))
                .isInstanceOf(ProofState.NotRestored.class);
        assertThat(ProofState.of(Optional.empty(), ProofBasis.of(job, SmallJob.EVENTS, new PointId("mains")), true))
                .isInstanceOf(ProofState.Never.class);
    }

    @Test
    void anUnknownPointIsRefused() {
        assertThatThrownBy(() -> ProofBasis.of(job, SmallJob.EVENTS, new PointId("99")))
                .hasMessage("the job has no point 99");
    }
}
