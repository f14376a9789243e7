package io.answerback.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.model.site.Job;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.Recovery;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.folder.OpenFiles;
import java.nio.file.Path;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Reading a job whole before anything of it is shown.
class ReadJobTest {
    @TempDir
    Path folder;

    private final Function<Job, Assessment> assess = new Assessor(DataFiles.events())::assess;

    private Path file() throws Exception {
        Path file = folder.resolve("site.answerback.json");
        JobFile.overwrite(file, JobDocument.of(DemoJobs.job(1)));
        return file;
    }

    private ReadJob read(Path file, Function<Job, Assessment> how) throws BrokenFile {
        return ReadJob.of(file, new Recovery(folder), new OpenFiles(folder), how, "new-1");
    }

    @Test
    void aJobWhoseAssessmentFailsIsRefusedAndTakesNoHold() throws Exception {
        Path file = file();
        assertThatThrownBy(() -> read(file, job -> {
                    throw new IllegalStateException("impossible figure");
                }))
                .isInstanceOf(BrokenFile.class)
                .hasMessageContainingAll(file.toString(), "impossible figure", "It was not opened");
        ReadJob whole = read(file, assess);
        assertThat(whole.elsewhere()).isFalse();
        whole.hold().orElseThrow().close();
    }

    @Test
    void aFileIsHeldByOneWindowUntilItLetsGo() throws Exception {
        Path file = file();
        ReadJob first = read(file, assess);
        ReadJob second = read(file, assess);
        assertThat(first.elsewhere()).isFalse();
        assertThat(second.elsewhere()).isTrue();
        assertThat(second.key()).isEqualTo("new-1");
        assertThat(second.readOnly()).contains("open in another window");
        first.hold().orElseThrow().close();
        ReadJob third = read(file, assess);
        assertThat(third.elsewhere()).isFalse();
        third.hold().orElseThrow().close();
    }
}
