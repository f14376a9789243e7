package io.answerback.files.demo;

import io.answerback.job.Job;

/// The demo jobs by number.
public final class DemoJobs {
    /// How many there are.
    public static final int COUNT = 1;

    private DemoJobs() {}

    /// Demo job `number`, from 1 to [#COUNT].
    ///
    /// @throws IllegalArgumentException when there is none with that number
    public static Job job(int number) {
        if (number != 1) {
            throw new IllegalArgumentException(
                    "there is no demo " + number + "; there is demo 1, Brinewell Cold Store");
        }
        return BrinewellColdStore.job();
    }
}
