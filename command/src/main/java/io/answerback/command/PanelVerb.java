package io.answerback.command;

import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.site.Job;
import io.answerback.core.panel.operation.Act;
import io.answerback.core.panel.operation.CaseWords;
import io.answerback.core.panel.operation.Logged;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.PanelCase;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.signal.event.EventTable;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import io.answerback.files.exchange.CaseFile;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// A story on the job's panel, second by second. Exit code 1 when something else was sent than expected.
@Command(
        name = "panel",
        description = "run a story on the job's panel, second by second; without --case all that ship",
        footer = {"", "A story is JSON: what happens at which time, and which signals must follow."},
        mixinStandardHelpOptions = true)
final class PanelVerb implements Callable<Integer> {
    private static final Pattern DECISION = Pattern.compile("([A-Z_]+)(?::(\\d{1,3}))?=(.*)");

    @Mixin
    private JobArgument argument;

    @Option(names = "--case", paramLabel = "CASE", description = "a story that ships, by name, or a file")
    private String story;

    @Option(
            names = "--decide",
            paramLabel = "DECISION[:NUMBER]=VALUE",
            description = "decides otherwise before, such as ENTRY_TIME:1=45; can be given several times")
    private List<String> decide = List.of();

    @Override
    public Integer call() throws BrokenFile {
        Job job = decided(argument.job());
        OperationRules rules = OperationRules.of(job);
        if (story != null) {
            return one(job, rules, CaseFile.find(story));
        }
        boolean all = true;
        ObjectNode report = Json.object();
        ArrayNode list = report.putArray("cases");
        for (String name : CaseFile.shipped()) {
            PanelCase its = CaseFile.find(name);
            PanelCase.Outcome outcome = its.on(rules);
            all &= outcome.asExpected();
            ObjectNode line = list.addObject().put("case", name).put("asExpected", outcome.asExpected());
            outcome.differs().forEach(line.putArray("differs")::add);
            if (!argument.json()) {
                System.out.printf("%-22s %s%n", name, outcome.asExpected() ? "as expected" : "differs");
                outcome.differs().forEach(words -> System.out.println("    " + words));
            }
        }
        if (argument.json()) {
            System.out.println(Json.text(report));
        }
        return all ? 0 : 1;
    }

    private Job decided(Job job) throws BrokenFile {
        Job next = job;
        for (String each : decide) {
            Matcher parts = DECISION.matcher(each);
            if (!parts.matches()) {
                throw new BrokenFile(
                        "--decide is \"%s\"; write a decision, a number and a value, such as ENTRY_TIME:1=45."
                                .formatted(each));
            }
            try {
                int number = parts.group(2) == null ? 0 : Integer.parseInt(parts.group(2));
                next = SetupEdits.decide(Decision.valueOf(parts.group(1)), number, parts.group(3))
                        .on(next);
            } catch (IllegalArgumentException refused) {
                throw new BrokenFile("--decide %s: %s.".formatted(each, refused.getMessage()));
            }
        }
        return next;
    }

    private int one(Job job, OperationRules rules, PanelCase its) {
        PanelCase.Outcome outcome = its.on(rules);
        if (argument.json()) {
            ObjectNode report = Json.object().put("name", its.name());
            ArrayNode events = report.putArray("events");
            outcome.log().forEach(line -> event(events.addObject(), line));
            report.put("asExpected", outcome.asExpected());
            outcome.differs().forEach(report.putArray("differs")::add);
            System.out.println(Json.text(report));
        } else {
            EventTable words = DataFiles.events().in(Terms.of(job.practice()));
            System.out.println(its.name() + ". " + its.about());
            outcome.log()
                    .forEach(line -> System.out.printf(
                            "%s  %s%s%n",
                            CaseWords.time(line.atMillis()),
                            line.words(),
                            line.signal()
                                    .map(signal -> " (" + words.words(signal) + ")")
                                    .orElse("")));
            System.out.println(outcome.asExpected() ? "as expected" : "differs:");
            outcome.differs().forEach(System.out::println);
        }
        return outcome.asExpected() ? 0 : 1;
    }

    private static void event(ObjectNode node, Logged line) {
        node.put("at", CaseWords.time(line.atMillis())).put("what", line.words());
        line.signal()
                .ifPresent(signal -> node.putObject("signal")
                        .put("account", signal.account())
                        .put("event", signal.event())
                        .put("qualifier", String.valueOf(signal.qualifier().digit()))
                        .put("area", signal.areaDigits())
                        .put("zone", signal.zoneDigits()));
        switch (line.act()) {
            case Act.Sounds sounds -> node.put("output", sounds.on() ? "sounder on" : "sounder off");
            case Act.Switches switches ->
                node.put("output", "output " + switches.output() + (switches.on() ? " on" : " off"));
            case Act.Sends _, Act.Waits _, Act.Unsent _, Act.Shows _, Act.Refused _, Act.Beeps _, Act.Nothing _ -> {}
        }
    }
}
