package io.answerback.desktop.loop;

import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.LoopFault;
import io.answerback.core.model.common.Figures;

/// Faults as they read on the bench, with the values they are tried at.
final class FaultLabel {
    private FaultLabel() {}

    static String of(LoopFault fault, FittedLoop loop) {
        String value = Figures.resistor(fault.value());
        return switch (fault.kind()) {
            case SOUND -> "no fault";
            case CUT -> "cable cut";
            case SHORT -> shorted(fault.value(), loop.cable().metres());
            case LEAK -> value + " damp joint";
            case LEAK_TO_ZERO_VOLTS -> value + " leak to 0 V";
            case JOINT -> value + " bad joint";
            case NO_RESISTOR -> "resistor left out";
            case RESISTOR_IN_PANEL -> "resistor in panel";
            case DOUBLED -> "resistor fitted twice";
            case WRONG_RESISTOR ->
                "%s for %s".formatted(value, Figures.resistor(loop.wiring().endOfLineOhms()));
            case WRONG_ALARM_RESISTOR ->
                "%s for %s".formatted(value, Figures.resistor(loop.wiring().alarmOhms()));
            case ALARM_RESISTOR_MISSING -> Figures.resistor(loop.wiring().alarmOhms()) + " left out";
            case SWAPPED -> "resistors swapped";
            case WRONG_FORM -> "wrong contact form";
            case TWO_LOOPS -> "second loop across";
        };
    }

    private static String shorted(double metres, double length) {
        if (metres <= 0) {
            return "short at panel";
        }
        return metres >= length ? "short at device" : "short at " + Figures.metres(metres);
    }
}
