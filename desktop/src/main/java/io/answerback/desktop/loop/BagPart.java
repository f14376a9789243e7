package io.answerback.desktop.loop;

import io.answerback.core.chain.Mark;
import io.answerback.core.common.Figures;
import io.answerback.core.device.SchemeKind.Part;
import io.answerback.core.loop.BagCheck;
import io.answerback.core.profile.Meaning;
import io.answerback.core.resistor.FromStock;
import io.answerback.core.resistor.PreferredValues;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Flow;
import io.answerback.desktop.drawing.Marks;
import io.answerback.desktop.drawing.Words;
import io.answerback.desktop.theme.Look;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.layout.GridPane;

/// What the resistor in the hand would do in each place of a loop, and how to make the planned values of what
/// is in the van.
final class BagPart {
    private static final int WAYS = 3;

    private final Look look;

    BagPart(Look look) {
        this.look = look;
    }

    List<Node> of(
            LoopView view,
            double ohms,
            double tolerancePercent,
            PreferredValues stock,
            Consumer<PreferredValues> choose) {
        List<Part> places =
                Arrays.stream(Part.values()).filter(view.wiring().scheme()::has).toList();
        List<Node> nodes = new ArrayList<>();
        String point = view.point().id() + " " + view.point().name();
        nodes.add(
                Words.section("In the loop of " + point, view.wiring().scheme().words()));
        if (places.isEmpty()) {
            nodes.add(Words.quiet("This loop has no resistor."));
            return nodes;
        }
        nodes.add(verdicts(view, places, ohms, tolerancePercent));
        Flow made = new Flow(
                Words.title("What the plan wants, made of"),
                Choice.of("Stock", Arrays.asList(PreferredValues.values()), stock, Enum::name, choose));
        made.getStyleClass().add("section");
        nodes.add(made);
        nodes.add(fromStock(view, places, stock));
        return nodes;
    }

    private GridPane verdicts(LoopView view, List<Part> places, double ohms, double tolerancePercent) {
        GridPane table = table();
        int row = 0;
        for (Part part : places) {
            BagCheck check = BagCheck.of(view.fitted(), view.chart(), part, ohms, tolerancePercent);
            String says = says(view, check);
            Mark mark = !check.works() ? Mark.WRONG : check.margin() < view.leastMargin() ? Mark.TIGHT : Mark.SOUND;
            String works = BagCheck.working(view.fitted(), view.chart(), part, tolerancePercent)
                    .map(range -> "works from %s to %s"
                            .formatted(Figures.resistor(range.lowOhms()), Figures.resistor(range.highOhms())))
                    .orElse("no value works with the others as planned");
            table.addRow(
                    row++,
                    Marks.of(mark, says, look.px(4.5)),
                    Words.of("finding-says", "%s as %s".formatted(Figures.resistor(ohms), name(part))),
                    Words.wrapped(new javafx.scene.control.Label(says)),
                    Words.wrapped(Words.quiet(works)));
        }
        return table;
    }

    private static String says(LoopView view, BagCheck check) {
        String state = view.word(check.tightest().loopCase().device());
        return check.works()
                ? "%s inside when %s".formatted(Figures.percent(check.margin()), state)
                : "%s reads %s"
                        .formatted(
                                state,
                                check.tightest().reads().map(Meaning::word).orElse("between bands"));
    }

    private static GridPane fromStock(LoopView view, List<Part> places, PreferredValues stock) {
        GridPane table = table();
        int row = 0;
        for (Part part : places) {
            double wanted = planned(view, part);
            if (wanted <= 0) {
                continue;
            }
            List<Double> there = stock.between(wanted / 10, wanted * 10);
            List<String> ways = FromStock.make(wanted, there, WAYS).stream()
                    .map(way -> words(way, wanted))
                    .toList();
            table.addRow(
                    row++,
                    Words.of("finding-says", "%s, %s".formatted(name(part), Figures.resistor(wanted))),
                    Words.wrapped(Words.figure(String.join("  ·  ", ways))));
        }
        return table;
    }

    private static String words(FromStock way, double wanted) {
        String one = Figures.resistor(way.first());
        String two = Figures.resistor(way.second());
        String error = way.errorShare(wanted) < 5e-4 ? "" : " %+.1f %%".formatted(100 * (way.ohms() - wanted) / wanted);
        return switch (way.how()) {
            case ALONE -> one + error;
            case SERIES -> one + " + " + two + error;
            case PARALLEL -> one + " ∥ " + two + error;
        };
    }

    private static double planned(LoopView view, Part part) {
        return switch (part) {
            case END_OF_LINE -> view.wiring().endOfLineOhms();
            case ALARM -> view.wiring().alarmOhms();
            case SECOND -> view.wiring().secondOhms();
        };
    }

    private static String name(Part part) {
        return switch (part) {
            case END_OF_LINE -> "end-of-line";
            case ALARM -> "alarm resistor";
            case SECOND -> "second resistor";
        };
    }

    private static GridPane table() {
        GridPane table = new GridPane();
        table.getStyleClass().add("table");
        return table;
    }
}
