package io.answerback.desktop.report;

import io.answerback.core.engine.edit.PathEdits;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.path.TransmissionClass;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.site.Job;
import io.answerback.core.report.ReportTables;
import io.answerback.core.report.answer.AnswerTimes;
import io.answerback.core.report.answer.DataUse;
import io.answerback.core.report.answer.HowLong;
import io.answerback.core.report.answer.Solution;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Kept;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// How long until somebody answers an alarm, whatever has failed; the paths and their figures.
final class HowLongSheet extends PartSheet {
    private final Actions actions;
    private final ReportTables tables;
    private final List<TransmissionClass> classes;
    private final PathsPart paths;
    private final Kept<AnswerTimes> kept = new Kept<>();
    private String chosen = "";

    HowLongSheet(Actions actions, ReportTables tables, List<TransmissionClass> classes) {
        this.actions = actions;
        this.tables = tables;
        this.classes = classes;
        this.paths = new PathsPart(actions);
    }

    private AnswerTimes times(WindowState state) {
        return kept.of(state.job(), () -> AnswerTimes.of(state.job(), tables));
    }

    @Override
    public String title() {
        return "How long until somebody answers";
    }

    @Override
    public String about(WindowState state) {
        return "an alarm, against the rule of " + AnswerTimes.words(times(state).ruleMillis());
    }

    @Override
    public List<Part> middle(WindowState state) {
        AnswerTimes times = times(state);
        HowLong shown = shown(times);
        List<Part> parts = new ArrayList<>();
        if (shown.timelines().isEmpty()) {
            parts.add(Words.empty("No receiver is told of alarms yet. Add one under \"Receivers\"."));
        } else {
            parts.add(Parts.flow(
                            Words.quiet("With"),
                            Choice.of(
                                    "What has failed",
                                    times.cases(),
                                    shown,
                                    its -> its.scenario().name(),
                                    its -> {
                                        chosen = its.scenario().name();
                                        showAgain();
                                    }),
                            Marks.of(times.mark(shown), shown.words()),
                            Words.of(times.inTime(shown) ? "lane-good" : "lane-late", shown.words()))
                    .style("programming")
                    .group());
            parts.add(new LanesDrawing(shown, times.ruleMillis(), times.startMillis()).asPart());
            parts.addAll(solutions(state.job(), times, shown));
        }
        parts.add(Words.section("Paths", "tried from top to bottom").style("section-ruled"));
        parts.addAll(paths.parts(state.job().communicator()));
        if (times.cases().size() > 1 && !shown.timelines().isEmpty()) {
            parts.add(Words.section("Every failure", "alone, and two at a time").style("section-ruled"));
            parts.add(cases(times));
        }
        return parts;
    }

    private HowLong shown(AnswerTimes times) {
        return times.cases().stream()
                .filter(its -> its.scenario().name().equals(chosen))
                .findFirst()
                .orElseGet(times::worst);
    }

    private List<Part> solutions(Job job, AnswerTimes times, HowLong shown) {
        List<Solution> solutions = times.solutions(job, shown, tables);
        if (solutions.isEmpty()) {
            return List.of();
        }
        Parts row = Parts.flow(Words.quiet("In time if"));
        solutions.forEach(solution -> row.add(
                Tool.of(solution.words(), "tried: then the answer is in time", () -> actions.apply(solution.edit()))));
        return List.of(row.style("switches").group());
    }

    private Part cases(AnswerTimes times) {
        Grid.Filling grid = Grid.filling("table");
        for (HowLong one : times.cases()) {
            grid.line(
                    one.scenario().name(),
                    List.of(
                            Marks.of(times.mark(one), one.words()),
                            Tool.link(one.scenario().name(), () -> {
                                chosen = one.scenario().name();
                                showAgain();
                            }),
                            Words.wrapped(Words.quiet(one.words()))));
        }
        return grid.grid();
    }

    @Override
    public List<Part> beside(WindowState state) {
        Job job = state.job();
        List<Part> parts = new ArrayList<>();
        parts.add(Words.title("The station learns of silence"));
        Grid.Filling silence = Grid.filling("table");
        for (TransmissionPath path : job.communicator().paths()) {
            silence.line(
                    path.kind(),
                    List.of(
                            Words.wrapped(Words.quiet(path.kind().words() + " cut")),
                            Words.whole(Words.figure(AnswerTimes.silenceSeconds(job, path)
                                    .map(seconds -> AnswerTimes.words(seconds * 1000L))
                                    .orElse("never")))));
        }
        silence.line(
                "all",
                List.of(
                        Words.wrapped(Words.quiet("everything cut")),
                        Words.whole(Words.figure(AnswerTimes.silenceSeconds(job)
                                .map(seconds -> AnswerTimes.words(seconds * 1000L))
                                .orElse("never")))));
        parts.add(silence.grid());
        parts.add(polls());
        parts.add(Words.title("Data a month"));
        parts.add(data(job));
        parts.add(Words.wrapped(Words.quiet("with " + DataUse.EVENTS_A_DAY
                + " events a day and everything the network adds; other services on the same plan come on top")));
        return parts;
    }

    private Part polls() {
        return Parts.flow(
                        Words.quiet("Poll as a class asks:"),
                        Choice.of(
                                "Poll as a class asks",
                                classes,
                                null,
                                "choose one",
                                TransmissionClass::name,
                                its -> actions.apply(PathEdits.polls(its.firstSeconds(), its.secondSeconds()))))
                .style("choices")
                .group();
    }

    private static Part data(Job job) {
        Grid.Filling data = Grid.filling("table");
        for (TransmissionPath path : job.communicator().paths()) {
            Optional<DataUse> use = DataUse.of(job, path);
            use.ifPresent(its -> data.line(
                    path.kind(),
                    List.of(
                            Words.wrapped(Words.quiet(path.kind().words())),
                            Words.whole(Words.figure(Text.of("%.2f MB", its.megabytesPerMonth()))),
                            Words.whole(Words.quiet(path.planMegabytes()
                                    .map(plan -> Text.of("of %.0f", plan))
                                    .orElse("plan not known"))))));
        }
        return data.grid();
    }
}
