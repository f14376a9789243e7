package io.answerback.desktop.loop;

import io.answerback.core.loop.scheme.LoopFault;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.work.Actions;

/// What is the matter with a loop, drawn where it is.
abstract class FaultDrawing extends DeviceDrawing {
    static final double MIDDLE = (TOP + BOTTOM) / 2;

    private double panelWidth;
    private double device;
    private double right;

    FaultDrawing(String style, Actions actions, LoopView view) {
        super(style, actions, view);
    }

    final boolean hasResistor() {
        return view().wiring().scheme().hasEndOfLine();
    }

    /// Draws the fault that is switched.
    ///
    /// @param panel where the panel's box ends
    /// @param leftEdge where the device's box begins
    /// @param end the place of the end-of-line resistor
    final void drawFault(double panel, double leftEdge, double end) {
        panelWidth = panel;
        device = leftEdge;
        right = end;
        LoopFault fault = view().fault();
        String word = FaultLabel.of(fault, view().fitted());
        switch (fault.kind()) {
            case SOUND -> {}
            case CUT -> {
                line("fault", device - 22, TOP - 8, device - 10, TOP + 8);
                line("fault", device - 22, TOP + 8, device - 10, TOP - 8);
                onCable("cut");
            }
            case SHORT -> shortAt(fault.value());
            case LEAK -> {
                line("fault fault-leak", device - 10, TOP, device - 10, BOTTOM);
                onCable(word);
            }
            case LEAK_TO_ZERO_VOLTS -> leakToZeroVolts(word);
            case JOINT -> {
                box("fault-joint", device - 40, TOP - 6, 24, 12);
                onCable(word);
            }
            case TWO_LOOPS -> secondLoop(word);
            case NO_RESISTOR,
                    RESISTOR_IN_PANEL,
                    DOUBLED,
                    WRONG_RESISTOR,
                    WRONG_ALARM_RESISTOR,
                    ALARM_RESISTOR_MISSING,
                    SWAPPED,
                    WRONG_FORM -> words("fault-word", word, insideEnd(), BOTTOM - 12, Across.RIGHT);
        }
    }

    /// Where words end that stand free of every wire: before the end-of-line resistor, or beyond the branches.
    private double insideEnd() {
        return view().wiring().scheme() == SchemeKind.TWO_ZONES_PARALLEL ? right + 66 : right - 12;
    }

    private void onCable(String word) {
        words("fault-word", word, device - 14, TOP - 16, Across.RIGHT);
    }

    private void shortAt(double metres) {
        double share = metres / Math.max(metres, view().fitted().cable().metres());
        double near = panelWidth + 8;
        double x = metres <= 0 ? near : near + (device - 10 - near) * share;
        line("fault", x, TOP, x, BOTTOM);
        words(
                "fault-word",
                "short",
                x + (x < device - 60 ? 4 : -6),
                TOP - 14,
                x < device - 60 ? Across.LEFT : Across.RIGHT);
    }

    /// To the metal of the building, not to the other core.
    private void leakToZeroVolts(String word) {
        double x = device - 10;
        line("fault fault-leak", x, TOP, x, MIDDLE - 8);
        for (int i = 0; i < 3; i++) {
            double half = 9 - 3 * i;
            line("fault", x - half, MIDDLE - 8 + 5 * i, x + half, MIDDLE - 8 + 5 * i);
        }
        onCable(word);
    }

    private void secondLoop(String word) {
        double x = panelWidth + 8;
        line("fault", x, TOP, x, MIDDLE - 20);
        if (hasResistor()) {
            body(view().wiring().endOfLineOhms(), x - 6, MIDDLE - 20, 12, 40);
        } else {
            box("fault-joint", x - 6, MIDDLE - 20, 12, 40);
        }
        line("fault", x, MIDDLE + 20, x, BOTTOM);
        words("fault-word", word, x + 4, TOP - 16, Across.LEFT);
    }
}
