package io.answerback.benchmarks;

import io.answerback.command.Main;
import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.survey.NewJob;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.SettingsFile;
import io.answerback.files.demo.DemoJobs;
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

/// Damages the demos, the profiles and the rules again and again, and reads, assesses and writes what can be
/// read, with every verb: nothing may be thrown that is not a refusal in plain words, and nothing may be read
/// that cannot be written and read again.
public final class MutationRun {
    private static final Pattern JAVA_WORDS = Pattern.compile(
            "[A-Za-z]Exception|\\bnull pointer|java\\.|tools\\.jackson|io\\.answerback\\.|JsonToken|START_|[a-z]\\$[A-Z]|\\R");
    private static final int MOST_FAILURES = 20;

    private final Mutations mutations;
    private final Random random;
    private final Path folder;
    private final List<Subject> subjects = new ArrayList<>();
    private final List<String> failures = new ArrayList<>();
    private final Assessor assessor = new Assessor(DataFiles.events()).on(LocalDate.of(2026, 6, 1));
    private int tried;
    private int accepted;
    private int refused;

    private record Subject(String name, String text, String ending) {}

    /// @param seed begins the same run again
    /// @param folder where the damaged files are put, one at a time
    public MutationRun(long seed, Path folder) throws IOException, BrokenFile {
        this.mutations = new Mutations(seed);
        this.random = new Random(seed);
        this.folder = folder;
        Path file = folder.resolve("whole" + JobFile.ENDING);
        for (int demo = 1; demo <= DemoJobs.COUNT; demo++) {
            JobFile.overwrite(file, JobDocument.of(DemoJobs.job(demo)));
            subjects.add(new Subject("demo " + demo, Files.readString(file), JobFile.ENDING));
        }
        for (var profile : DataFiles.profiles()) {
            Path its = folder.resolve("p" + SettingsFile.PROFILE_ENDING);
            SettingsFile.save(its, profile);
            subjects.add(new Subject(profile.id(), Files.readString(its), SettingsFile.PROFILE_ENDING));
        }
        for (var rules : DataFiles.rules()) {
            Path its = folder.resolve("r" + SettingsFile.RULES_ENDING);
            SettingsFile.save(its, rules);
            subjects.add(new Subject(rules.name(), Files.readString(its), SettingsFile.RULES_ENDING));
        }
    }

    /// What a run came to.
    ///
    /// @param failures what was thrown or said that must not be, at most some
    public record Result(int tried, int accepted, int refused, List<String> failures) {}

    /// Tries so many damaged documents.
    ///
    /// @param verbs whether each job that can be read goes through every verb, too
    public Result run(int count, boolean verbs) throws IOException {
        for (int i = 0; i < count && failures.size() < MOST_FAILURES; i++) {
            Subject subject = subjects.get(i % subjects.size());
            byte[] damaged = mutations.damaged(subject.text());
            Path file = folder.resolve("damaged" + subject.ending());
            Files.write(file, damaged);
            tried++;
            try {
                take(subject, file, verbs);
                accepted++;
            } catch (BrokenFile refusal) {
                refused++;
                requirePlain(subject, refusal.getMessage());
            } catch (Exception | StackOverflowError thrown) {
                fail(subject, file, thrown);
            }
        }
        return new Result(tried, accepted, refused, List.copyOf(failures));
    }

    private void take(Subject subject, Path file, boolean verbs) throws BrokenFile, IOException {
        if (subject.ending().equals(JobFile.ENDING)) {
            takeJob(subject, file, verbs);
        } else if (subject.ending().equals(SettingsFile.PROFILE_ENDING)) {
            var profile = SettingsFile.profile(file);
            assessor.assess(NewJob.of(
                    "Site",
                    "",
                    DataFiles.rules().getFirst(),
                    io.answerback.core.practice.PracticeOption.SET_UNSET,
                    profile));
        } else {
            SettingsFile.rules(file);
        }
    }

    private void takeJob(Subject subject, Path file, boolean verbs) throws BrokenFile, IOException {
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

    private void verb(Subject subject, String[] call) {
        PrintStream before = System.out;
        StringWriter errors = new StringWriter();
        System.setOut(new PrintStream(OutputStream.nullOutputStream()));
        try {
            Main.commandLine().setErr(new PrintWriter(errors, true)).execute(call);
        } finally {
            System.setOut(before);
        }
        requirePlain(new Subject(subject.name() + ", " + String.join(" ", call), "", ""), errors.toString());
    }

    private void requirePlain(Subject subject, String says) {
        says = says == null ? "" : says.strip();
        if (JAVA_WORDS.matcher(says).find() || says.length() > 4000) {
            failures.add("%s is refused in no plain words: %s".formatted(subject.name(), says));
        }
    }

    private void fail(Subject subject, Path file, Throwable thrown) throws IOException {
        Path kept = folder.resolve("failed-" + failures.size() + subject.ending());
        Files.copy(file, kept, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
        StringBuilder where = new StringBuilder();
        for (int i = 0; i < Math.min(6, thrown.getStackTrace().length); i++) {
            where.append(" < ").append(thrown.getStackTrace()[i]);
        }
        failures.add("%s, kept as %s: %s%s".formatted(subject.name(), kept, thrown, where));
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
                "%d tried, %d accepted, %d refused, %d thrown or badly said, in %.0f s%n",
                result.tried(),
                result.accepted(),
                result.refused(),
                result.failures().size(),
                (System.nanoTime() - begun) / 1e9);
        result.failures().forEach(System.out::println);
        System.exit(result.failures().isEmpty() ? 0 : 1);
    }
}
