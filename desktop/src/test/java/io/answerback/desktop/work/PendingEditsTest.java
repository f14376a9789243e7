package io.answerback.desktop.work;

import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Proof;
import io.answerback.core.prove.proof.ProofBasis;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/// Edits on a machine so slow that nothing is computed while the window waits.
@ExtendWith(ApplicationExtension.class)
class PendingEditsTest {
    private static final CableId CABLE = new CableId("C-17");

    private final Assessor assessor = new Assessor(DataFiles.events());
    private final Job job = DemoJobs.job(1);
    private final OpenJob openJob = new OpenJob(assessor, assessor.assess(job), Optional.empty(), "");

    @BeforeEach
    void waitForNothing() {
        openJob.waitUpTo(Duration.ZERO);
    }

    @AfterEach
    void close() {
        onScreen(openJob::close);
    }

    private static void onScreen(Runnable change) {
        WaitForAsyncUtils.waitForAsyncFx(10_000, change);
    }

    private static double metres(Job its) {
        return its.cable(CABLE).orElseThrow().metres();
    }

    @Test
    void furtherEditsBuildOnThoseThatAreNotShownYet() {
        onScreen(() -> {
            openJob.apply(Edits.cableMetres(CABLE, 70));
            openJob.apply(Edits.cableMetres(new CableId("C-18"), 71));
            openJob.apply(Edits.cableMetres(CABLE, 72));
            assertThat(metres(openJob.latest().get())).isEqualTo(72);
            assertThat(openJob.unsaved()).isTrue();
        });
        until(() -> openJob.now().job() == openJob.latest().get());
        assertThat(openJob.now().history().past()).hasSize(3);
        Assessment fresh = assessor.assess(openJob.now().job());
        assertThat(openJob.now().assessment().findings()).isEqualTo(fresh.findings());
        assertThat(openJob.now().assessment().points()).isEqualTo(fresh.points());
        assertThat(openJob.now().assessment().stops()).isEqualTo(fresh.stops());
    }

    @Test
    void anEditThatIsTakenBackBeforeItIsShownNeverIs() {
        onScreen(() -> {
            openJob.apply(Edits.cableMetres(CABLE, 70));
            openJob.undo();
            assertThat(openJob.now().job()).isSameAs(job);
            assertThat(openJob.unsaved()).isFalse();
        });
    }

    @Test
    void whatIsToldAndLookedAtMeanwhileStays() {
        onScreen(() -> {
            openJob.apply(Edits.cableMetres(CABLE, 70), new PointId("07"));
            openJob.tell("Saved");
        });
        until(() -> metres(openJob.now().job()) == 70);
        assertThat(openJob.now().notice()).isEqualTo("Saved");
        assertThat(openJob.now().selected()).isEqualTo(new PointId("07"));
    }

    @Test
    void anEditCanBeGivenUpWhileItIsWorkedOut() {
        onScreen(() -> {
            openJob.apply(Edits.cableMetres(CABLE, 70));
            openJob.stop();
            assertThat(openJob.latest().get()).isSameAs(job);
            assertThat(openJob.now().notice())
                    .isEqualTo("Cancelled: the edits that were being worked out were not made.");
        });
        onScreen(() -> openJob.apply(Edits.cableMetres(CABLE, 80)));
        until(() -> metres(openJob.now().job()) == 80);
        assertThat(openJob.now().history().past()).hasSize(1);
    }

    /// A signal that was answered meanwhile has been answered, whatever becomes of the edit.
    @Test
    void aProofStaysWhenTheEditBesideItIsGivenUp() {
        Proof proof = new Proof(
                new PointId("22"),
                Instant.EPOCH,
                10,
                "practice station",
                "frame",
                Optional.empty(),
                ProofBasis.of(job, DataFiles.events(), new PointId("22")));
        onScreen(() -> {
            openJob.apply(Edits.cableMetres(CABLE, 70));
            openJob.learn(Edits.keepProof(proof)::on);
            openJob.stop();
            assertThat(openJob.latest().get().proofOf(proof.pointId())).contains(proof);
        });
        until(() -> openJob.now().job().proofOf(proof.pointId()).equals(Optional.of(proof)));
        assertThat(metres(openJob.now().job())).isEqualTo(metres(job));
    }
}
