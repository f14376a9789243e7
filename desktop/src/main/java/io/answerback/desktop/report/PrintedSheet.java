package io.answerback.desktop.report;

import io.answerback.core.engine.wording.Terms;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.report.JobSignals;
import io.answerback.core.report.PrintRemedy;
import io.answerback.core.report.ReceiverPrintouts;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.printout.PrintedLine;
import io.answerback.core.signal.printout.Printout;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Kept;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.With;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/// What a receiver prints for everything the job tells it, what misleads first.
final class PrintedSheet extends PartSheet {
    private static final double NAME_WIDTH = 190;
    private static final double LINE_WIDTH = 190;

    private final Actions actions;
    private final EventTable events;
    private final ChosenReceiver chosenReceiver;
    private final Runnable receivers;
    private final Kept<Kept<Shown>> kept = new Kept<>();

    private record Shown(Rows rows, int misleading, int all, List<PrintRemedy> remedies) {}

    /// @param receivers opens the sheet on which receivers are added
    PrintedSheet(Actions actions, EventTable events, ChosenReceiver chosenReceiver, Runnable receivers) {
        this.actions = actions;
        this.events = events;
        this.chosenReceiver = chosenReceiver;
        this.receivers = receivers;
    }

    @Override
    public String title() {
        return "What a receiver prints for the whole job";
    }

    @Override
    public String about(WindowState state) {
        return chosenReceiver
                .in(state)
                .map(receiver -> {
                    Shown shown = shown(state.job(), receiver);
                    return shown.misleading() == 0
                            ? Text.of("%d signals, all as they are meant", shown.all())
                            : Text.of("%d of %d signals mislead", shown.misleading(), shown.all());
                })
                .orElse("");
    }

    @Override
    public List<Part> middle(WindowState state) {
        Job job = state.job();
        Optional<Receiver> receiver = chosenReceiver.in(state);
        if (receiver.isEmpty()) {
            return List.of(Words.firstStep(
                    "There is no receiver yet. Add the station's, with its address.",
                    "Add a receiver",
                    "opens the receivers",
                    receivers));
        }
        Shown shown = shown(job, receiver.get());
        Parts row = Parts.flow(Choice.of("Receiver", job.receivers(), receiver.get(), Receiver::name, its -> {
            chosenReceiver.choose(its.id());
            showAgain();
        }));
        row.add(Words.quiet(receiver.get().format().words()));
        shown.remedies()
                .forEach(remedy -> row.add(Tool.of(
                        remedy.words().substring(0, 1).toUpperCase(Locale.ROOT)
                                + remedy.words().substring(1),
                        Text.of("tried: then %d mislead", remedy.after()),
                        () -> actions.apply(remedy.edit()))));
        return List.of(row.style("programming").group(), shown.rows().growing());
    }

    private Shown shown(Job job, Receiver receiver) {
        return kept.of(job, Kept::new).of(receiver, () -> {
            EventTable words = events.in(Terms.of(job.practice()));
            List<JobSignals.Sent> signals = JobSignals.of(job);
            ReceiverPrintouts all = ReceiverPrintouts.of(signals, receiver, words);
            List<With> rows = new ArrayList<>();
            List<ReceiverPrintouts.Row> wrong = all.misleading();
            wrong.forEach(row -> rows.add(row(row, words)));
            all.rows().stream().filter(row -> !row.printout().misleads()).forEach(row -> rows.add(row(row, words)));
            return new Shown(
                    new Rows("What is printed", rows, -1),
                    wrong.size(),
                    all.rows().size(),
                    PrintRemedy.of(signals, receiver, words));
        });
    }

    private static Part lines(Printout printout) {
        Parts column = Parts.column();
        for (PrintedLine line : printout.lines()) {
            column.add(Words.wrapped(Words.of(line.falseAccount() ? "printed-false" : "printed-line", line.text())));
        }
        return printout.lines().isEmpty() ? Words.of("printed-false", "nothing") : column.group();
    }

    private With row(ReceiverPrintouts.Row row, EventTable words) {
        Printout printout = row.printout();
        String what = row.sent().of() + ", " + words.words(row.sent().signal());
        String lines = printout.lines().isEmpty()
                ? "nothing"
                : printout.lines().stream().map(PrintedLine::text).collect(Collectors.joining("\n"));
        String problems =
                printout.problems().stream().map(Printout.Problem::says).collect(Collectors.joining("; "));
        return Press.of(
                        what + ": prints " + lines + ". " + problems,
                        () -> row.sent().point().ifPresent(actions::select),
                        Words.wrapped(Words.of("prove-name", what)).wide(NAME_WIDTH),
                        problems.isEmpty()
                                ? lines(printout).asPart().growing()
                                : lines(printout).wide(LINE_WIDTH),
                        problems.isEmpty()
                                ? Words.quiet("").asPart()
                                : Words.wrapped(Words.of(printout.misleads() ? "printed-problem" : "quiet", problems))
                                        .growing())
                .keyed(row.sent().of() + row.sent().signal());
    }
}
