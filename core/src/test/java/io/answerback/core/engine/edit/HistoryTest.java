package io.answerback.core.engine.edit;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Edited;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Proof;
import io.answerback.core.prove.proof.ProofBasis;
import io.answerback.core.testing.SmallJob;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class HistoryTest {
    private final Job job = SmallJob.job();

    @Property
    void undoingEverythingAndRedoingEverythingComesBack(
            @ForAll @Size(max = 30) List<@IntRange(min = 1, max = 900) Integer> lengths) {
        History history = History.of(job);
        for (int metres : lengths) {
            history = after(history, Edits.cableMetres(new CableId("C-01"), metres));
        }
        Job last = history.present();
        while (history.undoName().isPresent()) {
            history = history.undo();
        }
        assertThat(history.present()).isEqualTo(job);
        while (history.redoName().isPresent()) {
            history = history.redo();
        }
        assertThat(history.present()).isEqualTo(last);
    }

    @Test
    void eachStepHasItsName() {
        History history =
                after(after(History.of(job), Edits.cableMetres(new CableId("C-01"), 50)), Edits.account(1, "4321"));
        assertThat(history.undoName()).contains("account of area 1");
        assertThat(history.undo().redoName()).contains("account of area 1");
        assertThat(history.undo().undo().undo().present()).isEqualTo(job);
    }

    @Test
    void aProofSurvivesUndoingTheEditBeforeIt() {
        Proof proof = new Proof(
                new PointId("01"),
                Instant.EPOCH,
                5,
                "station",
                "frame",
                Optional.empty(),
                ProofBasis.of(job, SmallJob.EVENTS, new PointId("01")));
        History history = after(History.of(job), Edits.cableMetres(new CableId("C-01"), 50))
                .learn(Edits.keepProof(proof)::on)
                .undo();
        assertThat(history.present().proofOf(new PointId("01"))).contains(proof);
        assertThat(history.present().cableTo(new PointId("01")).orElseThrow().metres())
                .isEqualTo(100);
        assertThat(history.redo().present().proofOf(new PointId("01"))).contains(proof);
    }

    @Test
    void anEditThatChangesNothingLeavesNoStep() {
        assertThat(after(History.of(job), Edits.cableMetres(new CableId("C-01"), 100))
                        .undoName())
                .isEmpty();
    }

    @Test
    void aRefusedEditIsAValueThatSaysWhy() {
        assertThat(Edits.cableMetres(new CableId("C-01"), -3).tried(job))
                .isEqualTo(new Edited.Refused("length of cable C-01 in metres is -3; it must be from 0 to 10000"));
    }

    private static History after(History history, Edit edit) {
        return history.after(edit.name(history.present()), new Edited.Done(edit.on(history.present())));
    }
}
