package io.answerback.desktop.learn;

import io.answerback.core.learn.exercise.Picture.Loop;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.desktop.loop.LoopStrokes;
import io.answerback.desktop.part.Across;

/// A loop as it was planned, at rest: input, cable, joint and device. It shows nothing of what is really
/// there.
final class PlannedLoop extends LoopStrokes {
    private static final double HEIGHT = 168;
    private static final double PANEL = 110;
    private static final double NARROW = 480;
    private static final double NARROW_PANEL = 72;
    private static final double NARROW_CABLE = 100;
    private static final double JOINT = 56;
    private static final double MARGIN = 14;
    private static final double RESISTOR_TOP = TOP + 22;
    private static final double RESISTOR_BOTTOM = BOTTOM - 22;
    private static final double RESISTOR_WIDTH = 14;

    private final Loop loop;
    private double panel;
    private double device;
    private double right;

    PlannedLoop(Loop loop) {
        super("loop-drawing");
        this.loop = loop;
    }

    private LoopWiring wiring() {
        return loop.loop().wiring();
    }

    @Override
    public double height() {
        return HEIGHT;
    }

    @Override
    public String says() {
        return "The loop as planned: " + wiring().scheme().words();
    }

    @Override
    protected void draw(double width) {
        boolean narrow = width < NARROW;
        panel = narrow ? NARROW_PANEL : PANEL;
        device = narrow ? panel + NARROW_CABLE : Math.max(panel + 170, width * 0.46);
        right = width - 40;
        box("part-box", 1, 6, panel, HEIGHT - 14);
        words("part-name", loop.input(), 12, 22, Across.LEFT);
        box("device-box", device - MARGIN, 6, width - device + MARGIN - 2, HEIGHT - 14);
        words("quiet", loop.device(), device - 4, BOTTOM + 13, Across.LEFT);
        line("wire cable", panel, TOP, device, TOP);
        line("wire cable", panel, BOTTOM, device, BOTTOM);
        cable();
        if (inPanel()) {
            resistorAtPanel();
        }
        device();
    }

    private boolean inPanel() {
        return wiring().scheme().hasEndOfLine() && wiring().place() == ResistorPlace.IN_PANEL;
    }

    /// The resistor between the panel's own terminals, or in the wire that leaves it.
    private void resistorAtPanel() {
        if (wiring().scheme() == SchemeKind.END_OF_LINE_ACROSS) {
            line("wire", panel + MARGIN, TOP, panel + MARGIN, RESISTOR_TOP);
            resistor(panel + MARGIN, RESISTOR_TOP, RESISTOR_BOTTOM, wiring().endOfLineOhms());
            line("wire", panel + MARGIN, RESISTOR_BOTTOM, panel + MARGIN, BOTTOM);
        } else {
            double end = inWire(wiring().endOfLineOhms(), wiring().tolerancePercent(), panel + 6);
            words("figure", Figures.resistor(wiring().endOfLineOhms()), (panel + 6 + end) / 2, TOP + 18, Across.CENTER);
        }
    }

    private void cable() {
        double middle = (panel + device - MARGIN) / 2;
        words("figure", Figures.metres(loop.loop().cable().metres()), middle, (TOP + BOTTOM) / 2, Across.CENTER);
        if (loop.joint()) {
            box("device-box", middle - JOINT / 2, TOP - 14, JOINT, BOTTOM - TOP + 28);
            words("quiet", "joint", middle, TOP - 24, Across.CENTER);
        }
    }

    private void device() {
        switch (wiring().scheme()) {
            case CLOSED_LOOP -> ends(contact(device, 0.35, "contact"));
            case NORMALLY_OPEN -> acrossThePair(false);
            case END_OF_LINE_ACROSS, TWO_WIRE_SMOKE -> acrossThePair(true);
            case SINGLE_END_OF_LINE -> resistorEnds(contact(device, 0.35, "contact"));
            case DOUBLE_END_OF_LINE ->
                resistorEnds(withResistor(contact(device, 0.08, "tamper"), 0.45, "alarm", wiring().alarmOhms()));
            case TRIPLE_END_OF_LINE -> {
                double alarm = withResistor(contact(device, 0.02, "tamper"), 0.26, "alarm", wiring().alarmOhms());
                resistorEnds(withResistor(alarm, 0.62, "mask", wiring().secondOhms()));
            }
            case TWO_ZONES_SERIES -> {
                double first = withResistor(device, 0.12, "first", wiring().alarmOhms());
                resistorEnds(withResistor(first, 0.55, "second", wiring().secondOhms()));
            }
            case TWO_ZONES_PARALLEL -> branches();
        }
    }

    private double at(double share) {
        return device + share * (right - device);
    }

    /// A closed contact in the upper wire, at a share of the device's width.
    private double contact(double from, double share, String name) {
        return contact(from, at(share), name, true);
    }

    private double withResistor(double from, double share, String name, double ohms) {
        double end = contact(from, share, name);
        double middle = across(at(share), end, ohms, wiring().tolerancePercent());
        words("figure", Figures.resistor(ohms), middle, ACROSS_VALUE, Across.CENTER);
        return end;
    }

    private void ends(double from) {
        path("wire", from, TOP, right, TOP, right, BOTTOM, device, BOTTOM);
    }

    private void resistorEnds(double from) {
        if (inPanel()) {
            ends(from);
            return;
        }
        path("wire", from, TOP, right, TOP, right, RESISTOR_TOP);
        resistor(right, RESISTOR_TOP, RESISTOR_BOTTOM, wiring().endOfLineOhms());
        path("wire", right, RESISTOR_BOTTOM, right, BOTTOM, device, BOTTOM);
    }

    private void resistor(double x, double top, double bottom, double ohms) {
        body(ohms, wiring().tolerancePercent(), x - RESISTOR_WIDTH / 2, top, RESISTOR_WIDTH, bottom - top);
        words("figure", Figures.resistor(ohms), x + 10, (top + bottom) / 2, Across.LEFT);
    }

    /// An open contact across the pair, and the resistor behind it where there is one.
    private void acrossThePair(boolean resistor) {
        double at = at(0.4);
        line("wire", device, TOP, at, TOP);
        line("wire", device, BOTTOM, at, BOTTOM);
        line("wire", at, TOP, at, RESISTOR_TOP);
        line("wire", at, BOTTOM, at, RESISTOR_BOTTOM);
        upright(at, RESISTOR_TOP, RESISTOR_BOTTOM, false);
        words("quiet", "contact", at + 10, (TOP + BOTTOM) / 2, Across.LEFT);
        if (resistor && !inPanel()) {
            resistorEnds(at);
            line("wire", at, BOTTOM, right, BOTTOM);
        }
    }

    private void branches() {
        branch(at(0.3), "first", wiring().alarmOhms());
        branch(at(0.75), "second", wiring().secondOhms());
        line("wire", device, TOP, at(0.75), TOP);
        line("wire", device, BOTTOM, at(0.75), BOTTOM);
    }

    private void branch(double x, String name, double ohms) {
        double middle = (TOP + BOTTOM) / 2;
        line("wire", x, TOP, x, TOP + 8);
        upright(x, TOP + 8, middle - 8, true);
        line("wire", x, middle - 8, x, middle);
        words("quiet", name, x + 10, TOP + 18, Across.LEFT);
        resistor(x, middle, BOTTOM - 8, ohms);
        line("wire", x, BOTTOM - 8, x, BOTTOM);
    }
}
