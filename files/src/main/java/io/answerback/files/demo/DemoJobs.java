package io.answerback.files.demo;

import io.answerback.job.Job;

/// The demo jobs by number.
public final class DemoJobs {
    /// How many there are.
    public static final int COUNT = 1;

    private DemoJobs() {}

    /// Returns `number`.
    ///
    /// @throws IllegalArgumentException when there is no demo with that number
    public static int require(int number) {
        if (number < 1 || number > COUNT) {
            throw new IllegalArgumentException(
                    "there is no demo " + number + "; there is demo 1, Brinewell Cold Store");
        }
        return number;
    }

    /// Demo job `number`, from 1 to [#COUNT].
    ///
    /// @throws IllegalArgumentException when there is none with that number
    public static Job job(int number) {
        require(number);
        return BrinewellColdStore.job();
    }
}
