package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.site.Job;
import io.answerback.files.demo.DemoJobs;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Unsaved edits outlive the program, and what cannot be read is set aside and said.
class RecoveryTest {
    private static final List<LogLine> LOG =
            List.of(new LogLine(Instant.parse("2026-06-02T10:00:00.123456789Z"), "jk", "length of C-17"));

    @TempDir
    Path folder;

    private final Job edited = Edits.cableMetres(new CableId("C-01"), 99).on(DemoJobs.job(1));

    private Recovery recovery() {
        return new Recovery(folder);
    }

    private Path only() throws IOException {
        try (var files = Files.list(folder.resolve("unsaved"))) {
            return files.findFirst().orElseThrow();
        }
    }

    @Test
    void editsAreFoundAgainWithTheFileTheyWereMadeOnUntilTheyAreCleared() throws Exception {
        assertThat(recovery().find("a job")).isEqualTo(new Unsaved.Nothing());
        recovery().keep("a job", JobDocument.of(edited).withFingerprint("ab12"), LOG);
        Unsaved.Kept found = (Unsaved.Kept) recovery().find("a job");
        JobDocument kept = found.document();
        assertThat(found.log()).isEqualTo(LOG);
        assertThat(kept.job()).isEqualTo(edited);
        assertThat(kept.fingerprint()).isEqualTo("ab12");
        assertThat(recovery().find("another job")).isEqualTo(new Unsaved.Nothing());
        recovery().clear("a job");
        assertThat(recovery().find("a job")).isEqualTo(new Unsaved.Nothing());
    }

    @Test
    void whatAnEarlierVersionKeptIsReadToo() throws Exception {
        recovery().keep("a job", JobDocument.of(edited), LOG);
        Files.writeString(only(), JobCodec.write(JobDocument.of(edited)));
        assertThat(((Unsaved.Kept) recovery().find("a job")).document().job()).isEqualTo(edited);
    }

    @Test
    void aDamagedOneIsSetAsideAndSaidOnceAndStays() throws Exception {
        recovery().keep("a job", JobDocument.of(edited), LOG);
        String half = Files.readString(only()).substring(0, 900);
        Files.writeString(only(), half);
        Unsaved.Damaged damaged = (Unsaved.Damaged) recovery().find("a job");
        assertThat(damaged.aside()).hasContent(half);
        assertThat(damaged.says()).contains("set aside", damaged.aside().toString());
        assertThat(recovery().find("a job")).isEqualTo(new Unsaved.Nothing());
    }

    @Test
    void newJobsAreListedAndADamagedOneAmongThem() throws Exception {
        recovery().keep(Recovery.newKey(Instant.ofEpochMilli(7)), JobDocument.of(edited), LOG);
        recovery().keep(Recovery.newKey(Instant.ofEpochMilli(9)), JobDocument.of(edited), LOG);
        Files.writeString(folder.resolve("unsaved/new-9" + JobFile.ENDING), "{");
        assertThat(recovery().newJobs()).containsOnlyKeys("new-9", "new-7");
        assertThat(recovery().newJobs()).containsOnlyKeys("new-7");
    }

    @Test
    void aFolderThatCannotBeWrittenIsSaid() throws Exception {
        Path blocked = Files.writeString(folder.resolve("blocked"), "");
        assertThatThrownBy(() -> new Recovery(blocked).keep("a job", JobDocument.of(edited), LOG))
                .isInstanceOf(IOException.class);
    }

    /// Unsaved edits say as much of a site as its file; who else uses the computer does not see them.
    @Test
    void unsavedEditsAreTheirOwnersOnly() throws Exception {
        Path home = folder.resolve("new home");
        new Recovery(home).keep("a job", JobDocument.of(edited), LOG);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(home)))
                .isEqualTo("rwx------");
        Path unsaved = home.resolve("unsaved");
        Files.setPosixFilePermissions(unsaved, PosixFilePermissions.fromString("rwxr-xr-x"));
        new Recovery(home).keep("a job", JobDocument.of(edited), LOG);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(unsaved)))
                .isEqualTo("rwx------");
    }
}
