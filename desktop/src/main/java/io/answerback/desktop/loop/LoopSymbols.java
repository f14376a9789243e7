package io.answerback.desktop.loop;

import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.model.common.FigureReader;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.work.Actions;
import java.util.Locale;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/// The parts a loop is drawn with on its bench, with values that can be changed where they stand.
abstract class LoopSymbols extends LoopStrokes {
    private final Actions actions;
    private final LoopView view;

    LoopSymbols(String style, Actions actions, LoopView view) {
        super(style);
        this.actions = actions;
        this.view = view;
    }

    final LoopView view() {
        return view;
    }

    final Actions actions() {
        return actions;
    }

    /// A resistor with the bands its value and tolerance have.
    final void body(double ohms, double x, double y, double width, double height) {
        body(ohms, view.wiring().tolerancePercent(), x, y, width, height);
    }

    /// A resistor across what stands between two places of the upper wire, with its value below.
    final void across(double from, double to, double ohms, Value value) {
        double middle = across(from, to, ohms, view.wiring().tolerancePercent());
        place(value, middle, ACROSS_VALUE, Across.CENTER);
    }

    final Value endOfLine() {
        return ohms(
                "End-of-line resistor",
                view.wiring().endOfLineOhms(),
                ohms -> wiring -> wiring.withEndOfLineOhms(ohms));
    }

    final Value alarm(String name) {
        return ohms(name, view.wiring().alarmOhms(), ohms -> wiring -> wiring.withAlarmOhms(ohms));
    }

    final Value second(String name) {
        return ohms(name, view.wiring().secondOhms(), ohms -> wiring -> wiring.withSecondOhms(ohms));
    }

    final Value tolerance() {
        return field(
                "Tolerance",
                "±" + Figures.plain(view.wiring().tolerancePercent()) + " %",
                "tolerance",
                percent -> loopEdit("tolerance", wiring -> wiring.withTolerancePercent(percent)));
    }

    private Value ohms(String name, double ohms, DoubleFunction<UnaryOperator<LoopWiring>> change) {
        return field(
                name,
                Figures.resistor(ohms),
                name.toLowerCase(Locale.ROOT),
                typed -> loopEdit(name.toLowerCase(Locale.ROOT), change.apply(typed)));
    }

    private static Function<PointId, Edit> loopEdit(String what, UnaryOperator<LoopWiring> change) {
        return id -> LoopEdits.parts(what, id, change);
    }

    /// A figure of the loop that is changed for every point that is picked.
    final Value field(String name, String text, String what, DoubleFunction<Function<PointId, Edit>> change) {
        return Value.of(
                name,
                text,
                typed -> actions.applyToPicked(
                        what,
                        view.point().id(),
                        FigureReader.read(typed.replace("±", ""), name).then(change::apply)));
    }

    final Value field(String name, String text, DoubleFunction<Edit> edit) {
        return Value.of(
                name,
                text,
                typed -> actions.apply(
                        FigureReader.read(typed.replace("±", ""), name).then(edit::apply)));
    }
}
