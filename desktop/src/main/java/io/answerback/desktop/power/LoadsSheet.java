package io.answerback.desktop.power;

import io.answerback.core.engine.edit.PowerEdits;
import io.answerback.core.model.common.FigureReader;
import io.answerback.core.model.power.LoadFigure;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.supply.LoadLine;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.supply.SupplyTree;
import io.answerback.core.survey.capacity.FaultPoint;
import io.answerback.desktop.part.Gauge;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;

/// Every load of a supply, line by line, each with where its figures are from; a figure is typed over where it
/// stands.
final class LoadsSheet extends PartSheet {
    private static final int COLUMNS = 5;

    private final Actions actions;
    private final SupplyChoice choice;
    private final FaultOutputsPart faults;

    LoadsSheet(Actions actions, FaultPoint faultPoint) {
        this.actions = actions;
        this.faults = new FaultOutputsPart(actions, faultPoint);
        this.choice = new SupplyChoice(this::showAgain);
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
    public List<Part> middle(WindowState state) {
        return choice.of(state)
                .map(supply -> show(state, supply))
                .orElseGet(
                        () -> List.of(Words.empty("The panel's profile names no supply: its loads hang on nothing.")));
    }

    private List<Part> show(WindowState state, SupplyState supply) {
        Grid.Filling table = Grid.filling("table", "load-table");
        table.line(
                Words.title("Part"),
                Words.whole(Words.title("Quiescent")),
                Words.whole(Words.title("Alarm")),
                Words.title("From"));
        group(table, state, "At the supply itself", supply.direct());
        supply.trees().forEach(tree -> group(table, state, "On " + tree.title(), tree.lines()));
        table.line(Words.title("Together"), figure(supply.milliamps(false)), figure(supply.milliamps(true)));
        List<Part> parts = new ArrayList<>(List.of(head(state), table.grid()));
        faults.of(state, supply).ifPresent(parts::add);
        return parts;
    }

    private Group head(WindowState state) {
        return Group.flow(
                        choice.part(state),
                        Words.quiet("of the detectors' alarm load happens at once"),
                        Value.of(
                                "Share in alarm at once",
                                "%.0f %%".formatted(state.job().power().alarmSharePercent()),
                                typed -> number(
                                        typed.replace("%", ""),
                                        "share in percent",
                                        percent -> PowerEdits.alarmShare(percent))))
                .style("switches");
    }

    private void group(Grid.Filling table, WindowState state, String title, List<LoadLine> lines) {
        if (!lines.isEmpty()) {
            table.across(Words.quiet(title), COLUMNS);
            lines.forEach(line -> table.line(line.part(), row(state, line)));
        }
    }

    private List<Part> row(WindowState state, LoadLine line) {
        List<Part> cells = new ArrayList<>(List.of(
                Words.wrapped(line.title()),
                field(
                        "Quiescent current of " + line.title(),
                        line.quiescentMilliamps(),
                        milliamps ->
                                PowerEdits.load(typed(line, milliamps, Math.max(milliamps, line.alarmMilliamps())))),
                field(
                        "Alarm current of " + line.title(),
                        line.alarmMilliamps(),
                        milliamps -> PowerEdits.load(typed(line, line.quiescentMilliamps(), milliamps))),
                Words.wrapped(Words.quiet(line.source()))));
        if (state.job().power().load(line.part()).isPresent()) {
            cells.add(Tool.of(
                    "As in the data",
                    "forget the figure that was typed",
                    () -> actions.apply(PowerEdits.loadAsInData(line.part()))));
        }
        return cells;
    }

    private static LoadFigure typed(LoadLine line, double quiescent, double alarm) {
        return new LoadFigure(line.part(), quiescent, alarm, LoadFigure.Source.SHEET);
    }

    private Value field(String name, double milliamps, DoubleFunction<io.answerback.core.model.site.Edit> edit) {
        return Value.of(name, words(milliamps), typed -> number(typed, name, edit));
    }

    private boolean number(String typed, String what, DoubleFunction<io.answerback.core.model.site.Edit> edit) {
        return actions.apply(
                FigureReader.read(typed.replace("mA", "").strip(), what).then(edit::apply));
    }

    private static String words(double milliamps) {
        return milliamps == Math.rint(milliamps) ? "%.0f".formatted(milliamps) : "%.1f".formatted(milliamps);
    }

    private static Text figure(double milliamps) {
        return Words.whole(Words.figure("%.0f mA".formatted(milliamps)));
    }

    @Override
    public List<Part> beside(WindowState state) {
        return choice.of(state)
                .map(supply -> List.<Part>of(Group.column(outputs(supply, SupplyChoice.supplies(state)))
                        .style("gaps")))
                .orElse(List.of());
    }

    private static List<Part> outputs(SupplyState supply, Supplies supplies) {
        List<Part> parts = new ArrayList<>();
        parts.add(Words.title("What it gives"));
        parts.addAll(gauge(
                "all of " + supply.title(),
                supply.milliamps(true),
                supply.unit().milliamps()));
        for (SupplyTree tree : supply.trees()) {
            parts.addAll(gauge(tree.title(), tree.milliamps(true), tree.limitMilliamps()));
        }
        supplies.sounders().outputs().stream()
                .filter(output -> output.module().equals(supply.module()) && output.use() != TerminalUse.SPEAKER)
                .forEach(output -> parts.addAll(gauge(output.title(), output.milliamps(), output.limitMilliamps())));
        if (supplies.bus().alarmMilliamps() > 0 && supply == supplies.states().getFirst()) {
            parts.addAll(gauge(
                    "the keypad bus, with what hangs on it",
                    supplies.bus().alarmMilliamps(),
                    supplies.bus().limitMilliamps()));
        }
        return parts;
    }

    /// Without a bar where the limit is not known.
    private static List<Part> gauge(String name, double used, double limit) {
        if (limit == 0) {
            String says = "%.0f mA in an alarm; its limit is not known".formatted(used);
            return List.of(Words.wrapped(name), Words.wrapped(Words.quiet(says)));
        }
        String says = "%.0f mA of %.0f mA in an alarm".formatted(used, limit);
        return List.of(Words.wrapped(name), new Gauge(used, limit, says).keyed(name), Words.wrapped(Words.quiet(says)));
    }
}
