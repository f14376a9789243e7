package io.answerback.desktop.cable;

import io.answerback.chain.Figures;
import io.answerback.chain.Mark;
import io.answerback.cores.CorePlan;
import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.desk.DeskState;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.job.Area;
import io.answerback.job.Cable;
import io.answerback.job.CableType;
import io.answerback.job.Job;
import io.answerback.job.Laying;
import io.answerback.job.Point;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;

/// Every cable, room by room, as it is best run and labelled.
final class CablesSheet extends Sheet {
    private final Desk desk;
    private final Look look;
    private final CableStrip about;

    CablesSheet(Desk desk, Look look, List<CableType> types, PrintPart print) {
        this.desk = desk;
        this.look = look;
        this.about = new CableStrip(desk, types);
        instrument.getChildren().setAll(Cautions.beforeATerminal());
        instrument.getChildren().addAll(print.nodes());
    }

    @Override
    public String title() {
        return "Run and label, room by room";
    }

    @Override
    public String about(DeskState state) {
        double metres = state.job().cables().stream().mapToDouble(Cable::metres).sum();
        return "%d cables, %s in all".formatted(state.job().cables().size(), Figures.metres(metres));
    }

    @Override
    public void show(DeskState state) {
        Job job = state.job();
        CorePlan plan = state.assessment().facts().cores();
        sheet.getChildren().clear();
        job.cableTo(state.selected())
                .ifPresent(cable -> sheet.getChildren()
                        .add(about.of(
                                cable,
                                job.point(cable.pointId()).map(Point::name).orElse(""))));
        GridPane table = new GridPane();
        table.getStyleClass().addAll("table", "cable-table");
        int row = 0;
        for (Area area : job.areas()) {
            row = room(
                    table, row, "%02d %s".formatted(area.number(), area.name()), job, plan, Optional.of(area.number()));
        }
        room(table, row, "In no area", job, plan, Optional.empty());
        sheet.getChildren().add(table);
    }

    private int room(GridPane table, int first, String name, Job job, CorePlan plan, Optional<Integer> area) {
        List<Point> points = job.points().stream()
                .filter(point -> point.duty().area().equals(area))
                .filter(point -> job.cableTo(point.id()).isPresent())
                .toList();
        int row = first;
        if (!points.isEmpty()) {
            table.add(Words.title(name), 0, row++, 6, 1);
        }
        for (Point point : points) {
            Cable cable = job.cableTo(point.id()).orElseThrow();
            Label to = Words.wrapped(new Label(point.name()));
            to.setOnMouseClicked(click -> desk.select(point.id()));
            String box = plan.boxOf(cable.id()).map(its -> its.module()).orElse("no box yet");
            table.addRow(
                    row++,
                    Words.figure(cable.id()),
                    to,
                    Words.wrapped(Words.quiet("from " + box)),
                    Words.wrapped(Words.quiet(
                            cable.laying().type().map(CableType::name).orElse("no type yet"))),
                    Words.figure(Figures.metres(cable.metres())),
                    Marks.of(mark(cable.laying()), says(cable.laying()), look.px(4.5)),
                    Words.wrapped(new Label(says(cable.laying()))));
        }
        return row;
    }

    private static Mark mark(Laying laying) {
        boolean labelled = laying.labelledHere() && laying.labelledThere();
        return switch (laying.progress()) {
            case PLANNED -> Mark.NOT_DONE;
            case RUN -> Mark.TIGHT;
            case TERMINATED -> labelled ? Mark.SOUND : Mark.TIGHT;
            case TESTED -> labelled ? Mark.PROVEN : Mark.TIGHT;
        };
    }

    private static String says(Laying laying) {
        boolean labelled = laying.labelledHere() && laying.labelledThere();
        return laying.progress() == Laying.Progress.PLANNED || labelled
                ? laying.progress().words()
                : laying.progress().words() + ", label missing";
    }
}
