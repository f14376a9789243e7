package io.answerback.desktop.loop;

import io.answerback.chain.FigureReader;
import io.answerback.chain.Figures;
import io.answerback.desktop.desk.Desk;
import io.answerback.desktop.drawing.Choice;
import io.answerback.desktop.drawing.Drawing;
import io.answerback.desktop.drawing.ValueField;
import io.answerback.desktop.theme.Look;
import io.answerback.edit.Edit;
import io.answerback.edit.Edits;
import io.answerback.job.Conductor;
import io.answerback.job.LoopWiring;
import io.answerback.job.ResistorPlace;
import io.answerback.job.SchemeKind;
import io.answerback.loop.CableState;
import io.answerback.loop.DeviceState;
import io.answerback.loop.Extreme;
import io.answerback.loop.LoopPart;
import java.util.List;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;
import javafx.geometry.HPos;

/// The loop with its real parts, their values on them, in the state the switches say. Every value can be
/// changed where it stands.
final class LoopDrawing extends Drawing {
    private static final double HEIGHT = 168;
    private static final double TOP = 44;
    private static final double BOTTOM = 132;
    private static final double PANEL_WIDTH = 118;

    private final Desk desk;
    private final List<Conductor> conductors;
    private LoopView view;
    private double device;
    private double right;

    LoopDrawing(Desk desk, Look look, List<Conductor> conductors) {
        super(look);
        this.desk = desk;
        this.conductors = conductors;
        getStyleClass().add("loop-drawing");
    }

    void show(LoopView shown) {
        view = shown;
        redraw();
    }

    @Override
    protected double height() {
        return HEIGHT;
    }

    @Override
    protected void draw(double width) {
        if (view == null) {
            return;
        }
        device = Math.max(PANEL_WIDTH + 200, width * 0.5);
        right = width - 74;
        drawPanel();
        drawCable();
        drawDevice(width);
        drawFault();
    }

    private void drawPanel() {
        box("part-box", 0, 6, PANEL_WIDTH, HEIGHT - 14);
        String[] name = view.input()
                .map(input -> new String[] {input.module(), "input " + input.number()})
                .orElse(new String[] {"No input", "not wired"});
        words("part-name", name[0], 10, 22, HPos.LEFT);
        words("figure", name[1], 10, TOP, HPos.LEFT);
        words("quiet", Figures.plain(view.profile().pullUpVolts()) + " V through", 10, 78, HPos.LEFT);
        words("quiet", Figures.resistor(view.profile().pullUpOhms()) + " pull-up", 10, 96, HPos.LEFT);
        words("figure", "0 V", 10, BOTTOM, HPos.LEFT);
    }

    private boolean inPanel() {
        return hasResistor() && view.point().loop().place() == ResistorPlace.IN_PANEL;
    }

    private boolean across() {
        return view.point().loop().scheme() == SchemeKind.END_OF_LINE_ACROSS;
    }

    private boolean hasResistor() {
        return view.point().loop().scheme().hasEndOfLine();
    }

    private void drawCable() {
        double start = PANEL_WIDTH;
        if (inPanel() && across()) {
            resistorAtTerminals(start + 14);
        } else if (inPanel()) {
            line("wire", start, TOP, start + 14, TOP);
            resistorAcross(start + 14, TOP, true);
            line("wire", start + 54, TOP, start + 62, TOP);
            start += 62;
        }
        line("wire cable", start, TOP, device, TOP);
        line("wire cable", PANEL_WIDTH, BOTTOM, device, BOTTOM);
        double left = PANEL_WIDTH + (inPanel() && across() ? 34 : 16);
        double row = (TOP + BOTTOM) / 2;
        words("figure", view.cable().id(), left, row - 24, HPos.LEFT);
        place(metres(), left + 42, row - 24, HPos.LEFT);
        place(conductor(), left + 92, row - 24, HPos.LEFT);
        place(celsius("Coldest", view.cable().coldestCelsius(), true), left, row, HPos.LEFT);
        words("quiet", "to", left + 52, row, HPos.LEFT);
        place(celsius("Hottest", view.cable().hottestCelsius(), false), left + 68, row, HPos.LEFT);
        words("figure", Figures.ohms(thereAndBack()) + " there and back", left, row + 22, HPos.LEFT);
        words(
                "quiet",
                "longest that works: " + Figures.metres(view.result().longestMetres()),
                left,
                BOTTOM + 18,
                HPos.LEFT);
    }

    /// The resistor between the panel's own terminals, before the cable.
    private void resistorAtTerminals(double x) {
        double low = BOTTOM - 30;
        line("wire", x, TOP, x, low - 44);
        body(view.point().loop().endOfLineOhms(), x - 7, low - 44, 14, 44);
        line("wire", x, low, x, BOTTOM);
        place(endOfLine(), x - 8, TOP - 20, HPos.LEFT);
    }

    private double thereAndBack() {
        var cable = view.cable();
        return new LoopPart.CableRun(cable.metres(), cable.conductor(), cable.coldestCelsius(), cable.hottestCelsius())
                .ohms(Extreme.NOMINAL);
    }

    private void drawDevice(double width) {
        box("device-box", device, 6, width - device - 2, HEIGHT - 14);
        words(
                "quiet",
                view.point().kind().words().part() + " as wired, " + view.word(view.device()),
                device + 10,
                HEIGHT - 20,
                HPos.LEFT);
        if (across()) {
            line("wire", device, TOP, right, TOP);
            contactAcross(right - 64);
        } else {
            contactsInSeries();
        }
        line("wire", device, BOTTOM, right, BOTTOM);
        drawEnd();
    }

    private void contactsInSeries() {
        double x = device;
        boolean covered = view.point().loop().scheme() == SchemeKind.DOUBLE_END_OF_LINE;
        double step = (right - device) / (covered ? 2 : 1);
        if (covered) {
            x = contact(x, x + step * 0.2, "cover", view.device() != DeviceState.COVER_OFF);
        }
        double from = device + (covered ? step * 0.95 : step * 0.35);
        double end = contact(x, from, view.point().kind().words().thing(), closed());
        if (covered) {
            drawAlarmResistor(from, end);
        }
        line("wire", end, TOP, right, TOP);
    }

    /// Whether the alarm contact conducts now: the normally-open schemes close it when the device is active.
    private boolean closed() {
        boolean open = across() || view.point().loop().scheme() == SchemeKind.NORMALLY_OPEN;
        return open == (view.device() == DeviceState.ACTIVE);
    }

    /// The contact between the pair, where the resistor is.
    private void contactAcross(double x) {
        double middle = (TOP + BOTTOM) / 2;
        line("wire", x, TOP, x, middle - 17);
        line("wire", x, middle + 17, x, BOTTOM);
        box("contact-dot", x - 3, middle - 20, 6, 6);
        box("contact-dot", x - 3, middle + 14, 6, 6);
        line("wire blade", x, middle + 17, closed() ? x : x - 14, middle - 15);
        words("quiet", view.point().kind().words().thing(), x - 20, middle, HPos.RIGHT);
    }

    private double contact(double from, double at, String name, boolean closed) {
        double blade = 34;
        line("wire", from, TOP, at, TOP);
        box("contact-dot", at - 3, TOP - 3, 6, 6);
        box("contact-dot", at + blade - 3, TOP - 3, 6, 6);
        line("wire blade", at, TOP, at + blade - 2, closed ? TOP - 1 : TOP - 15);
        words("quiet", name, at + blade / 2, TOP - 22, HPos.CENTER);
        return at + blade;
    }

    private void drawAlarmResistor(double from, double to) {
        double down = TOP + 32;
        double middle = (from + to) / 2;
        path("wire", from - 12, TOP, from - 12, down, middle - 20, down);
        path("wire", middle + 20, down, to + 12, down, to + 12, TOP);
        body(view.point().loop().alarmOhms(), middle - 20, down - 7, 40, 14);
        place(
                ohms("Alarm resistor", view.point().loop().alarmOhms(), ohms -> wiring -> wiring.withAlarmOhms(ohms)),
                middle,
                down + 18,
                HPos.CENTER);
    }

    private void drawEnd() {
        boolean fitted = hasResistor() && !inPanel() && view.cableState() != CableState.NO_RESISTOR;
        if (fitted) {
            double middle = (TOP + BOTTOM) / 2;
            line("wire", right, TOP, right, middle - 22);
            body(view.point().loop().endOfLineOhms(), right - 7, middle - 22, 14, 44);
            line("wire", right, middle + 22, right, BOTTOM);
        } else if (!across()) {
            line("wire", right, TOP, right, BOTTOM);
        }
        if (hasResistor() && !inPanel()) {
            valuesOfResistor(right + 12, (TOP + BOTTOM) / 2);
        }
    }

    private void resistorAcross(double x, double y, boolean values) {
        body(view.point().loop().endOfLineOhms(), x, y - 7, 40, 14);
        if (values) {
            place(endOfLine(), x + 20, y - 22, HPos.CENTER);
        }
    }

    /// A resistor with the bands its value and tolerance have.
    private void body(double ohms, double x, double y, double width, double height) {
        box("resistor", x, y, width, height);
        double tolerance = view.point().loop().tolerancePercent();
        for (ResistorStripes.Stripe stripe : ResistorStripes.of(ohms, tolerance, x, y, width, height, height > width)
                .stripes()) {
            box("stripe-" + stripe.colour().word(), stripe.x(), stripe.y(), stripe.width(), stripe.height());
        }
    }

    private void valuesOfResistor(double x, double y) {
        place(endOfLine(), x, y - 12, HPos.LEFT);
        place(
                field(
                        "Tolerance",
                        "±" + Figures.plain(view.point().loop().tolerancePercent()) + " %",
                        percent -> loopEdit("tolerance", wiring -> wiring.withTolerancePercent(percent))),
                x,
                y + 12,
                HPos.LEFT);
    }

    private ValueField endOfLine() {
        return ohms(
                "End-of-line resistor",
                view.point().loop().endOfLineOhms(),
                ohms -> wiring -> wiring.withEndOfLineOhms(ohms));
    }

    private void drawFault() {
        double near = PANEL_WIDTH + 8;
        switch (view.cableState()) {
            case CUT -> {
                line("fault", device - 22, TOP - 8, device - 10, TOP + 8);
                line("fault", device - 22, TOP + 8, device - 10, TOP - 8);
                words("fault-word", "cut", device - 30, TOP - 14, HPos.RIGHT);
            }
            case SHORT_AT_DEVICE -> {
                line("fault", device - 10, TOP, device - 10, BOTTOM);
                words("fault-word", "short", device - 16, TOP - 14, HPos.RIGHT);
            }
            case SHORT_AT_PANEL -> {
                line("fault", near, TOP, near, BOTTOM);
                words("fault-word", "short", near + 4, TOP - 14, HPos.LEFT);
            }
            case DAMP -> {
                line("fault fault-leak", device - 10, TOP, device - 10, BOTTOM);
                words(
                        "fault-word",
                        Figures.resistor(view.dampJointOhms()) + " damp",
                        device - 16,
                        TOP - 14,
                        HPos.RIGHT);
            }
            case NO_RESISTOR ->
                words("fault-word", across() ? "left out" : "bridged", right + 12, BOTTOM - 12, HPos.LEFT);
            case SOUND -> {}
        }
    }

    private ValueField metres() {
        return field(
                "Cable length",
                Figures.plain(view.cable().metres()) + " m",
                metres -> Edits.cableMetres(view.cable().id(), metres));
    }

    private javafx.scene.Node conductor() {
        return Choice.of(
                "Conductor",
                conductors,
                view.cable().conductor(),
                Conductor::name,
                chosen -> desk.apply(Edits.cableConductor(view.cable().id(), chosen)));
    }

    private ValueField celsius(String name, double celsius, boolean coldest) {
        return field(
                name,
                Figures.plain(celsius) + " °C",
                degrees -> Edits.cableCelsius(
                        view.cable().id(),
                        coldest ? degrees : view.cable().coldestCelsius(),
                        coldest ? view.cable().hottestCelsius() : degrees));
    }

    private ValueField ohms(String name, double ohms, DoubleFunction<UnaryOperator<LoopWiring>> change) {
        return field(
                name,
                Figures.resistor(ohms),
                typed -> loopEdit(name.toLowerCase(java.util.Locale.ROOT), change.apply(typed)));
    }

    private Edit loopEdit(String what, UnaryOperator<LoopWiring> change) {
        return Edits.loop(what, view.point().id(), change);
    }

    private ValueField field(String name, String text, DoubleFunction<Edit> edit) {
        return new ValueField(name, text, typed -> {
            try {
                return desk.apply(edit.apply(FigureReader.read(typed.replace("±", ""), name)));
            } catch (IllegalArgumentException notANumber) {
                desk.tell(notANumber.getMessage());
                return false;
            }
        });
    }
}
