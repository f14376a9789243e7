package io.answerback.desktop.loop;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.loop.BagCheck;
import io.answerback.core.loop.resistor.FromStock;
import io.answerback.core.loop.resistor.PreferredValues;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.device.SchemeKind.Part;
import io.answerback.core.model.profile.Meaning;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Grid;
import io.answerback.desktop.part.Marks;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Showable;
import io.answerback.desktop.part.Text;
import io.answerback.desktop.part.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;

/// What the resistor in the hand would do in each place of a loop, and how to make the planned values of what
/// is in the van.
final class BagPart {
    private static final int WAYS = 3;

    List<Showable> of(
            LoopView view,
            double ohms,
            double tolerancePercent,
            PreferredValues stock,
            Consumer<PreferredValues> choose) {
        List<Part> places =
                Arrays.stream(Part.values()).filter(view.wiring().scheme()::has).toList();
        List<Showable> nodes = new ArrayList<>();
        String point = view.point().id() + " " + view.point().name();
        nodes.add(
                Words.section("In the loop of " + point, view.wiring().scheme().words()));
        if (places.isEmpty()) {
            nodes.add(Words.quiet("This loop has no resistor."));
            return nodes;
        }
        nodes.add(verdicts(view, places, ohms, tolerancePercent));
        Parts made = Parts.flow(
                Words.title("What the plan wants, made of"),
                Choice.of("Stock", Arrays.asList(PreferredValues.values()), stock, Enum::name, choose));
        made.style("section");
        nodes.add(made.group());
        nodes.add(fromStock(view, places, stock));
        return nodes;
    }

    private Grid verdicts(LoopView view, List<Part> places, double ohms, double tolerancePercent) {
        Grid.Filling table = table();
        for (Part part : places) {
            BagCheck check = BagCheck.of(view.fitted(), view.chart(), part, ohms, tolerancePercent);
            String says = says(view, check);
            Mark mark = !check.works() ? Mark.WRONG : check.margin() < view.leastMargin() ? Mark.TIGHT : Mark.SOUND;
            String works = BagCheck.working(view.fitted(), view.chart(), part, tolerancePercent)
                    .map(range -> "works from %s to %s"
                            .formatted(Figures.resistor(range.lowOhms()), Figures.resistor(range.highOhms())))
                    .orElse("no value works with the others as planned");
            table.line(
                    Marks.of(mark, says),
                    Words.of("finding-says", "%s as %s".formatted(Figures.resistor(ohms), name(part))),
                    Words.wrapped(Text.of(says)),
                    Words.wrapped(Words.quiet(works)));
        }
        return table.grid();
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

    private static Grid fromStock(LoopView view, List<Part> places, PreferredValues stock) {
        Grid.Filling table = table();
        for (Part part : places) {
            double wanted = planned(view, part);
            if (wanted <= 0) {
                continue;
            }
            List<Double> there = stock.between(wanted / 10, wanted * 10);
            List<String> ways = FromStock.make(wanted, there, WAYS).stream()
                    .map(way -> words(way, wanted))
                    .toList();
            table.line(
                    Words.of("finding-says", "%s, %s".formatted(name(part), Figures.resistor(wanted))),
                    Words.wrapped(Words.figure(String.join("  ·  ", ways))));
        }
        return table.grid();
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

    private static Grid.Filling table() {
        return Grid.filling("table");
    }
}
