package io.answerback.desktop.power;

import io.answerback.core.chain.Mark;
import io.answerback.core.common.FigureReader;
import io.answerback.core.common.Figures;
import io.answerback.core.edit.PowerEdits;
import io.answerback.core.id.ModuleId;
import io.answerback.core.power.SupplyReading;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.supply.SupplyVisit;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.ValueField;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.shell.Sheet;
import io.answerback.desktop.theme.Look;
import io.answerback.desktop.work.OpenJob;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;

/// What is measured at a supply at commissioning and at each visit, against what it should be and what it was.
final class MeasuredSheet extends Sheet {
    private static final int DAY = 10;
    private static final double HUNDREDTHS = 100;

    private final OpenJob openJob;
    private final Look look;
    private final InstantSource clock;
    private final SupplyChoice choice;

    MeasuredSheet(OpenJob openJob, Look look, InstantSource clock) {
        this.openJob = openJob;
        this.look = look;
        this.clock = clock;
        this.choice = new SupplyChoice(() -> show(openJob.now()));
        instrument
                .getChildren()
                .setAll(
                        Words.title("How to measure"),
                        Words.wrapped(
                                Words.quiet(
                                        "Float volts across the battery, charged for a day. Currents with the mains off and the meter in series; set the range before, never turn it while current flows. Rested volts an hour after the leads came off; loaded volts while the alarm sounds.")),
                        Words.wrapped(
                                Words.of(
                                        "caution",
                                        "A meter in series opens the circuit when its fuse goes: everything on that battery is dead then.")));
    }

    @Override
    public String title() {
        return "Measured";
    }

    @Override
    public String about(WindowState state) {
        return "type a reading where it stands; the earlier ones are kept";
    }

    @Override
    public void show(WindowState state) {
        sheet.getChildren().clear();
        Optional<SupplyState> supply = choice.of(state);
        if (supply.isEmpty()) {
            sheet.getChildren()
                    .add(Words.wrapped(Words.of(
                            "empty", "The panel's profile names no supply: there is nothing to compare with.")));
            return;
        }
        SupplyVisit visit = supply.get().visit();
        Flow head = new Flow(choice.node(state));
        head.getStyleClass().add("switches");
        GridPane table = new GridPane();
        table.getStyleClass().addAll("table", "load-table");
        table.addRow(0, title("What"), title("Should be"), title("Measured"), title(""), title("When"), title("First"));
        visit.lines()
                .forEach(line ->
                        table.addRow(table.getRowCount(), row(supply.get().module(), line)));
        sheet.getChildren().addAll(head, table, health(visit));
    }

    private static Label title(String words) {
        return Words.title(words);
    }

    private Node[] row(ModuleId module, SupplyVisit.Line line) {
        Mark mark = line.last().isEmpty() ? Mark.NOT_DONE : line.off() || line.drifted() ? Mark.TIGHT : Mark.SOUND;
        String says = line.last().isEmpty()
                ? "not measured"
                : line.off() ? "off" : line.drifted() ? "has changed" : "as it should be";
        String unit = line.what().unit();
        return new Node[] {
            Words.wrapped(new Label(line.what().words())),
            Words.figure("%s to %s %s".formatted(figure(unit, line.least()), figure(unit, line.most()), unit)),
            new ValueField(
                    "Reading of " + line.what().words(),
                    line.last()
                            .map(reading -> figure(unit, reading.value()) + " " + unit)
                            .orElse("type it"),
                    typed -> read(module, line.what(), typed)),
            Marks.of(mark, says, look.px(4.5)),
            Words.quiet(line.last().map(MeasuredSheet::day).orElse("")),
            Words.quiet(line.first()
                    .filter(first -> line.last().filter(first::equals).isEmpty())
                    .map(first -> "%s on %s".formatted(figure(unit, first.value()), day(first)))
                    .orElse(""))
        };
    }

    private static String day(SupplyReading reading) {
        return reading.at().toString().substring(0, DAY);
    }

    private static String figure(String unit, double value) {
        return Figures.plain(unit.equals("mA") ? Math.rint(value) : Math.round(value * HUNDREDTHS) / HUNDREDTHS);
    }

    private boolean read(ModuleId module, SupplyReading.Quantity what, String typed) {
        return openJob.apply(FigureReader.read(typed.replace(what.unit(), "").strip(), what.words())
                .then(value -> PowerEdits.measured(new SupplyReading(module, what, value, clock.instant()))));
    }

    private Node health(SupplyVisit visit) {
        List<String> says = visit.lastMilliohms()
                .map(last -> List.of(
                        "%.0f mΩ inside the battery".formatted(last),
                        visit.worn()
                                ? "It was %.0f mΩ: worn, replace it."
                                        .formatted(visit.firstMilliohms().orElseThrow())
                                : "From the volts it loses in an alarm. Replace it once this has grown by half."))
                .orElse(List.of(
                        "The battery's health",
                        "Needs the alarm current, and the battery's volts with its leads off and in an alarm."));
        return Words.section(says.getFirst(), says.getLast());
    }
}
