package io.answerback.core.wiring.cores;

import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Terminal;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.core.model.site.Point;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// The terminals of one or more devices on one cable, called by what they are for, and the resistors of
/// their loop schemes between them. What is printed on a device is not known.
final class DeviceStrip {
    private static final int MOST_CORES = 8;
    private static final String END_OF_LINE = "end-of-line resistor";

    private final List<Terminal> terminals = new ArrayList<>();
    private final List<FittedPart> parts = new ArrayList<>();
    private final Map<PointId, Integer> begins = new HashMap<>();
    private final Map<PointId, Integer> ends = new HashMap<>();
    private final boolean several;

    DeviceStrip(boolean several) {
        this.several = several;
    }

    List<Terminal> terminals() {
        return terminals;
    }

    List<FittedPart> parts() {
        return parts;
    }

    /// The terminal a point's loop begins at; null for a point that is not here.
    Integer begin(PointId pointId) {
        return begins.get(pointId);
    }

    /// The terminal a point's loop ends at; null for a point that is not here.
    Integer end(PointId pointId) {
        return ends.get(pointId);
    }

    int add(String name, TerminalUse use) {
        terminals.add(new Terminal(name, use, List.of(), MOST_CORES, 0));
        return terminals.size() - 1;
    }

    /// The loop's terminals of a point.
    ///
    /// @param second whether it is the second zone of an input that serves two
    void loop(Point point, boolean second) {
        LoopWiring loop = point.loop();
        boolean here = loop.place() == ResistorPlace.LAST_DEVICE;
        boolean cover = point.has(kind -> kind.outputs().tamper());
        switch (loop.scheme()) {
            case CLOSED_LOOP, NORMALLY_OPEN -> contact(point);
            case SINGLE_END_OF_LINE -> inSeries(point, here ? loop.endOfLineOhms() : 0, END_OF_LINE);
            case END_OF_LINE_ACROSS -> across(contact(point), here ? loop.endOfLineOhms() : 0, END_OF_LINE);
            case DOUBLE_END_OF_LINE -> doubled(point, cover, here);
            case TRIPLE_END_OF_LINE -> tripled(point, cover, here);
            case TWO_ZONES_SERIES -> {
                boolean last = second && here;
                int contact = inSeries(point, last ? loop.endOfLineOhms() : 0, END_OF_LINE);
                across(contact, second ? loop.secondOhms() : loop.alarmOhms(), "resistor of the contact");
            }
            case TWO_ZONES_PARALLEL ->
                inSeries(point, second ? loop.secondOhms() : loop.alarmOhms(), "resistor of the branch");
            case TWO_WIRE_SMOKE -> across(line(point), here ? loop.endOfLineOhms() : 0, END_OF_LINE);
        }
    }

    private String name(String words, Point point) {
        return several ? words + " " + point.id() : words;
    }

    private int pair(Point point, String one, String other) {
        int at = add(name(one, point), TerminalUse.CONTACT);
        add(name(other, point), TerminalUse.CONTACT);
        begins.putIfAbsent(point.id(), at);
        ends.put(point.id(), at + 1);
        return at;
    }

    private int contact(Point point) {
        return pair(point, "contact in", "contact out");
    }

    private int line(Point point) {
        return pair(point, "line +", "line −");
    }

    /// A resistor that is in no contact's own pair hangs between a connector block and the contact.
    private int inSeries(Point point, double ohms, String what) {
        if (ohms == 0) {
            return contact(point);
        }
        int block = add(name("block", point), TerminalUse.OTHER);
        begins.put(point.id(), block);
        int contact = contact(point);
        parts.add(new FittedPart(block, contact, ohms, what));
        return contact;
    }

    private void across(int contact, double ohms, String what) {
        if (ohms > 0) {
            parts.add(new FittedPart(contact, contact + 1, ohms, what));
        }
    }

    /// Cover contact, end-of-line resistor, alarm contact with its own resistor across it, one after the other.
    private void doubled(Point point, boolean cover, boolean here) {
        LoopWiring loop = point.loop();
        int from = cover ? pair(point, "tamper in", "tamper out") + 1 : here ? block(point) : -1;
        int alarm = pair(point, "alarm in", "alarm out");
        if (from >= 0) {
            parts.add(new FittedPart(from, alarm, here ? loop.endOfLineOhms() : 0, END_OF_LINE));
        }
        across(alarm, loop.alarmOhms(), "resistor of the alarm contact");
    }

    private int block(Point point) {
        int block = add(name("block", point), TerminalUse.OTHER);
        begins.put(point.id(), block);
        return block;
    }

    private void tripled(Point point, boolean cover, boolean here) {
        doubled(point, cover, here);
        int alarmOut = ends.get(point.id());
        int fault = pair(point, "fault in", "fault out");
        parts.add(new FittedPart(alarmOut, fault, 0, ""));
        across(fault, point.loop().secondOhms(), "resistor of the fault contact");
    }
}
