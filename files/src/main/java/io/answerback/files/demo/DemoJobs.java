package io.answerback.files.demo;

import io.answerback.core.model.site.Job;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/// The demo jobs by number.
public final class DemoJobs {
    /// How many there are.
    public static final int COUNT = 3;

    /// Their sites, in the order of their numbers.
    public static final List<String> NAMES =
            List.of("Brinewell Cold Store", "Pike Lane Pottery", "Ferrous Row Gallery");

    /// What each is good for trying, in the order of their numbers.
    public static final List<String> ABOUT = List.of(
            "grade 3, 24 points on a keypad bus, half-way through, with faults left in",
            "a small closed-loop panel, arm and disarm wording, four-hour rules",
            "an old wired system taken over by a radio panel with three inputs");

    /// A job never changes, so each is made once.
    private static final Map<Integer, Job> MADE = new ConcurrentHashMap<>();

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

    /// Demo job `number`, from 1 to [#COUNT], with the dates it was written with.
    ///
    /// @throws IllegalArgumentException when there is none with that number
    public static Job job(int number) {
        return MADE.computeIfAbsent(require(number), its -> made(its, DemoDay.AS_WRITTEN));
    }

    /// Demo job `number` as it is for somebody who opens it on a day: everything in it happened as long before
    /// that day as it was written, so that what was due soon is due soon, and not long overdue.
    ///
    /// @throws IllegalArgumentException when there is none with that number
    public static Job job(int number, LocalDate today) {
        return made(require(number), DemoDay.on(today));
    }

    private static Job made(int number, DemoDay day) {
        return switch (number) {
            case 1 -> BrinewellColdStore.job(day);
            case 2 -> PikeLanePottery.job(day);
            default -> FerrousRowGallery.job(day);
        };
    }
}
