package io.answerback.desktop.loop;

import io.answerback.core.loop.LoopNetwork;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.FaultKind;
import io.answerback.core.loop.scheme.SupplyLoss;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.desktop.part.Across;
import io.answerback.desktop.part.Value;
import io.answerback.desktop.work.Actions;

/// What is at the far end of a loop, drawn as it is wired in its scheme and in the state the switches say.
abstract class DeviceDrawing extends LoopSymbols {
    private double device;
    private double right;

    DeviceDrawing(String style, Actions actions, LoopView view) {
        super(style, actions, view);
    }

    /// Draws the contacts between the left edge of the device and the place of the end-of-line resistor.
    final void drawContacts(double leftEdge, double end) {
        device = view().fitted().supplyLoss() == SupplyLoss.LOOP_OPENS ? supplyRelay(leftEdge) : leftEdge;
        right = end;
        switch (view().wiring().scheme()) {
            case CLOSED_LOOP, NORMALLY_OPEN, SINGLE_END_OF_LINE -> oneInSeries();
            case DOUBLE_END_OF_LINE -> coverAndAlarm();
            case TRIPLE_END_OF_LINE -> coverAlarmAndMask();
            case TWO_ZONES_SERIES -> twoInSeries();
            case TWO_ZONES_PARALLEL -> twoBranches();
            case END_OF_LINE_ACROSS -> contactAcross();
            case TWO_WIRE_SMOKE -> detectorsAcross();
        }
        boolean branches = view().wiring().scheme() == SchemeKind.TWO_ZONES_PARALLEL;
        line("wire", device, BOTTOM, branches ? secondBranch() : right, BOTTOM);
    }

    /// The contact of the relay that watches the supply, before everything else at the device.
    private double supplyRelay(double leftEdge) {
        double end = contact(leftEdge, leftEdge + 12, "supply", view().device() != DeviceState.UNPOWERED);
        line("wire", leftEdge, BOTTOM, end, BOTTOM);
        return end;
    }

    private double secondBranch() {
        return device + (right - device) * 0.675;
    }

    private DeviceState state() {
        return LoopNetwork.meant(view().device(), view().fault());
    }

    private boolean firstClosed() {
        boolean closesWhenActive = view().wiring().scheme().closesWhenActive();
        return closesWhenActive == view().fitted().firstChanged(state());
    }

    private String thing() {
        int contacts = view().fitted().contacts();
        String thing = view().point().kind().words().thing();
        return contacts == 1 ? thing : "%s × %d".formatted(thing, contacts);
    }

    private boolean coverOn() {
        return state() != DeviceState.COVER_OFF;
    }

    private void oneInSeries() {
        double end = contact(device, device + (right - device) * 0.35, thing(), firstClosed());
        line("wire", end, TOP, right, TOP);
    }

    private void coverAndAlarm() {
        double step = (right - device) / 2;
        double cover = contact(device, device + step * 0.2, "tamper", coverOn());
        alarmAcross(cover, device + step * 1.1);
    }

    private void coverAlarmAndMask() {
        double step = (right - device) / 3;
        double cover = contact(device, device + step * 0.08, "tamper", coverOn());
        double alarm = device + step * 1.08;
        double end = contact(cover, alarm, thing(), firstClosed());
        drawAlarmResistor(alarm, end);
        double mask = device + step * 2.1;
        secondAcross(end, mask, "mask", "Masking resistor");
    }

    private void twoInSeries() {
        double step = (right - device) / 2;
        double first = device + step * 0.25;
        double end = contact(device, first, "first", firstClosed());
        drawAlarmResistor(first, end);
        secondAcross(end, device + step * 1.2, "second", "Second zone's resistor");
    }

    private void alarmAcross(double from, double at) {
        double end = contact(from, at, thing(), firstClosed());
        drawAlarmResistor(at, end);
        line("wire", end, TOP, right, TOP);
    }

    private void secondAcross(double from, double at, String name, String value) {
        double end = contact(from, at, name, !state().secondActive());
        across(at, end, view().wiring().secondOhms(), second(value));
        line("wire", end, TOP, right, TOP);
    }

    /// Where it was left out its place is empty, where it is another one it shows the bands of that.
    private void drawAlarmResistor(double from, double to) {
        FaultKind fault = view().fault().kind();
        if (fault == FaultKind.ALARM_RESISTOR_MISSING) {
            words("fault-word", "left out", (from + to) / 2, TOP + 32, Across.CENTER);
            return;
        }
        across(from, to, LoopNetwork.fitted(view().wiring(), view().fault()).alarmOhms(), alarm("Alarm resistor"));
    }

    private void twoBranches() {
        line("wire", device, TOP, secondBranch(), TOP);
        branch(
                device + (right - device) * 0.225,
                "first",
                firstClosed(),
                view().wiring().alarmOhms(),
                alarm("First resistor"));
        branch(
                secondBranch(),
                "second",
                !state().secondActive(),
                view().wiring().secondOhms(),
                second("Second zone's resistor"));
    }

    private void branch(double x, String name, boolean closed, double ohms, Value value) {
        upright(x, TOP + 8, TOP + 32, closed);
        line("wire", x, TOP, x, TOP + 8);
        line("wire", x, TOP + 32, x, TOP + 40);
        body(ohms, x - 7, TOP + 40, 14, 40);
        line("wire", x, TOP + 80, x, BOTTOM);
        words("quiet", name, x, TOP - 16, Across.CENTER);
        place(value, x + 14, TOP + 60, Across.LEFT);
    }

    private void contactAcross() {
        line("wire", device, TOP, right, TOP);
        double x = right - 64;
        double middle = (TOP + BOTTOM) / 2;
        line("wire", x, TOP, x, middle - 17);
        line("wire", x, middle + 17, x, BOTTOM);
        upright(x, middle - 17, middle + 17, firstClosed());
        words("quiet", thing(), x - 20, middle, Across.RIGHT);
    }

    private void detectorsAcross() {
        line("wire", device, TOP, right, TOP);
        double x = device + (right - device) * 0.35;
        double middle = (TOP + BOTTOM) / 2;
        line("wire", x, TOP, x, middle - 22);
        line("wire", x, middle + 22, x, BOTTOM);
        box(state().firstActive() ? "detector detector-tripped" : "detector", x - 22, middle - 22, 44, 44);
        words("figure", state().firstActive() ? "on" : "quiet", x, middle, Across.CENTER);
        words("quiet", thing(), x, TOP - 16, Across.CENTER);
        words("quiet", "tripped", x + 30, middle - 12, Across.LEFT);
        place(alarm("A tripped detector"), x + 74, middle - 12, Across.LEFT);
        words("quiet", "quiet", x + 30, middle + 12, Across.LEFT);
        place(second("A quiet detector"), x + 74, middle + 12, Across.LEFT);
    }
}
