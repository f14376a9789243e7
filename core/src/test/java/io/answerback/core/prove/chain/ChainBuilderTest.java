package io.answerback.core.prove.chain;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.Proof;
import io.answerback.core.prove.proof.ProofBasis;
import io.answerback.core.testing.SmallJob;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// Each link says what it comes to, how it stands and why, in words.
class ChainBuilderTest {
    private static LinkState link(Job job, String point, Link link) {
        return new Assessor(SmallJob.EVENTS)
                .assess(job)
                .point(new PointId(point))
                .orElseThrow()
                .chain()
                .of(link);
    }

    private static void assertLink(Edit edit, Link link, Mark mark, String figure, String line) {
        LinkState state = link(edit.on(SmallJob.job()), "02", link);
        assertThat(state.mark()).isEqualTo(mark);
        assertThat(state.figure()).contains(figure);
        assertThat(state.line()).contains(line);
    }

    @Test
    void theLoopIsSoundTightWrongOrNotKnown() {
        assertLink(Edits.cableMetres(new CableId("C-02"), 100), Link.LOOP, Mark.SOUND, "2\u2009219 Ω", "% inside when");
        assertLink(
                LoopEdits.parts("", new PointId("02"), its -> its.withEndOfLineOhms(2800)),
                Link.LOOP,
                Mark.TIGHT,
                "2\u2009819 Ω",
                "inside when shut");
        assertLink(
                LoopEdits.parts("", new PointId("02"), its -> its.withAlarmOhms(1000)),
                Link.LOOP,
                Mark.WRONG,
                "",
                "open reads between bands");
        assertLink(
                new Edit("", job -> job.withCables(List.of())), Link.LOOP, Mark.NOT_DONE, "not known", "no cable yet");
    }

    @Test
    void theInputIsThereOrMissing() {
        assertLink(Edits.cableMetres(new CableId("C-02"), 100), Link.INPUT, Mark.SOUND, "Panel · 2", "1.60 V");
        assertLink(new Edit("", job -> job.withInputs(List.of())), Link.INPUT, Mark.WRONG, "none", "not wired");
    }

    @Test
    void theZoneAndTheEventFallTogether() {
        assertLink(Edits.zoneType(2, ZoneType.NOT_USED), Link.ZONE, Mark.WRONG, "02 · off", "not monitored");
        assertLink(Edits.zoneType(2, ZoneType.NOT_USED), Link.EVENT, Mark.WRONG, "none", "nothing is sent");
        assertLink(Edits.zoneArea(2, Optional.empty()), Link.ZONE, Mark.WRONG, "02 · immediate", "no area");
        assertLink(Edits.account(1, ""), Link.EVENT, Mark.WRONG, "130 burglary", "no account");
        assertLink(Edits.account(1, "ABCDEF"), Link.EVENT, Mark.SOUND, "130 burglary", "#ABCDEF · 01 · 002");
    }

    @Test
    void theStationSaysHowTheProofStands() {
        Job job = SmallJob.job();
        assertThat(link(job, "02", Link.STATION).mark()).isEqualTo(Mark.NOT_DONE);
        Proof half = new Proof(
                new PointId("02"),
                Instant.EPOCH,
                12,
                "station",
                "frame",
                Optional.empty(),
                ProofBasis.of(job, SmallJob.EVENTS, new PointId("02")));
        assertThat(link(Edits.keepProof(half).on(job), "02", Link.STATION).line())
                .isEqualTo("restore not seen");
        Job proven = Edits.keepProof(half.withRestoredAt(Instant.EPOCH)).on(job);
        assertThat(link(proven, "02", Link.STATION).line()).isEqualTo("in 12 ms, and the restore");
        Job moved = Edits.cableMetres(new CableId("C-02"), 90).on(proven);
        assertThat(link(moved, "02", Link.STATION).mark()).isEqualTo(Mark.STALE);
    }

    @Test
    void aSystemPointHasNoLoopOfItsOwnButAnEventAndARoute() {
        assertThat(link(SmallJob.job(), "mains", Link.LOOP).figure()).isEqualTo("on the board");
        assertThat(link(SmallJob.job(), "mains", Link.EVENT).line()).isEqualTo("#1234 · 00 · 000");
        Job nameless = Edits.account(2, "").on(Edits.account(1, "").on(SmallJob.job()));
        assertThat(link(nameless, "mains", Link.EVENT).mark()).isEqualTo(Mark.WRONG);
    }
}
