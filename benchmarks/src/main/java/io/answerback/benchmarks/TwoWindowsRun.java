package io.answerback.benchmarks;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.id.CableId;
import io.answerback.files.BrokenFile;
import io.answerback.files.ChangedOutside;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.record.JobLog;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/// Two windows of one program folder and a colleague elsewhere edit and save one job file for a time. The
/// file can be read at every moment, the log stays whole, the second window writes nothing into either, and
/// neither window fails.
public final class TwoWindowsRun {
    private static final CableId COLLEAGUES = new CableId("C-07");

    private TwoWindowsRun() {}

    private static Process window(List<String> command, Path file, Path home, int seed, Path errors)
            throws IOException {
        List<String> words = new ArrayList<>(command);
        words.addAll(List.of(file.toString(), home.toString(), Integer.toString(seed)));
        Process window = new ProcessBuilder(words)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .redirectError(errors.toFile())
                .start();
        KillRun.endsWithThis(window);
        return window;
    }

    /// A colleague opens the file, edits it and saves it, unless it was changed meanwhile.
    ///
    /// @return whether it was saved
    private static boolean edited(Path file, int metres) throws BrokenFile, IOException {
        JobDocument read = JobFile.open(file);
        try {
            JobFile.save(file, read.with(Edits.cableMetres(COLLEAGUES, metres).on(read.job())));
            return true;
        } catch (ChangedOutside meanwhile) {
            return false;
        }
    }

    /// Runs from the command line: how many minutes, and after "--" the command that opens a window.
    public static void main(String[] arguments) throws Exception {
        List<String> words = List.of(arguments);
        int command = words.indexOf("--");
        double minutes = Double.parseDouble(words.get(0));
        Path folder = Files.createTempDirectory("answerback-windows");
        Path home = Files.createDirectories(folder.resolve("home"));
        Path file = folder.resolve("site.answerback.json");
        JobFile.save(file, JobDocument.of(DemoJobs.job(1)));
        List<String> window = words.subList(command + 1, words.size());
        Process first = window(window, file, home, 1, folder.resolve("first"));
        Thread.sleep(8000);
        Process second = window(window, file, home, 2, folder.resolve("second"));
        Random random = new Random(3);
        long until = System.nanoTime() + (long) (minutes * 60e9);
        int reads = 0;
        int saves = 0;
        int refused = 0;
        while (System.nanoTime() < until && first.isAlive() && second.isAlive()) {
            Thread.sleep(500 + random.nextInt(3000));
            reads++;
            if (edited(file, 10 + random.nextInt(80))) {
                saves++;
            } else {
                refused++;
            }
        }
        boolean alive = first.isAlive() && second.isAlive();
        first.destroyForcibly().waitFor();
        second.destroyForcibly().waitFor();
        JobLog.Read log = JobLog.beside(file).read();
        System.out.printf(
                "%d times read, %d saved by the colleague, %d refused; both windows %s; log of %d lines %s; %d kB of errors%n",
                reads,
                saves,
                refused,
                alive ? "alive" : "NOT alive",
                log.lines().size(),
                log.broken().orElse("whole"),
                (Files.size(folder.resolve("first")) + Files.size(folder.resolve("second"))) / 1024);
        System.out.println(folder);
        System.exit(alive && log.broken().isEmpty() ? 0 : 1);
    }
}
