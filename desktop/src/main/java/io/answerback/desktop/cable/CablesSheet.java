package io.answerback.desktop.cable;

import io.answerback.core.cable.Cable;
import io.answerback.core.cable.CableEnd;
import io.answerback.core.cable.CableInstallation;
import io.answerback.core.cable.CableType;
import io.answerback.core.cabling.FirstFix;
import io.answerback.core.chain.Mark;
import io.answerback.core.common.Figures;
import io.answerback.core.cores.BoxPlan;
import io.answerback.core.cores.CorePlan;
import io.answerback.core.profile.Conductor;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.WindowState;
import java.util.List;
import java.util.function.Consumer;

/// Every cable, room by room, between what it runs, and what was found of it.
final class CablesSheet extends FilledSheet {
    private static final int COLUMNS = 6;

    private final Actions actions;
    private final CableStrip about;
    private final EndsStrip ends;

    CablesSheet(Actions actions, CableShelf shelf, Conductor usual, Consumer<PrintKind> paper) {
        this.actions = actions;
        this.about = new CableStrip(actions, shelf);
        this.ends = new EndsStrip(actions, usual);
        instrument.set(Cautions.beforeATerminal());
        instrument.add(PrintPart.nodes(paper));
    }

    @Override
    public String title() {
        return "Every cable, room by room";
    }

    @Override
    public String about(WindowState state) {
        double metres = state.job().cables().stream().mapToDouble(Cable::metres).sum();
        return "%d cables, %s in all".formatted(state.job().cables().size(), Figures.metres(metres));
    }

    @Override
    protected void show(WindowState state) {
        BoxView view = BoxView.of(state);
        sheet.set(ends.more(state));
        view.cable().ifPresent(cable -> {
            String where = "%s to %s"
                    .formatted(box(view.plan(), cable.cable()), view.plan().farEnd(cable.cable()));
            sheet.add(about.of(cable.cable(), where), ends.of(state, cable.cable()));
        });
        Grid.Filling table = Grid.filling("table", "cable-table");
        FirstFix.rooms(state.job()).forEach((room, cables) -> room(table, room, cables, view));
        sheet.add(table);
    }

    private void room(Grid.Filling table, String name, List<Cable> cables, BoxView view) {
        table.across(Words.title(name), COLUMNS);
        for (Cable cable : cables) {
            boolean looked =
                    view.cable().filter(its -> its.id().equals(cable.id())).isPresent();
            table.line(cable.id(), row(view.plan(), cable, looked));
        }
    }

    private List<Part> row(CorePlan plan, Cable cable, boolean looked) {
        String far = plan.farEnd(cable);
        Text to = Words.wrapped(looked ? Words.of("finding-says", far) : Text.of(far));
        Press open = new Press(
                "core-row",
                cable.id() + " to " + far,
                () -> actions.focus(cable, CableEnd.NEAR, ""),
                List.of(Words.figure(cable.id().text()), to));
        CableInstallation installation = cable.installation();
        return List.of(
                open,
                Words.wrapped(Words.quiet("from " + box(plan, cable))),
                Words.wrapped(
                        Words.quiet(installation.type().map(CableType::name).orElse("no type yet"))),
                Words.figure(cable.metres() == 0 ? "no length" : Figures.metres(cable.metres())),
                Marks.of(mark(installation), says(installation)),
                Words.wrapped(Text.of(says(installation))));
    }

    private static String box(CorePlan plan, Cable cable) {
        return plan.boxOf(cable.id()).map(BoxPlan::title).orElse("no box yet");
    }

    private static Mark mark(CableInstallation installation) {
        boolean labelled = installation.labelledHere() && installation.labelledThere();
        return switch (installation.reached()) {
            case PLANNED -> Mark.NOT_DONE;
            case RUN, LABELLED -> Mark.TIGHT;
            case TERMINATED -> labelled ? Mark.SOUND : Mark.TIGHT;
            case TESTED -> labelled ? Mark.PROVEN : Mark.TIGHT;
        };
    }

    private static String says(CableInstallation installation) {
        boolean labelled = installation.labelledHere() && installation.labelledThere();
        return installation.progress() == CableInstallation.Progress.PLANNED || labelled
                ? installation.reached().words()
                : installation.progress().words() + ", label missing";
    }
}
