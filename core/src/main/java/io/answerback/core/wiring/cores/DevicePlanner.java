package io.answerback.core.wiring.cores;

import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.model.site.Point;
import java.util.List;

/// Works out where cores go at a device, or at several on one cable.
final class DevicePlanner {
    private final List<Point> points;
    private final DeviceStrip strip;

    /// @param devices at least one
    DevicePlanner(List<ConnectedEnd.Loop> devices) {
        this.points = devices.stream().map(ConnectedEnd.Loop::point).toList();
        this.strip = new DeviceStrip(points.size() > 1);
        devices.forEach(device -> strip.loop(device.point(), device.second()));
        if (points.stream().anyMatch(CoreNeeds::powered)) {
            strip.add("+", TerminalUse.SUPPLY);
            strip.add("−", TerminalUse.SUPPLY_RETURN);
        }
        if (points.stream().anyMatch(CoreNeeds::coverToWatch)) {
            strip.add("tamper in", TerminalUse.TAMPER);
            strip.add("tamper out", TerminalUse.TAMPER);
        }
    }

    BoxPlan plan(List<ConnectedEnd> coming) {
        Point first = points.getFirst();
        List<CableCores> cables = coming.stream()
                .map(one -> one.cores((cable, need) -> termination(need)))
                .toList();
        return new BoxPlan(
                first.id(), first.id() + " " + first.name(), strip.terminals(), cables, TamperRing.NONE, strip.parts());
    }

    private CoreTermination termination(CoreNeed need) {
        return switch (need.use()) {
            case LOOP -> under(strip.begin(need.pointId().orElseThrow()));
            case LOOP_RETURN -> under(strip.end(need.pointId().orElseThrow()));
            case SUPPLY -> nth(TerminalUse.SUPPLY, 0);
            case SUPPLY_RETURN -> nth(TerminalUse.SUPPLY_RETURN, 0);
            case TAMPER -> nth(TerminalUse.TAMPER, 0);
            case TAMPER_RETURN -> nth(TerminalUse.TAMPER, 1);
            case BUS_ONE,
                    BUS_TWO,
                    SOUNDER,
                    STROBE,
                    SOUNDER_TAMPER,
                    SPEAKER,
                    SPEAKER_RETURN,
                    TIP,
                    RING,
                    EVENT,
                    SETTING,
                    SPARE -> noTerminal(need.use());
        };
    }

    private static CoreTermination under(Integer terminal) {
        return terminal == null ? noTerminal(CoreUse.LOOP) : new CoreTermination.Under(terminal, false);
    }

    private CoreTermination nth(TerminalUse use, int n) {
        int found = 0;
        for (int i = 0; i < strip.terminals().size(); i++) {
            if (strip.terminals().get(i).use() == use && found++ == n) {
                return new CoreTermination.Under(i, false);
            }
        }
        return new CoreTermination.Nowhere("the device has no such terminal");
    }

    private static CoreTermination noTerminal(CoreUse use) {
        return new CoreTermination.Nowhere("the device has no place for a core of use " + use.words());
    }
}
