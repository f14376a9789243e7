package io.answerback.desktop.power;

import io.answerback.core.common.FigureReader;
import io.answerback.core.edit.PowerEdits;
import io.answerback.core.power.LoadFigure;
import io.answerback.core.profile.TerminalUse;
import io.answerback.core.supply.LoadLine;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.supply.SupplyTree;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Gauge;
import io.answerback.desktop.drawing.Tool;
import io.answerback.desktop.drawing.ValueField;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.util.List;
import java.util.function.DoubleFunction;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// Every load of a supply, line by line, each with where its figures are from; a figure is typed over where it
/// stands.
final class LoadsSheet extends Sheet {
    private static final int COLUMNS = 5;

    private final OpenJob openJob;
    private final SupplyChoice choice;
    private final FaultOutputsPart faults;
    private final VBox outputs = new VBox();

    LoadsSheet(OpenJob openJob, FaultPoint faultPoint) {
        this.openJob = openJob;
        this.faults = new FaultOutputsPart(openJob, faultPoint);
        this.choice = new SupplyChoice(() -> show(openJob.now()));
        outputs.getStyleClass().add("gaps");
        instrument.getChildren().setAll(outputs);
    }

    @Override
    public String title() {
        return "What it carries";
    }

    @Override
    public String about(WindowState state) {
        return "milliamps at 12 V, quiescent and in an alarm";
    }

    @Override
    public void show(WindowState state) {
        sheet.getChildren().clear();
        outputs.getChildren().clear();
        choice.of(state)
                .ifPresentOrElse(
                        supply -> show(state, supply),
                        () -> sheet.getChildren()
                                .add(Words.wrapped(Words.of(
                                        "empty", "The panel's profile names no supply: its loads hang on nothing."))));
    }

    private void show(WindowState state, SupplyState supply) {
        GridPane table = new GridPane();
        table.getStyleClass().addAll("table", "load-table");
        table.addRow(
                0,
                Words.title("Part"),
                Words.whole(Words.title("Quiescent")),
                Words.whole(Words.title("Alarm")),
                Words.title("From"),
                new Region());
        group(table, state, "At the supply itself", supply.direct());
        supply.trees().forEach(tree -> group(table, state, "On " + tree.title(), tree.lines()));
        table.addRow(
                table.getRowCount(),
                Words.title("Together"),
                figure(supply.milliamps(false)),
                figure(supply.milliamps(true)),
                Words.quiet(""),
                new Region());
        sheet.getChildren().addAll(head(state), table);
        faults.of(state, supply).ifPresent(sheet.getChildren()::add);
        outputs(supply, SupplyChoice.supplies(state));
    }

    private Flow head(WindowState state) {
        Flow row = new Flow(
                choice.node(state),
                Words.quiet("of the detectors' alarm load happens at once"),
                new ValueField(
                        "Share in alarm at once",
                        "%.0f %%".formatted(state.job().power().alarmSharePercent()),
                        typed -> number(
                                typed.replace("%", ""),
                                "share in percent",
                                percent -> PowerEdits.alarmShare(percent))));
        row.getStyleClass().add("switches");
        return row;
    }

    private void group(GridPane table, WindowState state, String title, List<LoadLine> lines) {
        if (lines.isEmpty()) {
            return;
        }
        table.add(Words.quiet(title), 0, table.getRowCount(), COLUMNS, 1);
        for (LoadLine line : lines) {
            table.addRow(table.getRowCount(), row(state, line));
        }
    }

    private Node[] row(WindowState state, LoadLine line) {
        boolean own = state.job().power().load(line.part()).isPresent();
        Node back = own
                ? Tool.of(
                        "As in the data",
                        "forget the figure that was typed",
                        () -> openJob.apply(PowerEdits.loadAsInData(line.part())))
                : new Region();
        return new Node[] {
            Words.wrapped(new Label(line.title())),
            field(
                    "Quiescent current of " + line.title(),
                    line.quiescentMilliamps(),
                    milliamps -> PowerEdits.load(typed(line, milliamps, Math.max(milliamps, line.alarmMilliamps())))),
            field(
                    "Alarm current of " + line.title(),
                    line.alarmMilliamps(),
                    milliamps -> PowerEdits.load(typed(line, line.quiescentMilliamps(), milliamps))),
            Words.wrapped(Words.quiet(line.source())),
            back
        };
    }

    private static LoadFigure typed(LoadLine line, double quiescent, double alarm) {
        return new LoadFigure(line.part(), quiescent, alarm, LoadFigure.Source.SHEET);
    }

    private ValueField field(String name, double milliamps, DoubleFunction<io.answerback.core.site.Edit> edit) {
        return new ValueField(name, words(milliamps), typed -> number(typed, name, edit));
    }

    private boolean number(String typed, String what, DoubleFunction<io.answerback.core.site.Edit> edit) {
        return openJob.apply(
                FigureReader.read(typed.replace("mA", "").strip(), what).then(edit::apply));
    }

    private static String words(double milliamps) {
        return milliamps == Math.rint(milliamps) ? "%.0f".formatted(milliamps) : "%.1f".formatted(milliamps);
    }

    private static Label figure(double milliamps) {
        return Words.whole(Words.figure("%.0f mA".formatted(milliamps)));
    }

    private void outputs(SupplyState supply, Supplies supplies) {
        outputs.getChildren().add(Words.title("What it gives"));
        gauge("all of " + supply.title(), supply.milliamps(true), supply.unit().milliamps());
        for (SupplyTree tree : supply.trees()) {
            gauge(tree.title(), tree.milliamps(true), tree.limitMilliamps());
        }
        supplies.sounders().outputs().stream()
                .filter(output -> output.module().equals(supply.module()) && output.use() != TerminalUse.SPEAKER)
                .forEach(output -> gauge(output.title(), output.milliamps(), output.limitMilliamps()));
        if (supplies.bus().alarmMilliamps() > 0 && supply == supplies.states().getFirst()) {
            gauge(
                    "the keypad bus, with what hangs on it",
                    supplies.bus().alarmMilliamps(),
                    supplies.bus().limitMilliamps());
        }
    }

    private void gauge(String name, double used, double limit) {
        String says = limit == 0
                ? "%.0f mA in an alarm; its limit is not known".formatted(used)
                : "%.0f mA of %.0f mA in an alarm".formatted(used, limit);
        outputs.getChildren()
                .addAll(
                        Words.wrapped(new Label(name)),
                        new Gauge(used, Math.max(1, limit), says),
                        Words.wrapped(Words.quiet(says)));
    }
}
