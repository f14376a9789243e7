package io.answerback.desktop.prove;

import io.answerback.core.engine.edit.AcceptanceEdits;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.shown.LineIds;
import io.answerback.core.model.shown.Showing;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.prove.acceptance.AcceptanceLine;
import io.answerback.core.prove.acceptance.LineSection;
import io.answerback.core.prove.acceptance.LineState;
import io.answerback.desktop.part.Gauge;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.With;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Engineer;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;

/// What has to be shown before the site is handed over, line by line, and what of it was; a line is shown by hand
/// here.
final class PlanSheet extends PartSheet {
    private static final double TITLE_WIDTH = 210;

    private final Actions actions;
    private final PlanLines lines;
    private final InstantSource clock;
    private final Engineer engineer;
    private final OnTestPart onTest;
    private final ModelShow model;
    private final PlanCards cards;
    private String chosen = "";
    private String what = "";

    /// @param cards shows lines step by step
    PlanSheet(
            Actions actions,
            PlanLines lines,
            InstantSource clock,
            Engineer engineer,
            ModelShow model,
            PlanCards cards) {
        this.cards = cards;
        this.model = model;
        this.actions = actions;
        this.lines = lines;
        this.clock = clock;
        this.engineer = engineer;
        this.onTest = new OnTestPart(actions, clock);
    }

    @Override
    public String title() {
        return "What has to be shown";
    }

    @Override
    public String about(WindowState state) {
        return lines.of(state.assessment()).progress();
    }

    @Override
    public List<Part> middle(WindowState state) {
        lines.of(state.assessment());
        long shown = lines.states().stream().filter(LineState::shown).count();
        List<Part> parts = new ArrayList<>();
        parts.add(onTest.part(state.job()));
        parts.addAll(cards.parts(lines.states(), this::shown));
        parts.add(new Gauge(shown, Math.max(1, lines.states().size()), lines.progress()));
        parts.add(new Rows("Lines of the plan", rows(), -1).growing());
        return parts;
    }

    private List<With> rows() {
        List<With> rows = new ArrayList<>();
        LineSection section = null;
        for (LineState state : lines.states()) {
            if (state.line().section() != section) {
                section = state.line().section();
                rows.add(Words.title(section.title()).keyed(section.name()));
            }
            rows.add(row(state));
        }
        return rows;
    }

    private With row(LineState state) {
        AcceptanceLine line = state.line();
        Part inner = Group.row(
                        Marks.of(PlanLines.mark(state), PlanLines.standing(state)),
                        Words.wrapped(Words.of("told-name", line.title())).wide(TITLE_WIDTH),
                        Group.column(
                                        Words.wrapped(Words.of("code", PlanLines.wanted(line))),
                                        Words.wrapped(Words.quiet(PlanLines.standing(state))))
                                .growing())
                .style("plan-row");
        return new Press(
                        line.id().equals(chosen) ? "finding story-chosen" : "finding",
                        line.title() + ", " + PlanLines.standing(state),
                        () -> choose(line),
                        List.of(inner))
                .keyed(line.id());
    }

    private void choose(AcceptanceLine line) {
        chosen = line.id();
        what = "";
        line.point().ifPresent(actions::select);
        showAgain();
    }

    @Override
    public List<Part> beside(WindowState state) {
        lines.of(state.assessment());
        if (lines.states().isEmpty()) {
            return List.of(Words.quiet("There is nothing to show yet."));
        }
        LineState its = lines.state(cards.line()
                .map(AcceptanceLine::id)
                .orElse(chosen.isEmpty() ? LineIds.POINT + state.selected() : chosen));
        AcceptanceLine line = its.line();
        List<Part> parts = new ArrayList<>();
        parts.add(Words.title(line.title()));
        parts.add(Words.wrapped(Words.of("run-mind", line.order() + ".")));
        if (!line.expects().isEmpty()) {
            parts.add(Words.wrapped(Words.of(
                    "code",
                    PlanLines.wanted(line)
                            + (line.withinSeconds() > 0 ? " within " + line.withinSeconds() + " s" : ""))));
        }
        if (!line.seen().isEmpty()) {
            parts.add(Words.wrapped(Words.of("run-mind", "Seen or heard: " + line.seen() + ".")));
        }
        if (!line.bring().isEmpty()) {
            parts.add(Words.wrapped(Words.of("run-mind", "Bring: " + line.bring() + ".")));
        }
        if (!line.caution().isEmpty()) {
            parts.add(Words.caution(line.caution()));
        }
        parts.add(Words.wrapped(Words.quiet(line.why())));
        if (line.possible()) {
            parts.addAll(byHand(state.job(), its));
        }
        return parts;
    }

    private List<Part> byHand(Job job, LineState state) {
        AcceptanceLine line = state.line();
        Parts row = Parts.flow(
                Words.quiet("Shown by hand by"),
                engineer.value(actions, this::showAgain),
                Value.of("What was seen, heard or read back", what.isEmpty() ? "what was seen" : what, typed -> {
                    what = typed.strip();
                    showAgain();
                    return true;
                }));
        Parts tools = Parts.flow(
                Tool.of("Step by step", "in large type, with what is measured", () -> cards.open(line)),
                Tool.of("Shown", "by hand, now", () -> shown(line)));
        if (model.can(job, line)) {
            tools.add(Tool.of(
                    "Show in the model",
                    "the panel as programmed does it, and the practice station answers",
                    () -> model.show(job, line)));
        }
        state.best()
                .ifPresent(best -> tools.add(Tool.of(
                        "Take back",
                        "what was shown " + best.way().words(),
                        () -> actions.apply(takenBack(job, line, best)))));
        return List.of(row.style("switches").group(), tools.style("switches").group());
    }

    /// What the practice station answered for a point is kept with the point.
    private static Edit takenBack(Job job, AcceptanceLine line, Showing best) {
        return line.point()
                .filter(id -> !job.acceptance().of(line.id()).contains(best))
                .map(Edits::withoutProof)
                .orElseGet(() -> AcceptanceEdits.notShown(line.id(), best.way()));
    }

    private void shown(AcceptanceLine line) {
        engineer.then(actions, "Shown by hand by", by -> {
            actions.apply(AcceptanceEdits.shown(
                    new Showing(line.id(), Showing.Way.HAND, by, clock.instant(), what, line.basis())
                            .withMeasured(cards.measured(line))));
            what = "";
            cards.shown(lines.states(), line);
            return true;
        });
    }
}
