package io.answerback.desktop.power;

import io.answerback.core.engine.edit.PowerEdits;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.common.FigureReader;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.power.SupplyReading;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.supply.SupplyVisit;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.time.InstantSource;
import java.util.List;

/// What is measured at a supply at commissioning and at each visit, against what it should be and what it was.
final class MeasuredSheet extends PartSheet {
    private static final int DAY = 10;
    private static final double HUNDREDTHS = 100;

    private final Actions actions;
    private final InstantSource clock;
    private final SupplyChoice choice;

    MeasuredSheet(Actions actions, InstantSource clock) {
        this.actions = actions;
        this.clock = clock;
        this.choice = new SupplyChoice(this::showAgain);
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
    public List<Part> middle(WindowState state) {
        return choice.of(state)
                .map(supply -> show(state, supply))
                .orElseGet(() ->
                        List.of(Words.empty("The panel's profile names no supply: there is nothing to compare with.")));
    }

    private List<Part> show(WindowState state, SupplyState supply) {
        SupplyVisit visit = supply.visit();
        Grid.Filling table = Grid.filling("table", "load-table");
        table.line(
                Words.title("What"),
                Words.title("Should be"),
                Words.title("Measured"),
                Words.title(""),
                Words.title("When"),
                Words.title("First"));
        visit.lines().forEach(line -> table.line(line.what(), row(supply.module(), line)));
        return List.of(Group.flow(choice.part(state)).style("switches"), table.grid(), health(visit));
    }

    @Override
    public List<Part> beside(WindowState state) {
        return List.of(
                Words.title("How to measure"),
                Words.wrapped(
                        Words.quiet(
                                "Float volts across the battery, charged for a day. Currents with the mains off and the meter in series; set the range before, never turn it while current flows. Rested volts an hour after the leads came off; loaded volts while the alarm sounds.")),
                Words.caution(
                        "A meter in series opens the circuit when its fuse goes: everything on that battery is dead then."));
    }

    private List<Part> row(ModuleId module, SupplyVisit.Line line) {
        Mark mark = line.last().isEmpty() ? Mark.NOT_DONE : line.off() || line.drifted() ? Mark.TIGHT : Mark.SOUND;
        String says = line.last().isEmpty()
                ? "not measured"
                : line.off() ? "off" : line.drifted() ? "has changed" : "as it should be";
        String unit = line.what().unit();
        return List.of(
                Words.wrapped(line.what().words()),
                Words.figure("%s to %s %s"
                        .formatted(figure(line.what(), line.least()), figure(line.what(), line.most()), unit)),
                Value.of(
                        "Reading of " + line.what().words(),
                        line.last()
                                .map(reading -> figure(line.what(), reading.value()) + " " + unit)
                                .orElse("type it"),
                        typed -> read(module, line.what(), typed)),
                Marks.of(mark, says),
                Words.quiet(line.last().map(MeasuredSheet::day).orElse("")),
                Words.quiet(line.first()
                        .filter(first -> line.last().filter(first::equals).isEmpty())
                        .map(first -> "%s on %s".formatted(figure(line.what(), first.value()), day(first)))
                        .orElse("")));
    }

    private static String day(SupplyReading reading) {
        return reading.at().toString().substring(0, DAY);
    }

    private static String figure(SupplyReading.Quantity what, double value) {
        return Figures.plain(what.current() ? Math.rint(value) : Math.round(value * HUNDREDTHS) / HUNDREDTHS);
    }

    private boolean read(ModuleId module, SupplyReading.Quantity what, String typed) {
        return actions.apply(FigureReader.read(typed.replace(what.unit(), "").strip(), what.words())
                .then(value -> PowerEdits.measured(new SupplyReading(module, what, value, clock.instant()))));
    }

    private static Part health(SupplyVisit visit) {
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
