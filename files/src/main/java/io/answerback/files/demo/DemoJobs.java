package io.answerback.files.demo;

import io.answerback.job.Job;
import java.util.List;

/// The demo jobs by number.
public final class DemoJobs {
    /// How many there are.
    public static final int COUNT = 3;

    /// Their sites, in the order of their numbers.
    public static final List<String> NAMES =
            List.of("Brinewell Cold Store", "Pike Lane Pottery", "Ferrous Row Gallery");

    private DemoJobs() {}

    /// Returns `number`.
    ///
    /// @throws IllegalArgumentException when there is no demo with that number
    public static int require(int number) {
        if (number < 1 || number > COUNT) {
            throw new IllegalArgumentException(
                    "there is no demo %d; there are 1 to %d: %s".formatted(number, COUNT, String.join(", ", NAMES)));
        }
        return number;
    }

    /// Demo job `number`, from 1 to [#COUNT].
    ///
    /// @throws IllegalArgumentException when there is none with that number
    public static Job job(int number) {
        return switch (require(number)) {
            case 1 -> BrinewellColdStore.job();
            case 2 -> PikeLanePottery.job();
            default -> FerrousRowGallery.job();
        };
    }
}
