package io.answerback.command;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.remedy.Advice;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.model.id.PointId;
import io.answerback.core.survey.capacity.FaultPoint;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// All findings of a job. Exit code 1 when one of them is of grade "wrong".
@Command(name = "check", description = "all findings of a job", mixinStandardHelpOptions = true)
final class CheckVerb implements Callable<Integer> {
    @Mixin
    private JobArgument argument;

    @Override
    public Integer call() throws BrokenFile {
        Assessment assessment = argument.assess();
        if (argument.json()) {
            System.out.println(Json.text(json(assessment)));
        } else {
            print(assessment);
        }
        boolean wrong = assessment.findings().stream().anyMatch(finding -> finding.grade() == Grade.WRONG);
        return wrong ? 1 : 0;
    }

    private static Advice advice(Assessment assessment) {
        return new Advice(
                assessment,
                DataFiles.cableTypes(),
                FaultPoint.among(DataFiles.kinds(), DataFiles.conductors().getFirst()));
    }

    private static ObjectNode json(Assessment assessment) {
        Advice advice = advice(assessment);
        ObjectNode document = Json.object();
        ArrayNode findings = document.putArray("findings");
        assessment
                .findings()
                .forEach(finding -> findings.addObject()
                        .put("id", finding.id())
                        .put("stop", finding.stop().title())
                        .put("grade", finding.grade().word())
                        .put("point", finding.point().map(PointId::text).orElse(""))
                        .put("part", finding.part())
                        .put("says", finding.says())
                        .put("why", finding.why())
                        .put("remedy", advice.on(finding)));
        ArrayNode stops = document.putArray("stops");
        assessment
                .stops()
                .forEach(progress -> stops.addObject()
                        .put("name", progress.stop().title())
                        .put("done", progress.done())
                        .put("of", progress.of())
                        .put("mark", progress.mark().word()));
        return document;
    }

    private static void print(Assessment assessment) {
        Advice advice = advice(assessment);
        for (Finding finding : assessment.findings()) {
            System.out.printf(
                    "%-5s  %-6s  %-7s  %s%n               %s %s%n",
                    finding.grade().word(),
                    finding.stop().title(),
                    finding.point().map(PointId::text).orElse(""),
                    finding.says(),
                    finding.why(),
                    advice.on(finding));
        }
        assessment
                .stops()
                .forEach(progress -> System.out.printf(
                        "%-6s  %d of %d, %s%n",
                        progress.stop().title(),
                        progress.done(),
                        progress.of(),
                        progress.mark().word()));
    }
}
