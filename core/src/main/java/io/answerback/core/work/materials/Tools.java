package io.answerback.core.work.materials;

import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.device.Latch;
import io.answerback.core.model.profile.ModuleSort;
import java.util.ArrayList;
import java.util.List;

/// Tools and protection that the work and its cautions ask for.
record Tools(Facts facts) {
    List<Material> materials() {
        List<Material> all = new ArrayList<>();
        if (facts.points().isEmpty() && facts.modules().size() <= 1) {
            return all;
        }
        all.add(Material.tool("meter", "Meter for volts and ohms, with charged battery", "every loop is measured"));
        boolean toRun = facts.cables().stream().anyMatch(cable -> !CableMaterials.run(cable));
        if (toRun) {
            all.add(Material.tool("detector", "Detector for hidden cables and pipes", "before any hole is drilled"));
            all.add(Material.tool("dust", "Eye and dust protection", "while holes are drilled"));
        }
        if (has(ModuleSort.SOUNDER) || has(ModuleSort.SPEAKER)) {
            all.add(Material.tool("ears", "Ear protection", "sounders are heard close by"));
            all.add(Material.tool("level", "Sound level meter", "the plan asks for dB(A) at a distance"));
        }
        if (has(ModuleSort.SOUNDER)) {
            all.add(Material.tool("ladder", "Ladder, and somebody to hold it", "sounders hang high"));
        }
        if (!facts.power().batteries().isEmpty()) {
            all.add(Material.tool("caps", "Covers for battery terminals", "no tool may bridge a battery"));
        }
        if (watches(KindFamily.GAS)) {
            all.add(Material.tool("gas", "Test gas for the gas detectors", "under its own licence only"));
        }
        if (latchedByKey()) {
            all.add(Material.tool("reset-key", "Keys that reset the hold-up buttons", "each stays pressed until then"));
        }
        if (watches(KindFamily.FIRE)) {
            all.add(Material.tool("smoke", "Test smoke for the fire detectors", "under its own licence only"));
        }
        return all;
    }

    private boolean has(ModuleSort sort) {
        return facts.modules().stream()
                .flatMap(module -> facts.kindOf(module).stream())
                .anyMatch(kind -> kind.sort() == sort);
    }

    private boolean latchedByKey() {
        return facts.points().stream()
                .anyMatch(point ->
                        point.has(kind -> kind.latch().filter(Latch.KEY::equals).isPresent()));
    }

    private boolean watches(KindFamily family) {
        return facts.points().stream().anyMatch(point -> point.has(kind -> kind.family() == family));
    }
}
