package io.answerback.benchmarks;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/// Random sequences of every edit there is, on all demos: an assessment that builds on the one before equals one
/// from nothing, and no edit throws anything but a refusal. `benchmarks/edits` goes on to ten thousand.
class EditRunTest {
    @Test
    void whatIsTakenOverIsWhatWouldBeComputed() throws Exception {
        EditRun.Result all = new EditRun(20261202).run(50, 12);
        assertThat(all.failures()).isEmpty();
        assertThat(all.sequences()).isEqualTo(50);
        assertThat(all.never()).hasSizeLessThan(20);
    }
}
