package io.answerback.core.learn.question;

import io.answerback.core.assess.Assessment;
import io.answerback.core.learn.exercise.Exercise;
import io.answerback.core.learn.exercise.Solution;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.site.Point;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;

/// What a device does by itself and the panel has to be programmed for: that it stays in alarm until it is reset,
/// and that it opens for a moment only.
final class DeviceExercises {
    private static final int CHOICES = 4;
    private static final List<Integer> RESPONSES = List.of(10, 50, 100, 250, 300, 400, 500, 750);

    private DeviceExercises() {}

    /// One of the two; empty where no site has a device for it.
    static Optional<Exercise> make(Ask ask, List<Assessment> sites, Random random) {
        List<Point> points = sites.stream()
                .flatMap(site -> site.job().points().stream())
                .filter(point -> point.inSeries().isEmpty())
                .toList();
        Optional<Exercise> latched = latched(ask, points, random);
        return random.nextBoolean() ? latched : pulse(ask, points, random).or(() -> latched);
    }

    private static Optional<Exercise> latched(Ask ask, List<Point> points, Random random) {
        List<Point> stay = points.stream()
                .filter(point -> point.kind().latch().isPresent())
                .toList();
        if (stay.isEmpty()) {
            return Optional.empty();
        }
        Point right = Exercises.one(stay, random, "device that stays in alarm");
        List<Point> others = new ArrayList<>(
                points.stream().filter(point -> point.kind().latch().isEmpty()).toList());
        Collections.shuffle(others, random);
        List<String> words = Stream.concat(Stream.of(right), others.stream().limit(CHOICES - 1L))
                .map(DeviceExercises::words)
                .distinct()
                .toList();
        return Optional.of(ask.of(
                "Each of these was tripped once. Which of them still reads as in alarm a minute later?",
                List.of("A loop reads as in alarm as long as its device does"),
                Choices.of(words, words(right), CHOICES, random),
                Solution.exactly(
                        words(right),
                        Text.of(
                                "A %s stays in alarm until it is brought back %s.",
                                right.kind().name(),
                                right.kind().latch().orElseThrow().words()),
                        "Whoever waits for its restore without resetting it waits for ever.")));
    }

    private static Optional<Exercise> pulse(Ask ask, List<Point> points, Random random) {
        List<Point> brief =
                points.stream().filter(point -> point.kind().pulseMillis() > 0).toList();
        if (brief.isEmpty()) {
            return Optional.empty();
        }
        PointKind kind =
                Exercises.one(brief, random, "device that opens for a moment").kind();
        List<Integer> slow =
                RESPONSES.stream().filter(millis -> millis > kind.pulseMillis()).toList();
        List<Integer> fast =
                RESPONSES.stream().filter(millis -> millis < kind.pulseMillis()).toList();
        String right = millis(Exercises.one(fast, random, "response"));
        return Optional.of(
                ask.of(
                        Text.of(
                                "A %s opens its contact for %d ms. Which of these responses of its input sees it?",
                                kind.name(), kind.pulseMillis()),
                        List.of("The input has to read in alarm for the whole of its response"),
                        Choices.of(slow.stream().map(DeviceExercises::millis).toList(), right, CHOICES, random),
                        Solution.exactly(
                                right,
                                Text.of("%s is less than %d ms.", right, kind.pulseMillis()),
                                "An input that is slower than the pulse never sees it: the detector trips, and nothing arrives.")));
    }

    private static String millis(int millis) {
        return millis + " ms";
    }

    private static String words(Point point) {
        return point.name() + ", " + point.kind().name();
    }
}
