package io.answerback.cores;

import io.answerback.job.CoreUse;
import io.answerback.job.Point;
import io.answerback.job.Terminal;
import io.answerback.job.TerminalUse;
import java.util.ArrayList;
import java.util.List;

/// Works out where cores go at a device, or at several beside each other. What is printed on a device is not known; its
/// terminals are called by what they are for.
final class DevicePlanner {
    private static final int MOST_CORES = 8;

    private final List<Point> points;
    private final List<Terminal> strip = new ArrayList<>();

    /// @param points at least one, with the parts of the loop their contacts lie in
    DevicePlanner(List<Point> points) {
        this.points = points;
        for (Point point : points) {
            String of = points.size() > 1 ? " " + point.id() : "";
            boolean twoWire = point.kind().twoWire();
            add((twoWire ? "line +" : "contact") + of, TerminalUse.CONTACT);
            add((twoWire ? "line −" : "contact") + of, TerminalUse.CONTACT);
        }
        if (points.stream().anyMatch(CoreNeeds::powered)) {
            add("+", TerminalUse.SUPPLY);
            add("−", TerminalUse.SUPPLY_RETURN);
        }
        if (points.stream().anyMatch(point -> point.kind().outputs().tamper())) {
            add("cover in", TerminalUse.TAMPER);
            add("cover out", TerminalUse.TAMPER);
        }
    }

    private void add(String name, TerminalUse use) {
        strip.add(new Terminal(name, use, List.of(), MOST_CORES, 0));
    }

    BoxPlan plan(List<Coming> coming) {
        Point first = points.getFirst();
        List<CableCores> cables = coming.stream()
                .map(one -> one.cores((cable, need) -> landing(need)))
                .toList();
        return new BoxPlan(Place.device(first.id()), first.id() + " " + first.name(), strip, cables, TamperRing.NONE);
    }

    private Landing landing(CoreNeed need) {
        return switch (need.use()) {
            case LOOP -> contact(need.pointId(), 0);
            case LOOP_RETURN -> contact(need.pointId(), 1);
            case SUPPLY -> nth(TerminalUse.SUPPLY, 0);
            case SUPPLY_RETURN -> nth(TerminalUse.SUPPLY_RETURN, 0);
            case TAMPER -> nth(TerminalUse.TAMPER, 0);
            case TAMPER_RETURN -> nth(TerminalUse.TAMPER, 1);
            default -> noTerminal(need.use());
        };
    }

    private Landing contact(String pointId, int which) {
        for (int i = 0; i < points.size(); i++) {
            if (points.get(i).id().equals(pointId)) {
                return new Landing.Under(2 * i + which, false);
            }
        }
        return noTerminal(CoreUse.LOOP);
    }

    private Landing nth(TerminalUse use, int n) {
        int found = 0;
        for (int i = 0; i < strip.size(); i++) {
            if (strip.get(i).use() == use && found++ == n) {
                return new Landing.Under(i, false);
            }
        }
        return new Landing.Nowhere("the device has no such terminal");
    }

    private static Landing noTerminal(CoreUse use) {
        return new Landing.Nowhere("the device has no place for a core of use " + use.words());
    }
}
