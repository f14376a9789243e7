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
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.RowButton;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;

/// Every cable, room by room, between what it runs, and what was found of it.
final class CablesSheet extends Sheet {
    private final OpenJob openJob;
    private final Look look;
    private final CableStrip about;
    private final EndsStrip ends;

    CablesSheet(OpenJob openJob, Look look, CableShelf shelf, Conductor usual, Consumer<PrintKind> paper) {
        this.openJob = openJob;
        this.look = look;
        this.about = new CableStrip(openJob, shelf);
        this.ends = new EndsStrip(openJob, usual);
        instrument.getChildren().setAll(Cautions.beforeATerminal());
        instrument.getChildren().addAll(PrintPart.nodes(paper));
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
    public void show(WindowState state) {
        BoxView view = BoxView.of(state);
        sheet.getChildren().setAll(ends.more(state));
        view.cable().ifPresent(cable -> {
            String where = "%s to %s"
                    .formatted(box(view.plan(), cable.cable()), view.plan().farEnd(cable.cable()));
            sheet.getChildren().addAll(about.of(cable.cable(), where), ends.of(state, cable.cable()));
        });
        GridPane table = new GridPane();
        table.getStyleClass().addAll("table", "cable-table");
        FirstFix.rooms(state.job()).forEach((room, cables) -> room(table, room, cables, view));
        sheet.getChildren().add(table);
    }

    private void room(GridPane table, String name, List<Cable> cables, BoxView view) {
        table.add(Words.title(name), 0, table.getRowCount(), 6, 1);
        for (Cable cable : cables) {
            boolean looked =
                    view.cable().filter(its -> its.id().equals(cable.id())).isPresent();
            table.addRow(table.getRowCount(), row(view.plan(), cable, looked));
        }
    }

    private Node[] row(CorePlan plan, Cable cable, boolean looked) {
        Label id = Words.figure(cable.id().text());
        Label to = Words.wrapped(new Label(plan.farEnd(cable)));
        if (looked) {
            to.getStyleClass().add("finding-says");
        }
        var open = new RowButton(
                cable.id() + " to " + plan.farEnd(cable), () -> openJob.focus(cable, CableEnd.NEAR, ""), id, to);
        open.getStyleClass().setAll("core-row");
        CableInstallation installation = cable.installation();
        return new Node[] {
            open,
            Words.wrapped(Words.quiet("from " + box(plan, cable))),
            Words.wrapped(Words.quiet(installation.type().map(CableType::name).orElse("no type yet"))),
            Words.figure(cable.metres() == 0 ? "no length" : Figures.metres(cable.metres())),
            Marks.of(mark(installation), says(installation), look.px(4.5)),
            Words.wrapped(new Label(says(installation)))
        };
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
