package io.answerback.benchmarks;

import io.answerback.files.LogLine;
import io.answerback.files.record.JobLog;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// How long a line takes in a log that is long already, and how long and how much memory the whole of it
/// takes to read.
public final class LogRun {
    private static final Instant BEGIN = Instant.parse("2026-06-02T10:00:00Z");
    private static final int AT_ONCE = 1000;
    private static final int ADDED = 200;

    private LogRun() {}

    private static LogLine line(int number) {
        return new LogLine(
                BEGIN.plusSeconds(number), "jk", "length of C-%d from 62 m to %d m".formatted(number, number));
    }

    private static JobLog filled(Path folder, int lines) throws IOException {
        JobLog log = JobLog.beside(folder.resolve("long.answerback.json"));
        for (int from = 0; from < lines; from += AT_ONCE) {
            List<LogLine> some = new ArrayList<>();
            for (int number = from; number < Math.min(lines, from + AT_ONCE); number++) {
                some.add(line(number));
            }
            log.add(some);
        }
        return log;
    }

    private static double[] added(JobLog log, int lines) throws IOException {
        double[] millis = new double[ADDED];
        for (int i = 0; i < ADDED; i++) {
            long begun = System.nanoTime();
            log.add(List.of(line(lines + i)));
            millis[i] = (System.nanoTime() - begun) / 1e6;
        }
        Arrays.sort(millis);
        return millis;
    }

    /// Runs from the command line: how many lines the log has.
    public static void main(String[] arguments) throws IOException {
        int lines = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 200_000;
        Path folder = Files.createTempDirectory("answerback-log");
        JobLog log = filled(folder, lines);
        double[] millis = added(log, lines);
        System.out.printf(
                "a line more behind %d: median %.2f ms, 95 %% %.2f ms, longest %.2f ms%n",
                lines, millis[ADDED / 2], millis[ADDED * 95 / 100], millis[ADDED - 1]);
        long begun = System.nanoTime();
        JobLog.Read read = log.read();
        System.out.printf(
                "read: %d lines in %.2f s of %d MB of heap, %s%n",
                read.lines().size(),
                (System.nanoTime() - begun) / 1e9,
                Runtime.getRuntime().maxMemory() >> 20,
                read.broken().orElse("whole"));
    }
}
