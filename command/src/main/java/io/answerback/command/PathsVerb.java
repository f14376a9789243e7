package io.answerback.command;

import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.site.Job;
import io.answerback.core.report.answer.AnswerTimes;
import io.answerback.core.report.answer.DataUse;
import io.answerback.core.report.answer.HowLong;
import io.answerback.core.report.answer.Timeline;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// How long until somebody answers an alarm, when the station notices silence, and what polls carry in a month.
/// Exit code 1 when an answer comes later than the rules allow.
@Command(
        name = "paths",
        description = "how long until somebody answers, for every failure",
        mixinStandardHelpOptions = true)
final class PathsVerb implements Callable<Integer> {
    @Mixin
    private JobArgument argument;

    @Override
    public Integer call() throws BrokenFile {
        Job job = argument.assess().job();
        AnswerTimes times = AnswerTimes.of(job, DataFiles.reporting());
        boolean late = times.cases().stream().anyMatch(times::late);
        if (argument.json()) {
            System.out.println(Json.text(report(job, times, late)));
        } else {
            times.cases().forEach(one -> System.out.println(one.scenario().name() + ": " + one.words()));
            job.communicator().paths().forEach(path -> System.out.println(path(job, path)));
        }
        return late ? 1 : 0;
    }

    private static String path(Job job, TransmissionPath path) {
        String silence = AnswerTimes.silenceSeconds(job, path)
                .map(seconds -> "silence noticed after " + AnswerTimes.words(seconds * 1000L))
                .orElse("silence never noticed");
        String data = DataUse.of(job, path)
                .map(use -> ", %.2f MB a month".formatted(use.megabytesPerMonth()))
                .orElse("");
        return path.kind().words() + ": " + silence + data;
    }

    private static ObjectNode report(Job job, AnswerTimes times, boolean late) {
        ObjectNode report = Json.object();
        ArrayNode scenarios = report.putArray("scenarios");
        times.cases().forEach(one -> scenario(scenarios.addObject(), one));
        ArrayNode paths = report.putArray("paths");
        for (TransmissionPath path : job.communicator().paths()) {
            ObjectNode its = paths.addObject().put("name", path.kind().words());
            put(its, "megabytesPerMonth", DataUse.of(job, path).map(DataUse::megabytesPerMonth));
            put(its, "planMegabytes", path.planMegabytes());
            AnswerTimes.silenceSeconds(job, path)
                    .ifPresentOrElse(
                            seconds -> its.put("silenceSeconds", seconds), () -> its.putNull("silenceSeconds"));
        }
        report.putObject("rule")
                .put("answerSeconds", times.ruleMillis() / 1000.0)
                .put("ok", !late);
        return report;
    }

    private static void put(ObjectNode node, String name, Optional<Double> value) {
        value.ifPresentOrElse(number -> node.put(name, number), () -> node.putNull(name));
    }

    private static void scenario(ObjectNode node, HowLong one) {
        node.put("name", one.scenario().name());
        one.answered()
                .ifPresentOrElse(
                        answered -> node.put("answeredMillis", answered.millis())
                                .put("by", answered.by().id().text()),
                        () -> node.putNull("answeredMillis").putNull("by"));
        if (!one.unknown().isEmpty()) {
            node.put("unknown", one.unknown());
        }
        ArrayNode steps = node.putArray("steps");
        for (Timeline timeline : one.timelines()) {
            timeline.steps()
                    .forEach(step -> steps.addObject()
                            .put("path", step.path().words())
                            .put("receiver", step.receiver().id().text())
                            .put("fromMillis", step.fromMillis())
                            .put("toMillis", step.toMillis())
                            .put("what", step.what().words()));
        }
    }
}
