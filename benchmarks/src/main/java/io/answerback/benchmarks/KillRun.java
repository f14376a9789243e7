package io.answerback.benchmarks;

import io.answerback.core.model.id.CableId;
import io.answerback.core.model.site.Job;
import io.answerback.files.BrokenFile;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.LogLine;
import io.answerback.files.Recovery;
import io.answerback.files.Unsaved;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.record.JobLog;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/// Kills a window that edits and saves, again and again, and holds against one another what is left: the job
/// file, the edits that were kept, and the log.
public final class KillRun {
    private static final CableId CABLE = new CableId("C-17");
    private static final long LOST_MILLIS = 1000;

    private final Path folder;
    private final List<String> command;
    private final Random random;
    private long longestLostMillis;

    private KillRun(Path folder, List<String> command, long seed) {
        this.folder = folder;
        this.command = command;
        this.random = new Random(seed);
    }

    /// What a window said that it did.
    private record Done(int metres, long atMillis) {}

    private String once(int number) throws IOException, InterruptedException, BrokenFile {
        Path here = Files.createDirectories(folder.resolve("run-" + number));
        Path home = Files.createDirectories(here.resolve("home"));
        Path file = here.resolve("site.answerback.json");
        JobFile.save(file, JobDocument.of(DemoJobs.job(1)));
        List<String> words = new ArrayList<>(command);
        words.addAll(List.of(file.toString(), home.toString(), Integer.toString(number)));
        Process window = new ProcessBuilder(words)
                .redirectError(here.resolve("errors").toFile())
                .start();
        endsWithThis(window);
        List<Done> done = new ArrayList<>();
        int after = 5 + random.nextInt(150);
        BufferedReader out = window.inputReader(StandardCharsets.UTF_8);
        String line = "";
        while (done.size() < after && line != null) {
            line = out.readLine();
            if (line != null) {
                String[] parts = line.split(" ");
                done.add(new Done(Integer.parseInt(parts[0]), Long.parseLong(parts[1])));
            }
        }
        Thread.sleep(random.nextInt(40));
        long killedAt = done.size() == after ? System.currentTimeMillis() : 0;
        window.destroyForcibly();
        window.waitFor();
        return killedAt == 0 ? "the window ended by itself" : held(file, home, done, killedAt);
    }

    /// A run that is stopped leaves no window behind, which would slow down everything that is measured after
    /// it.
    static void endsWithThis(Process window) {
        Runtime.getRuntime().addShutdownHook(new Thread(window::destroyForcibly));
    }

    /// What does not agree, in words; empty where everything does.
    private String held(Path file, Path home, List<Done> done, long killedAt) throws IOException, BrokenFile {
        Job saved = JobFile.open(file).job();
        JobLog.Read log = JobLog.beside(file).read();
        if (log.broken().isPresent()) {
            return "the log is broken: " + log.broken().get();
        }
        if (log.lines().size() > metres(saved)) {
            return "the log has %d lines and the job %d edits"
                    .formatted(log.lines().size(), metres(saved));
        }
        Unsaved unsaved = new Recovery(home).find(file.toString());
        if (unsaved instanceof Unsaved.Damaged damaged) {
            return damaged.says();
        }
        int state = metres(saved);
        List<LogLine> lacking = List.of();
        if (unsaved instanceof Unsaved.Kept kept) {
            state = metres(kept.document().job());
            lacking = JobLog.beside(file).lacks(kept.log());
        }
        if (log.lines().size() + lacking.size() != state) {
            return "%d lines and %d that come back are not %d edits"
                    .formatted(log.lines().size(), lacking.size(), state);
        }
        int found = state;
        long lost = done.stream()
                .filter(edit -> edit.metres() > found)
                .mapToLong(edit -> killedAt - edit.atMillis())
                .max()
                .orElse(0);
        longestLostMillis = Math.max(longestLostMillis, lost);
        return lost > LOST_MILLIS ? "the edits of the last %d ms are lost".formatted(lost) : "";
    }

    /// How often the cable was edited: it has fewer metres before the first edit than after it.
    private static int metres(Job job) {
        return Math.max(0, (int) job.cable(CABLE).orElseThrow().metres() - EditingWindow.METRES_BEFORE);
    }

    /// Runs from the command line: how often, the seed, and after "--" the command that opens a window.
    public static void main(String[] arguments) throws Exception {
        List<String> words = List.of(arguments);
        int command = words.indexOf("--");
        int count = command > 0 ? Integer.parseInt(words.get(0)) : 200;
        long seed = command > 1 ? Long.parseLong(words.get(1)) : 1;
        Path folder = Files.createTempDirectory("answerback-kills");
        KillRun run = new KillRun(folder, words.subList(command + 1, words.size()), seed);
        int wrong = 0;
        for (int i = 0; i < count; i++) {
            String says = run.once(i);
            if (!says.isEmpty()) {
                wrong++;
                System.out.printf("%s: %s%n", folder.resolve("run-" + i), says);
            }
        }
        System.out.printf(
                "%d kills, %d after which something did not agree, at most the last %d ms lost%n",
                count, wrong, run.longestLostMillis);
        System.exit(wrong == 0 ? 0 : 1);
    }
}
