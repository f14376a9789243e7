package io.answerback.core.work.materials;

import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.visit.Today;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.power.Battery;
import io.answerback.core.model.power.DeviceBattery;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.site.PanelModule;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/// Modules by kind, and batteries. A module is there when the cable to it is under its terminals; the board and
/// what plugs onto it are there when any cable of the job is.
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
        deviceBatteries(all);
        return all;
    }

    private boolean there(PanelModule module) {
        List<Cable> cables = facts.cablesTo(module.id());
        boolean wired = cables.isEmpty()
                ? facts.cables().stream().anyMatch(CableMaterials::terminated)
                : cables.stream().anyMatch(CableMaterials::terminated);
        return wired && !facts.bus().absent().contains(module.id());
    }

    /// It is fitted, and not past the day by which the rules replace it.
    private boolean good(Battery battery) {
        return battery.fittedOn()
                .map(fitted -> Battery.dueOn(fitted, facts.practice()))
                .filter(this::ahead)
                .isPresent();
    }

    /// Whether a day is still to come, or the day of today is not known.
    private boolean ahead(LocalDate due) {
        return facts.of(Today.GIVEN).filter(today -> !due.isAfter(today)).isEmpty();
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
                        .filter(this::good)
                        .mapToInt(Battery::parallel)
                        .sum(),
                0,
                "the batteries that were chosen, and those past their date")));
    }

    /// Those inside wireless devices that are noted, each there until the day by which the rules change it.
    private void deviceBatteries(List<Material> all) {
        List<DeviceBattery> noted = facts.radio().batteries();
        long good = noted.stream()
                .map(battery -> battery.dueOn(facts.practice()))
                .filter(this::ahead)
                .count();
        if (!noted.isEmpty()) {
            all.add(Material.pieces(
                    "battery:device",
                    MaterialGroup.BATTERIES,
                    "Battery for a wireless device, of the type its maker names",
                    noted.size(),
                    (int) good,
                    0,
                    "the wireless devices whose battery is past its date"));
        }
    }
}
