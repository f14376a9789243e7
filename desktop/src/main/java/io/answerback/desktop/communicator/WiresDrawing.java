package io.answerback.desktop.communicator;

import io.answerback.core.model.unit.Attachment;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.report.attach.Wires;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Picture;
import java.util.List;
import java.util.stream.Collectors;

/// The wires between the board of the panel and the communicator, each from terminal to terminal with what it
/// carries; the connector of one that is plugged on.
public final class WiresDrawing extends Picture {
    private static final double TOP = 30;
    private static final double ROW = 26;
    private static final double BOX = 150;
    private static final double MOST_WIDE = 640;
    private static final double FOOT = 14;
    private static final double DOT = 8;
    private static final double LETTER = 7;

    private final String panel;
    private final Unit unit;
    private final List<Wires.Wire> wires;

    /// @param panel what the panel is called
    public WiresDrawing(String panel, Unit unit, Wires wires) {
        super("wires-drawing");
        this.panel = panel;
        this.unit = unit;
        this.wires = wires.wires();
    }

    private boolean pluggedOn() {
        return unit.fitting().way().filter(way -> way == Attachment.PLUG_ON).isPresent();
    }

    private int rows() {
        return Math.max(1, wires.size() + (pluggedOn() ? 1 : 0));
    }

    @Override
    public double height() {
        return TOP + rows() * ROW + FOOT;
    }

    @Override
    public String says() {
        String each = wires.stream()
                .map(wire -> wire.use() + " from " + wire.panel() + " to " + wire.unit())
                .collect(Collectors.joining(", "));
        return pluggedOn() ? "It is plugged onto the board. " + each : each;
    }

    @Override
    protected void draw(double width) {
        double whole = Math.min(width, MOST_WIDE);
        double right = whole - BOX;
        double tall = rows() * ROW;
        box("wires-box", 0, TOP, BOX, tall);
        box("wires-box", right, TOP, BOX, tall);
        words("wires-name", cut(panel, whole / 2, LETTER), 0, TOP / 2, Across.LEFT)
                .hint(panel);
        words("wires-name", cut(unit.profile().module().name(), whole / 2, LETTER), whole, TOP / 2, Across.RIGHT)
                .hint(unit.profile().name());
        double y = TOP + ROW / 2;
        if (pluggedOn()) {
            box("wires-plug", BOX - DOT, y - DOT, right - BOX + 2 * DOT, 2 * DOT);
            words("wires-use", "connector on the board", whole / 2, y, Across.CENTER);
            y += ROW;
        }
        for (Wires.Wire wire : wires) {
            String style = switch (wire.carries()) {
                case SUPPLY -> "wires-plus";
                case ZERO_VOLTS -> "wires-zero";
                case SIGNAL -> "wires-data";
            };
            line(style, BOX, y, right, y).says(wire.use() + ": " + wire.panel() + " to " + wire.unit());
            box("wires-terminal", BOX - DOT / 2, y - DOT / 2, DOT, DOT);
            box("wires-terminal", right - DOT / 2, y - DOT / 2, DOT, DOT);
            words("wires-figure", wire.panel(), BOX - DOT * 1.5, y, Across.RIGHT);
            words("wires-figure", wire.unit(), right + DOT * 1.5, y, Across.LEFT);
            words("wires-use", wire.use(), whole / 2, y - 9, Across.CENTER);
            y += ROW;
        }
    }
}
