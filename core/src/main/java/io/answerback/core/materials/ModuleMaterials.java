package io.answerback.core.materials;

import io.answerback.core.cable.Cable;
import io.answerback.core.common.Text;
import io.answerback.core.memo.Facts;
import io.answerback.core.power.Battery;
import io.answerback.core.profile.ModuleKind;
import io.answerback.core.site.PanelModule;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/// Modules by kind, and batteries. A module is there when the cable to it is under its terminals; the board and what
/// plugs onto it are there when any cable of the job is.
record ModuleMaterials(Facts facts) {
    List<Material> materials() {
        Map<String, List<PanelModule>> kinds = new TreeMap<>();
        facts.modules()
                .forEach(module -> kinds.computeIfAbsent(
                                facts.kindOf(module).map(ModuleKind::name).orElse(module.name()),
                                name -> new ArrayList<>())
                        .add(module));
        List<Material> all = new ArrayList<>();
        kinds.forEach((name, modules) -> all.add(Material.pieces(
                "module:" + name,
                MaterialGroup.MODULES,
                name,
                modules.size(),
                (int) modules.stream().filter(this::there).count(),
                0,
                "the modules of this kind")));
        batteries(all);
        return all;
    }

    private boolean there(PanelModule module) {
        List<Cable> cables = facts.cablesTo(module.id());
        boolean wired = cables.isEmpty()
                ? facts.cables().stream().anyMatch(CableMaterials::terminated)
                : cables.stream().anyMatch(CableMaterials::terminated);
        return wired && !facts.bus().absent().contains(module.id());
    }

    private void batteries(List<Material> all) {
        Map<Double, List<Battery>> sizes = new TreeMap<>();
        facts.power()
                .batteries()
                .forEach(battery -> sizes.computeIfAbsent(battery.ampHours(), size -> new ArrayList<>())
                        .add(battery));
        sizes.forEach((ampHours, batteries) -> all.add(Material.pieces(
                Text.of("battery:%.1f", ampHours),
                MaterialGroup.BATTERIES,
                Text.of("Battery 12 V %.1f Ah", ampHours),
                batteries.stream().mapToInt(Battery::parallel).sum(),
                batteries.stream()
                        .filter(battery -> battery.fittedOn().isPresent())
                        .mapToInt(Battery::parallel)
                        .sum(),
                0,
                "the batteries that were chosen")));
    }
}
