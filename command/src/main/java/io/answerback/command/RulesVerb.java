package io.answerback.command;

import io.answerback.core.assess.Checks;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Every rule a job is checked by.
@Command(name = "rules", description = "every rule a job is checked by", mixinStandardHelpOptions = true)
final class RulesVerb implements Callable<Integer> {
    @Option(names = "--json", description = "print JSON")
    private boolean json;

    @Option(names = "--markdown", description = "print the page of the documents that lists them")
    private boolean markdown;

    @Override
    public Integer call() {
        if (json) {
            System.out.println(Json.text(document()));
        } else {
            System.out.print(markdown ? page() : lines());
        }
        return 0;
    }

    private static ObjectNode document() {
        ObjectNode document = Json.object();
        ArrayNode rules = document.putArray("rules");
        Checks.rules()
                .forEach(rule -> rules.addObject()
                        .put("id", rule.id())
                        .put("stop", rule.stop().title())
                        .put("grade", rule.grade().word())
                        .put("title", rule.title())
                        .put("reason", rule.reason()));
        return document;
    }

    private static String lines() {
        StringBuilder text = new StringBuilder();
        for (Rule rule : Checks.rules()) {
            text.append("%-32s  %-6s  %-5s  %s%n"
                    .formatted(rule.id(), rule.stop().title(), rule.grade().word(), rule.title()));
        }
        return text.toString();
    }

    /// The page as it is kept in `docs/findings.md`.
    static String page() {
        StringBuilder text = new StringBuilder("""
                # Everything that is looked for

                `./answerback check JOB` reports what it finds; `./answerback rules` lists the rules. This page is written by
                `./answerback rules --markdown` and held current by a test. The grade is the worst a rule gives: *wrong* (an alarm
                would be lost or misread), *tight* (works, with less to spare than the rules allow), *note* (worth knowing).
                """);
        for (Stop stop : Stop.values()) {
            List<Rule> here =
                    Checks.rules().stream().filter(rule -> rule.stop() == stop).toList();
            text.append("\n## %d %s\n\n| rule | grade | what it finds | why it matters |\n|---|---|---|---|\n"
                    .formatted(stop.number(), stop.title()));
            for (Rule rule : here) {
                text.append("| `%s` | %s | %s | %s |\n"
                        .formatted(rule.id(), rule.grade().word(), rule.title(), rule.reason()));
            }
        }
        return text.toString();
    }
}
