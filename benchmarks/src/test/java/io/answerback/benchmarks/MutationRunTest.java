package io.answerback.benchmarks;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// Six hundred damaged demos, profiles and rules: each is refused in plain words, or read, assessed, written
/// and read again; the first few hundred that can be read go through every verb. `benchmarks/mutate` goes on to
/// a million.
class MutationRunTest {
    @TempDir
    Path folder;

    @Test
    void nothingThatIsDamagedThrows() throws Exception {
        MutationRun.Result all = new MutationRun(20261128, folder).run(600, false);
        assertThat(all.failures()).isEmpty();
        assertThat(all.tried()).isEqualTo(600);
        assertThat(all.refused()).isGreaterThan(300);
        assertThat(all.accepted()).isGreaterThan(15);
    }

    @Test
    void everyVerbTakesWhateverCanBeRead() throws Exception {
        MutationRun.Result verbs = new MutationRun(7, folder).run(90, true);
        assertThat(verbs.failures()).isEmpty();
    }
}
