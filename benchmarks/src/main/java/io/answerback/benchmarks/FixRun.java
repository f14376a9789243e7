package io.answerback.benchmarks;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.assess.Trials;
import io.answerback.core.assess.remedy.Remedies;
import io.answerback.core.assess.remedy.Remedy;
import io.answerback.core.engine.finding.DoneAgain;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.model.site.Job;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.Supplies;
import io.answerback.core.survey.capacity.FaultPoint;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;

/// Applies every fix that is offered on broken jobs, each by itself, and compares the job after it with the one
/// before, both assessed from nothing: the finding is gone, and nothing is wrong or tight that was not, except
/// work that has to be done again. The jobs are the demos with cables several times as long, and the demos after
/// random edits.
public final class FixRun {
    private static final int EDITS_EACH = 4;
    private static final double NANOS_A_MILLI = 1e6;

    private final Assessor assessor = new Assessor(DataFiles.events()).on(LocalDate.of(2026, 6, 1));
    private final FaultPoint faultPoint =
            FaultPoint.among(DataFiles.kinds(), DataFiles.conductors().getFirst());
    private final Map<String, Integer> tried = new TreeMap<>();
    private final Map<String, Integer> worse = new TreeMap<>();
    private final List<String> failures = new ArrayList<>();
    private final List<Double> trialMillis = new ArrayList<>();

    private void run(int jobs, long seed) throws Exception {
        Random random = new Random(seed);
        for (int number = 0; number < jobs / 2; number++) {
            of(longer(DemoJobs.job(1 + number % DemoJobs.COUNT), random), "longer " + number);
        }
        List<Job> edited = new EditRun(seed).broken(jobs - jobs / 2, EDITS_EACH);
        for (int number = 0; number < edited.size(); number++) {
            of(edited.get(number), "edited " + number);
        }
    }

    /// Some of the cables several times as long.
    private static Job longer(Job job, Random random) {
        return job.withCables(job.cables().stream()
                .map(cable -> random.nextInt(3) > 0
                        ? cable
                        : cable.withMetres(Math.min(400, cable.metres() * (2 + random.nextInt(5)))))
                .toList());
    }

    private void of(Job job, String name) {
        Assessment before = assessor.assess(job);
        for (Finding finding : before.findings()) {
            finding.mend().ifPresent(edit -> {
                tried.merge(finding.rule().id(), 1, Integer::sum);
                Assessment after = assessor.assess(edit.on(job));
                if (after.findings().stream()
                        .anyMatch(other ->
                                other.id().equals(finding.id()) && other.says().equals(finding.says()))) {
                    failures.add("%s: %s stands after its fix".formatted(name, finding.id()));
                }
                brought(before, after)
                        .forEach(brings -> worse(finding.rule().id() + " brings", brings, name + " " + finding.id()));
            });
        }
        before.get(Supplies.FACT).states().stream()
                .flatMap(state -> state.volts().stream())
                .filter(device -> !device.ok())
                .forEach(device -> ways(before, device, name));
    }

    private void ways(Assessment before, DeviceVolts device, String name) {
        long begun = System.nanoTime();
        List<Remedy> ways;
        try (Trials trials = Trials.on(before)) {
            ways = Remedies.of(trials, device.part(), DataFiles.cableTypes(), faultPoint);
        }
        trialMillis.add((System.nanoTime() - begun) / NANOS_A_MILLI);
        for (Remedy way : ways) {
            String sort = way.ok() ? "volts: enough" : way.reaches() ? "volts: reaches, brings more" : "volts: too few";
            tried.merge(sort, 1, Integer::sum);
            way.brings()
                    .forEach(brings ->
                            tried.merge("volts brings " + brings.rule().id(), 1, Integer::sum));
            if (way.ok()) {
                Assessment after = assessor.assess(way.edit().on(before.job()));
                brought(before, after).forEach(brings -> {
                    failures.add("%s: \"%s\" for %s was called enough and brings %s"
                            .formatted(name, way.words(), device.title(), brings.id()));
                });
                if (after.findings().stream().anyMatch(its -> its.id().equals("volts-short:" + device.part()))) {
                    failures.add("%s: \"%s\" leaves %s short".formatted(name, way.words(), device.title()));
                }
            }
        }
    }

    private void worse(String what, Finding brings, String where) {
        worse.merge(what + " " + brings.rule().id(), 1, Integer::sum);
        failures.add("%s brings %s (%s)".formatted(where, brings.id(), brings.headline()));
    }

    private static List<Finding> brought(Assessment before, Assessment after) {
        Map<String, Grade> had = new HashMap<>();
        before.findings()
                .forEach(finding -> had.merge(
                        finding.id(), finding.grade(), (one, other) -> one.compareTo(other) > 0 ? one : other));
        return after.findings().stream()
                .filter(finding -> finding.grade() != Grade.NOTE && !DoneAgain.is(finding))
                .filter(finding -> had.getOrDefault(finding.id(), Grade.NOTE).compareTo(finding.grade()) < 0)
                .toList();
    }

    /// Runs from the command line: how many jobs, and the seed. Leaves with 1 when a fix did not fix, or made
    /// something worse.
    public static void main(String[] arguments) throws Exception {
        int jobs = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 120;
        long seed = arguments.length > 1 ? Long.parseLong(arguments[1]) : 1;
        FixRun run = new FixRun();
        run.run(jobs, seed);
        System.out.printf("%d jobs%n", jobs);
        run.tried.forEach((what, count) -> System.out.printf("%6d  %s%n", count, what));
        List<Double> millis = run.trialMillis.stream().sorted().toList();
        if (!millis.isEmpty()) {
            System.out.printf(
                    "Trials of one device: %.0f ms at the median, %.0f ms at most, %d devices%n",
                    millis.get(millis.size() / 2), millis.getLast(), millis.size());
        }
        run.worse.forEach((what, count) -> System.out.printf("%6d  %s%n", count, what));
        run.failures.stream().limit(40).forEach(System.out::println);
        System.out.printf("%d failures%n", run.failures.size());
        System.exit(run.failures.isEmpty() ? 0 : 1);
    }
}
