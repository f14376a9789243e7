package io.answerback.command;

import io.answerback.core.model.shown.Showing;
import io.answerback.core.model.site.Job;
import io.answerback.core.prove.acceptance.AcceptanceLine;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.core.prove.acceptance.Expected;
import io.answerback.core.prove.acceptance.LineSection;
import io.answerback.core.prove.acceptance.LineState;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// What has to be shown before the site is handed over, in order, and what of it was. Exit code 1 while a line is
/// open.
@Command(
        name = "plan",
        description = "what has to be shown before the site is handed over, and what of it was",
        mixinStandardHelpOptions = true)
final class PlanVerb implements Callable<Integer> {
    @Mixin
    private JobArgument argument;

    @Option(names = "--service", description = "the shorter plan of a service visit")
    private boolean service;

    @Option(names = "--after-change", description = "only what is open, no longer holds or was found wrong")
    private boolean afterChange;

    @Override
    public Integer call() throws BrokenFile {
        Job job = argument.job();
        AcceptancePlan whole = AcceptancePlan.of(job, DataFiles.events());
        AcceptancePlan plan = service ? whole.ofService(job) : afterChange ? whole.afterChange(job) : whole;
        List<LineState> states =
                plan.lines().stream().map(line -> LineState.of(line, job)).toList();
        long shown = states.stream().filter(LineState::shown).count();
        if (argument.json()) {
            ObjectNode report = Json.object().put("shown", shown).put("minutes", Math.round(plan.minutes()));
            ArrayNode list = report.putArray("lines");
            for (int i = 0; i < states.size(); i++) {
                line(list.addObject().put("order", i + 1), states.get(i));
            }
            ArrayNode leftOut = report.putArray("leftOut");
            whole.leftOutOf(plan).forEach(line -> leftOut.add(line.id()));
            System.out.println(Json.text(report));
        } else {
            print(states);
            List<AcceptanceLine> leftOut = whole.leftOutOf(plan);
            if (!leftOut.isEmpty()) {
                System.out.println("Left out, %d of %d: %s"
                        .formatted(
                                leftOut.size(),
                                whole.lines().size(),
                                leftOut.stream().map(AcceptanceLine::title).collect(Collectors.joining("; "))));
            }
            System.out.printf("%d of %d shown, about %.0f min in all%n", shown, states.size(), plan.minutes());
        }
        return shown == states.size() ? 0 : 1;
    }

    private static void line(ObjectNode node, LineState state) {
        AcceptanceLine line = state.line();
        node.put("id", line.id())
                .put("section", line.section().name())
                .put("title", line.title())
                .put("what", line.order());
        ArrayNode expects = node.putArray("expects");
        line.expects().stream().map(Expected::words).forEach(expects::add);
        node.put("within", line.withinSeconds())
                .put("seen", line.seen())
                .put("bring", line.bring())
                .put("caution", line.caution())
                .put("minutes", line.minutes())
                .put("why", line.why())
                .put("shown", state.best().map(Showing::way).map(PlanVerb::word).orElse("no"))
                .put("by", state.best().map(Showing::by).orElse(null))
                .put("at", state.best().map(its -> its.at().toString()).orElse(null));
        line.steps().forEach(node.putArray("steps")::add);
        ArrayNode measured = node.putArray("measured");
        state.best()
                .ifPresent(its -> its.measured()
                        .forEach(figure -> measured.addObject()
                                .put("of", figure.of().name().toLowerCase(Locale.ROOT))
                                .put("figure", figure.figure())
                                .put("unit", figure.of().unit())));
        state.problems().forEach(node.putArray("problems")::add);
        state.stale().forEach(node.putArray("stale")::add);
    }

    private static String word(Showing.Way way) {
        return way.name().toLowerCase(Locale.ROOT);
    }

    private static void print(List<LineState> states) {
        LineSection section = null;
        for (LineState state : states) {
            AcceptanceLine line = state.line();
            if (line.section() != section) {
                section = line.section();
                System.out.println(section.title());
            }
            String mark = state.shown() ? "shown" : state.stale().isEmpty() ? "open " : "stale";
            System.out.printf(
                    "  %s  %-46s %s%n",
                    mark,
                    line.title(),
                    line.expects().isEmpty()
                            ? line.seen()
                            : String.join(
                                    ", then ",
                                    line.expects().stream().map(Expected::words).toList()));
            state.problems().forEach(why -> System.out.println("         " + why));
            state.stale().forEach(why -> System.out.println("         " + why));
        }
    }
}
