package io.answerback.benchmarks;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.model.site.Job;
import io.answerback.files.DataFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// Holds the ratios that must not get worse against their limits. What a ratio compares is measured in turn, so
/// that it says the same on a slow machine and on a fast one.
public final class Guard {
    private static final int SMALL = 512;
    private static final int LARGE = 5000;
    private static final int EDITS = 30;
    private static final int WARM_UP = 15;
    private static final int ROUNDS = 9;
    private static final int REPEATS = 50;

    private final Assessor assessor = new Assessor(DataFiles.events());
    private final Map<String, Double> ratios = new LinkedHashMap<>();
    private double sink;

    private Guard() {}

    /// A job that is edited again and again.
    private final class Edited {
        private final Job job;
        private final List<Double> fromNothing = new ArrayList<>();
        private final List<Double> edits = new ArrayList<>();
        private Assessment last;
        private int metres;

        Edited(int points) {
            job = LargeJobs.of(points);
            last = assessor.assess(job);
        }

        void nothing() {
            fromNothing.add(millis(() -> sink += assessor.assess(job).findings().size()));
        }

        void edit() {
            for (int i = 0; i < EDITS; i++) {
                metres = metres % 200 + 1;
                edits.add(millis(() -> last = assessor.assess(LargeJobs.edited(last.job(), metres), last)));
            }
        }

        void forget() {
            fromNothing.clear();
            edits.clear();
        }
    }

    private static double millis(Runnable done) {
        long begun = System.nanoTime();
        done.run();
        return (System.nanoTime() - begun) / 1e6;
    }

    private static double median(List<Double> figures) {
        return figures.stream().sorted().toList().get(figures.size() / 2);
    }

    /// Something that has nothing to do with us and never changes: a hundred thousand figures made, sorted and
    /// written down.
    private void arithmetic() {
        double[] figures = new SplittableRandom(1).doubles(100_000).toArray();
        Arrays.sort(figures);
        StringBuilder words = new StringBuilder();
        for (int i = 0; i < figures.length; i += 5) {
            words.append((long) (figures[i] * 1e9)).append(' ');
        }
        sink += words.toString().hashCode();
    }

    /// As long as what it is compared with, so that a slow moment of the machine is in both.
    private void arithmeticAgain() {
        for (int i = 0; i < REPEATS; i++) {
            arithmetic();
        }
    }

    /// The ratio of each round: within one the machine is as fast for both.
    private static List<Double> each(List<Double> some, List<Double> others) {
        return IntStream.range(0, some.size())
                .mapToObj(round -> some.get(round) / others.get(round))
                .toList();
    }

    private double assess() {
        Edited small = new Edited(SMALL);
        Edited large = new Edited(LARGE);
        List<Double> arithmetic = new ArrayList<>();
        for (int i = 0; i < WARM_UP; i++) {
            small.nothing();
            small.edit();
            arithmetic();
        }
        large.edit();
        small.forget();
        large.forget();
        for (int i = 0; i < ROUNDS; i++) {
            small.nothing();
            small.edit();
            arithmetic.add(millis(this::arithmeticAgain) / REPEATS);
            large.edit();
            if (i % 3 == 0) {
                large.nothing();
            }
        }
        double nothing = median(small.fromNothing);
        ratios.put("edit-512", median(small.edits) / nothing);
        ratios.put("edit-5000", median(large.edits) / median(large.fromNothing));
        ratios.put("edit-5000-to-512", median(large.edits) / median(small.edits));
        ratios.put("nothing-512-to-arithmetic", median(each(small.fromNothing, arithmetic)));
        return median(arithmetic);
    }

    private void station() throws IOException {
        ratios.put("station-to-echo", StationPace.ofEcho());
    }

    /// What was measured in programs of their own: one figure a line, after its name.
    private void given(Path figures, double arithmeticMillis) throws IOException {
        Map<String, List<Double>> all = new LinkedHashMap<>();
        try (Stream<String> lines = Files.lines(figures)) {
            lines.map(line -> line.split(" "))
                    .forEach(words -> all.computeIfAbsent(words[0], name -> new ArrayList<>())
                            .add(Double.parseDouble(words[1])));
        }
        double empty = median(all.get("empty"));
        ratios.put("demo-to-empty-window", median(all.get("demo")) / empty);
        double slowest = all.get("frame").stream().mapToDouble(its -> its).max().orElseThrow();
        double picture = median(all.get("picture"));
        ratios.put("slowest-next-point-to-arithmetic", (slowest - picture) / arithmeticMillis);
    }

    /// @return whether each ratio is within its limit
    private boolean judge(Path limits) throws IOException {
        boolean held = true;
        List<String> said = new ArrayList<>();
        for (String line : Files.readAllLines(limits)) {
            if (line.isBlank() || line.startsWith("#")) {
                continue;
            }
            String[] words = line.split(" +");
            Double ratio = ratios.remove(words[0]);
            if (ratio == null) {
                throw new IllegalArgumentException(limits + ": " + words[0] + " is not measured");
            }
            boolean least = words[1].equals("least");
            double limit = Double.parseDouble(words[2]);
            boolean within = least ? ratio >= limit : ratio <= limit;
            held &= within;
            said.add(String.format(
                    Locale.ROOT, "%s %.4g (%s %s%s)", words[0], ratio, words[1], words[2], within ? "" : ", NOT KEPT"));
        }
        if (!ratios.isEmpty()) {
            throw new IllegalArgumentException(limits + " has no limit for " + ratios.keySet());
        }
        System.out.println(String.join("; ", said));
        return held;
    }

    /// Runs from the command line: the figures that were measured in programs of their own, and the limits.
    /// Leaves with 1 when a limit is not kept.
    public static void main(String[] arguments) throws IOException {
        Guard guard = new Guard();
        double arithmeticMillis = guard.assess();
        guard.station();
        guard.given(Path.of(arguments[0]), arithmeticMillis);
        boolean held = guard.judge(Path.of(arguments[1]));
        System.exit(held && !Double.isNaN(guard.sink) ? 0 : 1);
    }
}
