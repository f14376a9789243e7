package io.answerback.desktop.report;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.signal.printout.PrintedLine;
import io.answerback.core.signal.printout.Printout;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.present.ReportPresentation;
import io.answerback.desktop.work.Actions;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// What a receiver prints for an event, what is wrong with it and what would mend it; and what the other
/// receivers get.
final class PrintedPart {
    private final Actions actions;
    private final ChosenReceiver chosenReceiver;
    private final Runnable again;

    /// @param again shows the sheet again, because another receiver was chosen
    PrintedPart(Actions actions, ChosenReceiver chosenReceiver, Runnable again) {
        this.actions = actions;
        this.chosenReceiver = chosenReceiver;
        this.again = again;
    }

    List<Part> printed(ReportPresentation report, Printout printout, Receiver receiver) {
        List<Part> parts = new ArrayList<>();
        parts.add(section(
                "What this receiver prints", receiver.reception().abilities().model()));
        Parts paper = Parts.column();
        for (PrintedLine line : printout.lines()) {
            paper.add(Words.wrapped(Words.of(line.falseAccount() ? "printed-false" : "printed-line", line.text())));
        }
        if (printout.lines().isEmpty()) {
            paper.add(Words.quiet("nothing"));
        }
        parts.add(paper.style("printed").group());
        printout.problems()
                .forEach(problem -> parts.add(Words.wrapped(
                        Words.of(printout.misleads() ? "printed-problem" : "quiet", sentence(problem.says())))));
        if (printout.misleads()) {
            Parts tools = Parts.flow();
            report.remedies()
                    .forEach(remedy -> tools.add(Tool.of(
                            sentence(remedy.words()).replaceAll("\\.$", ""),
                            Text.of(
                                    "tried on all it is told: %d of its signals mislead now, then %d",
                                    remedy.before(), remedy.after()),
                            () -> actions.apply(remedy.edit()))));
            parts.add(tools.style("switches").group());
        }
        return parts;
    }

    private static String sentence(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1) + ".";
    }

    Part others(List<ReportPresentation.Other> others) {
        Grid.Filling grid =
                Grid.filling("table").columns(Grid.Column.least(170), Grid.Column.least(60), Grid.Column.REST);
        for (ReportPresentation.Other other : others) {
            grid.line(
                    other.receiver().id(),
                    List.of(
                            Tool.link(other.receiver().name(), () -> {
                                chosenReceiver.choose(other.receiver().id());
                                again.run();
                            }),
                            Words.whole(Words.quiet(other.told().shortWords())),
                            Group.column(
                                    Words.wrapped(Words.figure(other.sent())),
                                    Words.wrapped(
                                            Words.of(other.misleads() ? "printed-problem" : "quiet", other.about())))));
        }
        return grid.grid();
    }

    private static Part section(String title, String about) {
        return Words.section(title, about).style("section-ruled");
    }
}
