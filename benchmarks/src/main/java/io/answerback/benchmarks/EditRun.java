package io.answerback.benchmarks;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.memo.Fact;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.SeriesContact;
import io.answerback.core.setup.SetupState;
import io.answerback.core.wiring.cabling.FirstFix;
import io.answerback.core.wiring.cabling.WiringRun;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import io.answerback.files.JobCodec;
import io.answerback.files.JobDocument;
import io.answerback.files.demo.DemoJobs;
import java.io.IOException;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Type;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Stream;

/// Makes random sequences of every edit there is on all demos, holds each assessment that builds on the one
/// before equal to one from nothing, and looks through its findings.
public final class EditRun {
    private static final int TRIES_AN_EDIT = 20;
    private static final int MOST_FAILURES = 10;

    private final Random random;
    private final List<Method> methods = EditCatalogue.methods();
    private final Map<String, Fact<?>> facts = FactCatalogue.facts();
    private final Map<String, Integer> accepted = new LinkedHashMap<>();
    private final List<String> failures = new ArrayList<>();
    private final Assessor assessor = new Assessor(DataFiles.events()).on(LocalDate.of(2026, 6, 1));
    private final List<Job> demos = new ArrayList<>();
    private final List<ValuePool> pools = new ArrayList<>();

    /// @param seed begins the same run again
    public EditRun(long seed) throws IOException {
        this.random = new Random(seed);
        methods.forEach(method -> accepted.put(name(method), 0));
        for (int demo = 1; demo <= DemoJobs.COUNT; demo++) {
            Job job = DemoJobs.job(demo);
            demos.add(job);
            pools.add(pool(job));
        }
    }

    private ValuePool pool(Job job) {
        Assessment assessment = assessor.assess(job);
        ValuePool pool = new ValuePool()
                .add(job)
                .add(assessment.get(SetupState.FACT))
                .add(FirstFix.of(job, assessment.get(CorePlan.FACT)));
        assessment
                .get(CorePlan.FACT)
                .boxes()
                .forEach(box -> pool.add(WiringRun.of(box, WiringRun.Order.CABLE_BY_CABLE)));
        DataFiles.profiles().forEach(pool::add);
        DataFiles.rules().forEach(pool::add);
        return pool;
    }

    /// What a run came to.
    ///
    /// @param sequences how many sequences were made
    /// @param edits how many edits were accepted in them
    /// @param never the edits that were never accepted, by name
    /// @param failures what differed from an assessment from nothing, or was thrown; at most some
    public record Result(int sequences, int edits, List<String> never, List<String> failures) {}

    /// Makes so many sequences of some edits each.
    public Result run(int sequences, int editsEach) {
        int done = 0;
        for (; done < sequences && failures.size() < MOST_FAILURES; done++) {
            sequence(done % demos.size(), editsEach);
        }
        List<String> never = accepted.keySet().stream()
                .filter(name -> accepted.get(name) == 0)
                .toList();
        int edits = accepted.values().stream().mapToInt(Integer::intValue).sum();
        return new Result(done, edits, never, List.copyOf(failures));
    }

    /// Demos with some random edits each, for whoever wants jobs on which something is wrong.
    List<Job> broken(int jobs, int editsEach) {
        List<Job> broken = new ArrayList<>();
        for (int number = 0; number < jobs; number++) {
            int demo = number % demos.size();
            Job job = demos.get(demo);
            RandomArguments arguments = new RandomArguments(random, pools.get(demo), ids(job));
            for (int edit = 0; edit < editsEach; edit++) {
                job = edited(job, arguments, new ArrayList<>());
            }
            broken.add(job);
        }
        return broken;
    }

    private void sequence(int demo, int edits) {
        Job job = demos.get(demo);
        Assessment running = assessor.assess(job);
        List<String> made = new ArrayList<>();
        RandomArguments arguments = new RandomArguments(random, pools.get(demo), ids(job));
        try {
            for (int i = 0; i < edits; i++) {
                job = edited(job, arguments, made);
                running = assessor.assess(job, running);
            }
            String after = "demo %d after %s".formatted(demo + 1, made);
            compare(running, assessor.assess(job), after);
            FindingFaults.of(assessor, running).forEach(fault -> failures.add(fault + ", in " + after));
            readBack(job).ifPresent(wrong -> failures.add(wrong + ", in " + after));
        } catch (RuntimeException thrown) {
            failures.add("demo %d after %s: %s at %s"
                    .formatted(
                            demo + 1,
                            made,
                            thrown,
                            List.of(thrown.getStackTrace()).subList(0, 6)));
        }
    }

    /// What a file of the job does not bring back; empty when it brings back the job, or draws made up two kinds
    /// of point or two types of cable under one name, of which a file keeps one.
    private static Optional<String> readBack(Job job) {
        try {
            Job read = JobCodec.read(JobCodec.write(JobDocument.of(job)), "its file")
                    .job();
            return read.equals(job) || twoOfOneName(job)
                    ? Optional.empty()
                    : Optional.of("its file is read as another job");
        } catch (BrokenFile refused) {
            return Optional.of(refused.getMessage());
        }
    }

    private static boolean twoOfOneName(Job job) {
        Stream<PointKind> kinds = job.points().stream()
                .flatMap(point -> Stream.concat(
                        Stream.of(point.kind()), point.inSeries().stream().map(SeriesContact::kind)));
        Stream<CableType> types = job.cables().stream().flatMap(cable -> cable.installation().type().stream());
        return twoOfOneName(kinds, PointKind::id) || twoOfOneName(types, CableType::id);
    }

    private static <T> boolean twoOfOneName(Stream<T> parts, Function<T, String> id) {
        List<T> different = parts.distinct().toList();
        return different.stream().map(id).distinct().count() < different.size();
    }

    private static List<String> ids(Job job) {
        List<String> ids = new ArrayList<>();
        job.points().forEach(point -> ids.add(point.id().text()));
        job.cables().forEach(cable -> ids.add(cable.id().text()));
        job.inputs().forEach(input -> ids.add(input.id().text()));
        job.modules()
                .forEach(module -> ids.addAll(List.of(
                        module.id().text(), module.id().text(), module.id().text())));
        return ids;
    }

    private Job edited(Job job, RandomArguments arguments, List<String> made) {
        Method method = methods.get(random.nextInt(methods.size()));
        for (int i = 0; i < TRIES_AN_EDIT; i++) {
            try {
                Edit edit = (Edit) method.invoke(null, drawn(method, arguments));
                Job next = edit.on(job);
                accepted.merge(name(method), 1, Integer::sum);
                made.add(edit.name(job));
                return next;
            } catch (IllegalArgumentException | RandomArguments.NotDrawn refused) {
                continue;
            } catch (InvocationTargetException thrown) {
                if (!(thrown.getCause() instanceof IllegalArgumentException)
                        && !(thrown.getCause() instanceof RandomArguments.NotDrawn)) {
                    throw new IllegalStateException(name(method), thrown.getCause());
                }
            } catch (IllegalAccessException impossible) {
                throw new IllegalStateException(impossible);
            }
        }
        return job;
    }

    private static Object[] drawn(Method method, RandomArguments arguments) {
        List<Object> drawn = new ArrayList<>();
        for (Type type : method.getGenericParameterTypes()) {
            drawn.add(arguments.draw(type));
        }
        return drawn.toArray();
    }

    /// Results, findings and progress are there when an assessment is made; every other fact is asked for.
    private void compare(Assessment running, Assessment fresh, String after) {
        compare("points", running.points(), fresh.points(), after);
        compare("findings", running.findings(), fresh.findings(), after);
        compare("stops", running.stops(), fresh.stops(), after);
        facts.forEach((name, fact) -> compare(name, running.get(fact), fresh.get(fact), after));
    }

    private void compare(String what, Object running, Object fresh, String after) {
        if (!FactCatalogue.compared(running).equals(FactCatalogue.compared(fresh))) {
            failures.add("%s is stale in %s".formatted(what, after));
        }
    }

    private static String name(Method method) {
        return "%s.%s/%d"
                .formatted(method.getDeclaringClass().getSimpleName(), method.getName(), method.getParameterCount());
    }

    /// Runs from the command line: how many sequences, and the seed. Leaves with 1 when anything differed.
    public static void main(String[] arguments) throws Exception {
        int count = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 10_000;
        long seed = arguments.length > 1 ? Long.parseLong(arguments[1]) : 1;
        long begun = System.nanoTime();
        Result result = new EditRun(seed).run(count, 12);
        System.out.printf(
                "%d sequences, %d edits accepted, %d failures, in %.0f s%nNever accepted: %s%n",
                result.sequences(),
                result.edits(),
                result.failures().size(),
                (System.nanoTime() - begun) / 1e9,
                result.never());
        result.failures().forEach(System.out::println);
        System.exit(result.failures().isEmpty() ? 0 : 1);
    }
}
