package io.answerback.core.work.materials;

import io.answerback.core.bus.BusEnds;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.device.SchemeKind.Part;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.core.model.site.Point;
import io.answerback.core.wiring.cabling.UnusedInputs;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/// Devices by kind, the resistors of their loops by value with two spares of each, and what they are fixed with. A
/// device is there once the cable to it is under its terminals, a wireless one once its battery was fitted.
record DeviceMaterials(Facts facts) {
    private static final int SPARE_RESISTORS = 2;
    private static final int FIXINGS = 2;

    /// How many are needed, and how many of them are there.
    private static final class Count {
        private int needed;
        private int there;

        private void add(boolean isThere) {
            needed++;
            there += isThere ? 1 : 0;
        }
    }

    List<Material> materials() {
        Map<String, Count> kinds = new TreeMap<>();
        Map<Double, Count> resistors = new TreeMap<>();
        Count fixings = new Count();
        for (Point point : facts.points()) {
            boolean there = there(point);
            for (PointKind kind : point.kinds()) {
                kinds.computeIfAbsent(kind.name(), name -> new Count()).add(there);
                for (int i = 0; i < FIXINGS; i++) {
                    fixings.add(there);
                }
            }
            if (hasLoop(point)) {
                resistors(point)
                        .forEach(ohms -> resistors
                                .computeIfAbsent(ohms, value -> new Count())
                                .add(there));
            }
        }
        unused(resistors);
        facts.of(BusEnds.FACT)
                .ends()
                .forEach(end -> resistors
                        .computeIfAbsent(facts.of(BusEnds.FACT).ohms(), value -> new Count())
                        .add(facts.bus().terminated().contains(end)));
        return listed(kinds, resistors, fixings);
    }

    private boolean there(Point point) {
        return point.kind().radio()
                ? facts.radio().battery(point.id()).isPresent()
                : facts.cableTo(point.id()).filter(CableMaterials::terminated).isPresent();
    }

    /// The second zone of an input has its resistors in the loop of the first.
    private boolean hasLoop(Point point) {
        PointKind kind = point.kind();
        return !kind.radio() && facts.inputOf(point.id()).filter(Input::second).isEmpty();
    }

    /// One end-of-line resistor a loop; those of contacts once for each device that shares it.
    private static List<Double> resistors(Point point) {
        LoopWiring loop = point.loop();
        List<Double> ohms = new ArrayList<>();
        SchemeKind scheme = loop.scheme();
        if (scheme == SchemeKind.TWO_WIRE_SMOKE) {
            return loop.endOfLineOhms() > 0 ? List.of(loop.endOfLineOhms()) : List.of();
        }
        add(ohms, scheme.has(Part.END_OF_LINE), loop.endOfLineOhms());
        for (int device = 0; device < point.kinds().size(); device++) {
            add(ohms, scheme.has(Part.ALARM), loop.alarmOhms());
            add(ohms, scheme.has(Part.SECOND), loop.secondOhms());
        }
        return ohms;
    }

    private static void add(List<Double> ohms, boolean used, double value) {
        if (used && value > 0) {
            ohms.add(value);
        }
    }

    /// An unused input that needs a resistor takes the one its scheme ends in; it is there once it is fitted.
    private void unused(Map<Double, Count> resistors) {
        UnusedInputs.of(facts)
                .filter(unused -> unused.needs() == UnusedTermination.RESISTOR)
                .forEach(unused -> resistors
                        .computeIfAbsent(unused.bands().endOfLineOhms(), value -> new Count())
                        .add(unused.fitted()));
    }

    private static List<Material> listed(Map<String, Count> kinds, Map<Double, Count> resistors, Count fixings) {
        List<Material> all = new ArrayList<>();
        kinds.forEach((name, count) -> all.add(Material.pieces(
                "device:" + name,
                MaterialGroup.DEVICES,
                name,
                count.needed,
                count.there,
                0,
                "the points of this kind, and each device of a shared loop")));
        resistors.forEach((ohms, count) -> all.add(Material.pieces(
                "resistor:" + Figures.resistor(ohms),
                MaterialGroup.RESISTORS,
                "Resistor " + Figures.resistor(ohms),
                count.needed,
                count.there,
                SPARE_RESISTORS,
                "the loops, the unused inputs and the bus terminators, and two spares")));
        if (fixings.needed > 0) {
            all.add(Material.pieces(
                    "fixings",
                    MaterialGroup.SMALL_PARTS,
                    "Screws with plugs",
                    fixings.needed,
                    fixings.there,
                    0,
                    "two a device"));
        }
        return all;
    }
}
