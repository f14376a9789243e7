package io.answerback.desktop.handover;

import io.answerback.core.work.servicing.DueDate;
import io.answerback.core.work.servicing.DueDates;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.With;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;

/// When somebody has to come back, on a line of years and as a list.
final class DueSheet extends PartSheet {
    private static final double DATE_WIDTH = 110;
    private static final double WHAT_WIDTH = 260;

    private final Saving saving;
    private final InstantSource clock;

    DueSheet(Saving saving, InstantSource clock) {
        this.saving = saving;
        this.clock = clock;
    }

    @Override
    public String title() {
        return "When somebody has to come back";
    }

    @Override
    public String about(WindowState state) {
        List<DueDate> due = state.assessment().get(DueDates.FACT);
        return due.isEmpty()
                ? "nothing is dated yet"
                : "next: %s, %s".formatted(due.getFirst().date(), due.getFirst().what());
    }

    @Override
    public List<Part> middle(WindowState state) {
        List<DueDate> due = state.assessment().get(DueDates.FACT);
        if (due.isEmpty()) {
            return List.of(
                    Words.empty(
                            "Nothing is dated yet. What was shown, batteries with the day they were fitted, and the SIM's end give the dates."));
        }
        LocalDate today = clock.instant().atZone(ZoneId.systemDefault()).toLocalDate();
        List<Part> parts = new ArrayList<>();
        parts.add(Parts.flow(
                        Tool.of("Save as a calendar", "a file that calendar programs import", saving::calendar),
                        Words.quiet("the same date replaces itself when it is imported again"))
                .style("switches")
                .group());
        parts.add(new DueDrawing(due, today).asPart());
        List<With> rows = new ArrayList<>();
        for (int i = 0; i < due.size(); i++) {
            rows.add(row(due.get(i), today).keyed(i));
        }
        parts.add(new Rows("What falls due", rows, -1).growing().asPart());
        return parts;
    }

    private static Part row(DueDate date, LocalDate today) {
        boolean over = date.date().isBefore(today);
        return Group.row(
                        Words.of(over ? "printed-problem" : "code", date.date().toString())
                                .wide(DATE_WIDTH),
                        Words.wrapped(Words.of("told-name", date.what())).wide(WHAT_WIDTH),
                        Words.wrapped(Words.of("prove-words", (over ? "OVERDUE. " : "") + date.why()))
                                .growing())
                .style("plan-row", "kept-row");
    }

    @Override
    public List<Part> beside(WindowState state) {
        return List.of(
                Words.title("Where the dates come from"),
                Words.wrapped(
                        Words.quiet(
                                "The next visit from the last one and the rules, unless another day was agreed. Batteries from the day they were fitted. The SIM from its card. What drifts from a straight line through its readings: believe it for the next visit, not for the decade.")));
    }
}
