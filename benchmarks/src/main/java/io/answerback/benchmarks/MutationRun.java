package io.answerback.benchmarks;

import io.answerback.command.Main;
import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.regex.Pattern;

/// Damages files of every kind that is read again and again, and reads, assesses and writes what can be
/// read, jobs with every verb: nothing may be thrown that is not a refusal in plain words, and nothing may be
/// read that cannot be written and read again.
public final class MutationRun {
    /// Class names, and the words in which parsers speak of themselves.
    private static final Pattern PARSER_WORDS = Pattern.compile(
            "[A-Za-z]Exception|\\bnull pointer|java\\.|tools\\.jackson|io\\.answerback\\.|JsonToken|START_|[a-z]\\$[A-Z]|\\R"
                    + "|Unexpected|Unrecognized|For input string|\\bindex\\b|Index \\d|out of bounds|\\btoken\\b|EOF|end-of-input"
                    + "|could not be parsed|No enum constant|[Ii]llegal|Malformed|unescaped|encapsulated|unquoted|\\(0x");
    private static final Pattern LONG_WORD = Pattern.compile("\\S{130}");
    private static final int LONGEST_REFUSAL = 1000;
    private static final long LONGEST_MILLIS = 5000;
    private static final int MOST_FAILURES = 20;

    private final Mutations mutations;
    private final Random random;
    private final Path folder;
    private final List<MutatedFile> subjects;
    private final List<String> failures = new ArrayList<>();
    private final Assessor assessor = new Assessor(DataFiles.events()).on(LocalDate.of(2026, 6, 1));
    private int tried;
    private int accepted;
    private int refused;

    private long slowestMillis;

    /// @param seed begins the same run again
    /// @param folder where the damaged files are put, one at a time
    public MutationRun(long seed, Path folder) throws IOException, BrokenFile {
        this.mutations = new Mutations(seed);
        this.random = new Random(seed);
        this.folder = folder;
        this.subjects = new MutatedFiles(folder).all();
    }

    /// What a run came to.
    ///
    /// @param slowestMillis how long the slowest file took, in milliseconds
    /// @param failures what was thrown or said that must not be, at most some
    public record Result(int tried, int accepted, int refused, long slowestMillis, List<String> failures) {}

    /// Tries so many damaged documents.
    ///
    /// @param verbs whether each job that can be read goes through every verb, too
    public Result run(int count, boolean verbs) throws IOException {
        for (int i = 0; i < count && failures.size() < MOST_FAILURES; i++) {
            MutatedFile subject = subjects.get(i % subjects.size());
            byte[] damaged = mutations.damaged(subject.bytes(), subject.json());
            Path file = Files.write(folder.resolve("damaged" + subject.ending()), damaged);
            tried++;
            long begun = System.nanoTime();
            try {
                if (subject.ending().equals(JobFile.ENDING)) {
                    takeJob(subject, file, verbs);
                } else {
                    subject.reader().read(file);
                }
                accepted++;
            } catch (BrokenFile refusal) {
                refused++;
                requirePlain(subject.name(), file, refusal.getMessage());
            } catch (Exception | StackOverflowError | OutOfMemoryError thrown) {
                fail(subject, file, thrown);
            }
            took(subject, file, (System.nanoTime() - begun) / 1_000_000);
        }
        return new Result(tried, accepted, refused, slowestMillis, List.copyOf(failures));
    }

    private void took(MutatedFile subject, Path file, long millis) throws IOException {
        slowestMillis = Math.max(slowestMillis, millis);
        if (millis > LONGEST_MILLIS) {
            failures.add("%s took %d ms, kept as %s".formatted(subject.name(), millis, kept(file, subject.ending())));
        }
    }

    private void takeJob(MutatedFile subject, Path file, boolean verbs) throws BrokenFile, IOException {
        JobDocument read = JobFile.open(file);
        Assessment assessment = assessor.assess(read.job());
        if (read.newerVersion().isEmpty()) {
            Path again = folder.resolve("again" + JobFile.ENDING);
            JobFile.overwrite(again, read);
            if (!JobFile.open(again).job().equals(read.job())) {
                failures.add(subject.name() + ": is not read again as it was written");
            }
        }
        if (verbs) {
            String point = assessment
                    .points()
                    .get(random.nextInt(assessment.points().size()))
                    .pointId()
                    .text();
            for (String[] call : calls(file.toString(), point)) {
                verb(subject, call);
            }
        }
    }

    private static List<String[]> calls(String file, String point) {
        return List.of(
                new String[] {"check", file, "--json"},
                new String[] {"loop", file, "--point", point},
                new String[] {"netlist", file, "--point", point},
                new String[] {"netlist", file, "--supply"},
                new String[] {"supply", file, "--json"},
                new String[] {"bus", file},
                new String[] {"setup", file, "--all"},
                new String[] {"diagnose", file, "--point", point, "--ohms", "4k38"});
    }

    private void verb(MutatedFile subject, String[] call) throws IOException {
        PrintStream before = System.out;
        StringWriter errors = new StringWriter();
        System.setOut(new PrintStream(OutputStream.nullOutputStream()));
        try {
            Main.commandLine().setErr(new PrintWriter(errors, true)).execute(call);
        } finally {
            System.setOut(before);
        }
        requirePlain(subject.name() + ", " + String.join(" ", call), Path.of(call[1]), errors.toString());
    }

    private void requirePlain(String name, Path file, String says) throws IOException {
        says = says == null ? "" : says.strip();
        boolean parser = PARSER_WORDS.matcher(says).find();
        if (parser
                || says.isEmpty()
                || says.length() > LONGEST_REFUSAL
                || LONG_WORD.matcher(says.replace(file.toString(), "")).find()) {
            String shown = says.length() > 1500 ? says.substring(0, 1500) + "…" : says;
            failures.add("%s is refused in no plain words (%s): %s"
                    .formatted(name, kept(file, "-" + file.getFileName()), shown));
        }
    }

    private void fail(MutatedFile subject, Path file, Throwable thrown) throws IOException {
        StringBuilder where = new StringBuilder();
        for (int i = 0; i < Math.min(6, thrown.getStackTrace().length); i++) {
            where.append(" < ").append(thrown.getStackTrace()[i]);
        }
        failures.add("%s, kept as %s: %s%s".formatted(subject.name(), kept(file, subject.ending()), thrown, where));
    }

    private Path kept(Path file, String ending) throws IOException {
        return Files.copy(
                file,
                folder.resolve("failed-" + failures.size() + ending),
                java.nio.file.StandardCopyOption.REPLACE_EXISTING);
    }

    /// Runs from the command line: how many, and the seed. Leaves with 1 when anything was thrown.
    public static void main(String[] arguments) throws Exception {
        int count = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 1_000_000;
        long seed = arguments.length > 1 ? Long.parseLong(arguments[1]) : 1;
        Path folder = Files.createTempDirectory("answerback-mutations");
        MutationRun run = new MutationRun(seed, folder);
        long begun = System.nanoTime();
        Result result = run.run(count, arguments.length > 2 && arguments[2].equals("verbs"));
        System.out.printf(
                "%d tried, %d accepted, %d refused, %d thrown or badly said, the slowest %d ms, in %.0f s of %d MB of heap%n",
                result.tried(),
                result.accepted(),
                result.refused(),
                result.failures().size(),
                result.slowestMillis(),
                (System.nanoTime() - begun) / 1e9,
                Runtime.getRuntime().maxMemory() >> 20);
        result.failures().forEach(System.out::println);
        System.exit(result.failures().isEmpty() ? 0 : 1);
    }
}
