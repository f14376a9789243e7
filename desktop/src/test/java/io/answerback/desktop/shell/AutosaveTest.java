package io.answerback.desktop.shell;

import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.argThat;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.atLeastOnce;
import static org.mockito.Mockito.doNothing;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.verify;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.site.Job;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.OpenJob;
import io.answerback.files.DataFiles;
import io.answerback.files.JobDocument;
import io.answerback.files.Recovery;
import io.answerback.files.demo.DemoJobs;
import java.io.IOException;
import java.nio.file.FileSystemException;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/// Unsaved edits on a disk that fails.
@ExtendWith({ApplicationExtension.class, MockitoExtension.class})
class AutosaveTest {
    @Mock
    private Recovery recovery;

    private final Assessor assessor = new Assessor(DataFiles.events());
    private final Job job = DemoJobs.job(1);
    private final OpenJob openJob = new OpenJob(assessor, assessor.assess(job), Optional.empty(), "");

    private void edit(Autosave autosave, double metres) {
        WaitForAsyncUtils.waitForAsyncFx(5_000, () -> {
            openJob.apply(Edits.cableMetres(new CableId("C-17"), metres));
            autosave.edited();
            autosave.flush();
        });
    }

    @Test
    void aDiskThatIsFullIsSaidInTheWindowAndTriedAgain() throws Exception {
        doThrow(new FileSystemException("unsaved", null, "No space left on device"))
                .when(recovery)
                .keep(eq("key"), any(), any());
        try (Background background = new Background(openJob::tell)) {
            Autosave autosave = new Autosave(openJob, background, recovery, new LogWriter());
            autosave.take(JobDocument.of(job), "key");
            edit(autosave, 63);
            until(() -> openJob.now().notice().startsWith("Unsaved edits cannot be kept against a crash"));
            assertThat(openJob.latest()
                            .get()
                            .cable(new CableId("C-17"))
                            .orElseThrow()
                            .metres())
                    .isEqualTo(63);
            doNothing().when(recovery).keep(eq("key"), any(), any());
            edit(autosave, 64);
            until(() -> kept(64));
            WaitForAsyncUtils.waitForAsyncFx(5_000, autosave::close);
        }
    }

    /// Whatever fails while edits are kept is said, memory that runs out too.
    @Test
    void whatFailsOnItsThreadIsSaid() throws Exception {
        doThrow(new OutOfMemoryError("Java heap space")).when(recovery).keep(eq("key"), any(), any());
        try (Background background = new Background(openJob::tell)) {
            Autosave autosave = new Autosave(openJob, background, recovery, new LogWriter());
            autosave.take(JobDocument.of(job), "key");
            edit(autosave, 63);
            until(() -> openJob.now().notice().contains("there is not enough memory"));
            WaitForAsyncUtils.waitForAsyncFx(5_000, autosave::close);
        }
    }

    private boolean kept(double metres) {
        try {
            verify(recovery, atLeastOnce())
                    .keep(
                            eq("key"),
                            argThat(document -> document.job()
                                            .cable(new CableId("C-17"))
                                            .orElseThrow()
                                            .metres()
                                    == metres),
                            any());
            return true;
        } catch (AssertionError | IOException notYet) {
            return false;
        }
    }
}
