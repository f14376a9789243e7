package io.answerback.desktop.learn;

import io.answerback.core.common.Figures;
import io.answerback.core.device.ResistorPlace;
import io.answerback.core.device.SchemeKind;
import io.answerback.core.exercise.Picture.Loop;
import io.answerback.core.site.LoopWiring;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Picture;

/// A loop as it was planned, at rest: input, cable, joint and device. It shows nothing of what is really
/// there.
final class PlannedLoop extends Picture {
    private static final double HEIGHT = 158;
    private static final double TOP = 46;
    private static final double BOTTOM = 122;
    private static final double PANEL = 110;
    private static final double NARROW = 480;
    private static final double NARROW_PANEL = 72;
    private static final double NARROW_CABLE = 100;
    private static final double JOINT = 56;
    private static final double MARGIN = 14;
    private static final double BLADE = 30;
    private static final double BODY = 36;
    private static final double THICK = 13;

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
        right = width - 26;
        box("part-box", 1, 14, panel, HEIGHT - 28);
        words("part-name", loop.input(), 12, 34, Across.LEFT);
        box("device-box", device - MARGIN, 14, width - device + MARGIN - 2, HEIGHT - 28);
        words("quiet", loop.device(), device - 4, 26, Across.LEFT);
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
            line("wire", panel + MARGIN, TOP, panel + MARGIN, TOP + 18);
            upright(panel + MARGIN, TOP + 18, BOTTOM - 18, wiring().endOfLineOhms());
            line("wire", panel + MARGIN, BOTTOM - 18, panel + MARGIN, BOTTOM);
        } else {
            box("resistor", panel + 6, TOP - THICK / 2, BODY, THICK);
            words("figure", Figures.resistor(wiring().endOfLineOhms()), panel + 6 + BODY / 2, TOP + 18, Across.CENTER);
        }
    }

    private void cable() {
        double middle = (panel + device - MARGIN) / 2;
        String metres = Figures.metres(loop.loop().cable().metres());
        words("figure", metres, middle, (TOP + BOTTOM) / 2, Across.CENTER);
        if (loop.joint()) {
            box("device-box", middle - JOINT / 2, TOP - 14, JOINT, BOTTOM - TOP + 28);
            words("quiet", "joint", middle, TOP - 24, Across.CENTER);
        }
    }

    private void device() {
        switch (wiring().scheme()) {
            case CLOSED_LOOP -> ends(contact(device, 0.35, "contact"));
            case NORMALLY_OPEN -> across(false);
            case END_OF_LINE_ACROSS -> across(true);
            case SINGLE_END_OF_LINE -> resistorEnds(contact(device, 0.35, "contact"));
            case DOUBLE_END_OF_LINE ->
                resistorEnds(withResistor(contact(device, 0.08, "tamper"), 0.45, "alarm", wiring().alarmOhms()));
            case TRIPLE_END_OF_LINE -> {
                double alarm = withResistor(contact(device, 0.03, "tamper"), 0.26, "alarm", wiring().alarmOhms());
                resistorEnds(withResistor(alarm, 0.62, "mask", wiring().secondOhms()));
            }
            case TWO_ZONES_SERIES -> {
                double first = withResistor(device, 0.12, "first", wiring().alarmOhms());
                resistorEnds(withResistor(first, 0.55, "second", wiring().secondOhms()));
            }
            case TWO_ZONES_PARALLEL -> branches();
            case TWO_WIRE_SMOKE -> across(true);
        }
    }

    /// A closed contact in the upper wire, at a share of the device's width.
    private double contact(double from, double share, String name) {
        double at = device + share * (right - device);
        line("wire", from, TOP, at, TOP);
        box("contact-dot", at - 3, TOP - 3, 6, 6);
        box("contact-dot", at + BLADE - 3, TOP - 3, 6, 6);
        line("wire blade", at, TOP, at + BLADE - 2, TOP - 1);
        words("quiet", name, at + BLADE / 2, TOP + 11, Across.CENTER);
        return at + BLADE;
    }

    /// A closed contact with a resistor across it.
    private double withResistor(double from, double share, String name, double ohms) {
        double at = device + share * (right - device);
        double end = contact(from, share, name);
        double down = TOP + 34;
        double middle = (at + end) / 2;
        path("wire", at - 10, TOP, at - 10, down, middle - BODY / 2, down);
        path("wire", middle + BODY / 2, down, end + 10, down, end + 10, TOP);
        box("resistor", middle - BODY / 2, down - THICK / 2, BODY, THICK);
        words("figure", Figures.resistor(ohms), middle, down + 16, Across.CENTER);
        line("wire", end, TOP, end + 10, TOP);
        return end + 10;
    }

    private void ends(double from) {
        path("wire", from, TOP, right, TOP, right, BOTTOM, device, BOTTOM);
    }

    private void resistorEnds(double from) {
        if (inPanel()) {
            ends(from);
            return;
        }
        path("wire", from, TOP, right - 14, TOP, right - 14, TOP + 18);
        upright(right - 14, TOP + 18, BOTTOM - 18, wiring().endOfLineOhms());
        path("wire", right - 14, BOTTOM - 18, right - 14, BOTTOM, device, BOTTOM);
    }

    private void upright(double x, double top, double bottom, double ohms) {
        box("resistor", x - THICK / 2, top, THICK, bottom - top);
        words("figure", Figures.resistor(ohms), x + THICK, (top + bottom) / 2, Across.LEFT);
    }

    /// An open contact across the pair, and the resistor behind it where there is one.
    private void across(boolean resistor) {
        double at = device + 0.4 * (right - device);
        line("wire", device, TOP, at, TOP);
        line("wire", device, BOTTOM, at, BOTTOM);
        open(at, "contact");
        if (resistor && !inPanel()) {
            path("wire", at, TOP, right - 14, TOP, right - 14, TOP + 18);
            upright(right - 14, TOP + 18, BOTTOM - 18, wiring().endOfLineOhms());
            path("wire", right - 14, BOTTOM - 18, right - 14, BOTTOM, at, BOTTOM);
        }
    }

    private void open(double x, String name) {
        line("wire", x, TOP, x, TOP + 24);
        line("wire", x, BOTTOM, x, BOTTOM - 24);
        box("contact-dot", x - 3, TOP + 21, 6, 6);
        box("contact-dot", x - 3, BOTTOM - 27, 6, 6);
        line("wire blade", x, BOTTOM - 24, x - 13, TOP + 26);
        words("quiet", name, x + 10, (TOP + BOTTOM) / 2, Across.LEFT);
    }

    private void branches() {
        branch(device + 0.3 * (right - device), "first", wiring().alarmOhms());
        branch(device + 0.75 * (right - device), "second", wiring().secondOhms());
        line("wire", device, TOP, device + 0.75 * (right - device), TOP);
        line("wire", device, BOTTOM, device + 0.75 * (right - device), BOTTOM);
    }

    private void branch(double x, String name, double ohms) {
        double middle = (TOP + BOTTOM) / 2;
        line("wire", x, TOP, x, TOP + 6);
        box("contact-dot", x - 3, TOP + 5, 6, 6);
        box("contact-dot", x - 3, middle - 9, 6, 6);
        line("wire blade", x, TOP + 8, x - 1, middle - 6);
        words("quiet", name, x + 10, TOP + 18, Across.LEFT);
        upright(x, middle, BOTTOM - 8, ohms);
        line("wire", x, BOTTOM - 8, x, BOTTOM);
    }
}
