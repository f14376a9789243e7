package io.answerback.desktop.loop;

import io.answerback.core.common.FigureReader;
import io.answerback.core.common.Figures;
import io.answerback.core.edit.LoopEdits;
import io.answerback.core.site.Edit;
import io.answerback.core.site.LoopWiring;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Picture;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.work.Actions;
import java.util.Locale;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;

/// The parts a loop is drawn with: contacts, resistors with their bands, and values that can be changed where
/// they stand.
abstract class LoopSymbols extends Picture {
    static final double TOP = 44;
    static final double BOTTOM = 132;
    static final double BLADE = 34;

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

    /// A contact in the upper wire.
    ///
    /// @return where it ends
    final double contact(double from, double at, String name, boolean closed) {
        line("wire", from, TOP, at, TOP);
        box("contact-dot", at - 3, TOP - 3, 6, 6);
        box("contact-dot", at + BLADE - 3, TOP - 3, 6, 6);
        line("wire blade", at, TOP, at + BLADE - 2, closed ? TOP - 1 : TOP - 15);
        words("quiet", name, at + BLADE / 2, TOP - 22, Across.CENTER);
        return at + BLADE;
    }

    /// A contact from one height to another.
    final void upright(double x, double top, double bottom, boolean closed) {
        box("contact-dot", x - 3, top - 3, 6, 6);
        box("contact-dot", x - 3, bottom - 3, 6, 6);
        line("wire blade", x, bottom, closed ? x : x - 14, top + 2);
    }

    /// A resistor with the bands its value and tolerance have.
    final void body(double ohms, double x, double y, double width, double height) {
        box("resistor", x, y, width, height);
        double tolerance = view.wiring().tolerancePercent();
        for (ResistorStripes.Stripe stripe : ResistorStripes.of(ohms, tolerance, x, y, width, height, height > width)
                .stripes()) {
            box("stripe-" + stripe.colour().word(), stripe.x(), stripe.y(), stripe.width(), stripe.height());
        }
    }

    /// A resistor across what stands between two places of the upper wire, with its value below.
    final void across(double from, double to, double ohms, Value value) {
        double down = TOP + 32;
        double middle = (from + to) / 2;
        path("wire", from - 10, TOP, from - 10, down, middle - 20, down);
        path("wire", middle + 20, down, to + 10, down, to + 10, TOP);
        body(ohms, middle - 20, down - 7, 40, 14);
        place(value, middle, down + 18, Across.CENTER);
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
                percent -> loopEdit("tolerance", wiring -> wiring.withTolerancePercent(percent)));
    }

    private Value ohms(String name, double ohms, DoubleFunction<UnaryOperator<LoopWiring>> change) {
        return field(
                name, Figures.resistor(ohms), typed -> loopEdit(name.toLowerCase(Locale.ROOT), change.apply(typed)));
    }

    private Edit loopEdit(String what, UnaryOperator<LoopWiring> change) {
        return LoopEdits.parts(what, view.point().id(), change);
    }

    final Value field(String name, String text, DoubleFunction<Edit> edit) {
        return Value.of(
                name,
                text,
                typed -> actions.apply(
                        FigureReader.read(typed.replace("±", ""), name).then(edit::apply)));
    }
}
