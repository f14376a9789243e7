package io.answerback.desktop.cable;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnd;
import io.answerback.core.model.cable.CableInstallation;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.site.Job;
import io.answerback.core.wiring.cabling.FirstFix;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CableCores;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Kept;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Press;
import io.answerback.desktop.part.Rows;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.With;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/// Every cable, room by room, between what it runs, and what was found of it.
final class CablesSheet extends FilledSheet {
    private static final Grid.Column[] WIDTHS = {
        Grid.Column.share(35),
        Grid.Column.share(18),
        Grid.Column.share(16),
        Grid.Column.share(10),
        Grid.Column.share(4),
        Grid.Column.share(17)
    };

    private final Actions actions;
    private final Kept<List<Row>> kept = new Kept<>();
    private final CableStrip about;
    private final EndsStrip ends;

    CablesSheet(Actions actions, CableShelf shelf, Conductor usual, Consumer<PrintKind> paper) {
        this.actions = actions;
        this.about = new CableStrip(actions, shelf);
        this.ends = new EndsStrip(actions, usual);
        instrument.set(Cautions.beforeATerminal());
        instrument.add(PrintPart.nodes(paper));
    }

    /// A row of the list.
    ///
    /// @param cable which cable it is of; empty for the name of a room
    /// @param plain how it looks while nobody looks at its cable
    private record Row(Optional<Cable> cable, With plain) {}

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
            sheet.add(about.of(state, cable.cable(), where), ends.of(state, cable.cable()));
        });
        sheet.add(listed(kept.of(state.job(), () -> all(state.job(), view.plan())), view)
                .growing());
    }

    /// All rows, the cable that is looked at in bold and in sight.
    private Rows listed(List<Row> all, BoxView view) {
        List<With> rows = new ArrayList<>();
        int shown = -1;
        for (Row row : all) {
            boolean looked = row.cable().isPresent()
                    && view.cable().map(CableCores::id).equals(row.cable().map(Cable::id));
            shown = looked ? rows.size() : shown;
            rows.add(looked ? row(view.plan(), row.cable().get(), true) : row.plain());
        }
        return new Rows("Cables", rows, shown);
    }

    private List<Row> all(Job job, CorePlan plan) {
        List<Row> all = new ArrayList<>();
        FirstFix.rooms(job).forEach((room, cables) -> {
            all.add(new Row(Optional.empty(), Words.title(room).keyed("room " + room)));
            cables.forEach(cable -> all.add(new Row(Optional.of(cable), row(plan, cable, false))));
        });
        return all;
    }

    private With row(CorePlan plan, Cable cable, boolean looked) {
        String far = plan.farEnd(cable);
        CableInstallation installation = cable.installation();
        Press open = new Press(
                "core-row",
                cable.id() + " to " + far,
                () -> actions.focus(cable, CableEnd.NEAR, ""),
                List.of(
                        Words.figure(cable.id().text()),
                        Words.wrapped(looked ? Words.of("finding-says", far) : Text.of(far))));
        Grid.Filling cells = Grid.filling("cable-row").columns(WIDTHS);
        cells.line(
                open,
                Words.wrapped(Words.quiet("from " + box(plan, cable))),
                Words.wrapped(
                        Words.quiet(installation.type().map(CableType::name).orElse("no type yet"))),
                Words.figure(cable.metres() == 0 ? "no length" : Figures.metres(cable.metres())),
                Marks.of(mark(installation), says(installation)),
                Words.wrapped(Text.of(says(installation))));
        return cells.grid().keyed(cable.id());
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
