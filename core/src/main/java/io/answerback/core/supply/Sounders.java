package io.answerback.core.supply;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableEnds;
import io.answerback.core.model.device.SounderUnit;
import io.answerback.core.model.id.BoxId;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.Terminal;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Parts;
import io.answerback.core.supply.battery.BatteryState;
import io.answerback.core.supply.battery.BatteryWear;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.Cabling;
import io.answerback.core.wiring.cores.CoreTermination;
import io.answerback.core.wiring.cores.PlannedCore;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// The sounders of a job and the outputs that make them, their strobes and the speakers go.
///
/// @param outputs the outputs something hangs on, in the order of the cables
/// @param sounders the sounders of which more is known than their currents, in the order of the modules
public record Sounders(List<SoundOutput> outputs, List<SounderState> sounders) {
    private static final Set<CoreUse> USES = EnumSet.of(CoreUse.SOUNDER, CoreUse.STROBE, CoreUse.SPEAKER);

    public Sounders {
        outputs = List.copyOf(outputs);
        sounders = List.copyOf(sounders);
    }

    /// The sounders of a job.
    ///
    /// @param lines everything that takes current, by part
    /// @param volts the volts at everything that is fed
    /// @param outputs the outputs, as [#outputs(Job, CorePlan, Map)] has them
    static Sounders of(
            Parts job, Cabling plan, Map<FedId, LoadLine> lines, List<DeviceVolts> volts, List<SoundOutput> outputs) {
        Tracer tracer = new Tracer(job, plan, lines);
        List<SounderState> sounders = new ArrayList<>();
        for (PanelModule module : job.modules()) {
            tracer.sounder(module.id())
                    .ifPresent(unit -> sounders.add(SounderState.of(
                            module.id(),
                            module.name(),
                            unit,
                            unit.level(job.power().sounding().level(module.id())),
                            volts.stream()
                                    .filter(device -> device.part().equals(module.id()))
                                    .findFirst(),
                            coldest(job, module.id()))));
        }
        return new Sounders(outputs, sounders);
    }

    /// The outputs of a job that make sounders, strobes or speakers go.
    ///
    /// @param lines everything that takes current, by part
    static List<SoundOutput> outputs(Parts job, Cabling plan, Map<FedId, LoadLine> lines) {
        return new Tracer(job, plan, lines).outputs();
    }

    /// How cold it gets where a sounder hangs: as its cable, within what is known of a battery.
    private static double coldest(Parts job, ModuleId module) {
        double celsius = job.cablesTo(CableEnds.toModule(module).farEnd()).stream()
                .mapToDouble(Cable::coldestCelsius)
                .min()
                .orElse(BatteryState.INDOORS_CELSIUS);
        return Math.clamp(celsius, BatteryWear.COLDEST_CELSIUS, BatteryWear.HOTTEST_CELSIUS);
    }

    /// The sounder of that name; empty where there is none of which more is known.
    public Optional<SounderState> sounder(FedId part) {
        return sounders.stream().filter(its -> its.part().equals(part)).findFirst();
    }

    /// Follows the cables from the outputs to what they make go.
    private static final class Tracer {
        private final Parts job;
        private final Cabling plan;
        private final Map<FedId, LoadLine> lines;

        Tracer(Parts job, Cabling plan, Map<FedId, LoadLine> lines) {
            this.job = job;
            this.plan = plan;
            this.lines = lines;
        }

        Optional<SounderUnit> sounder(ModuleId module) {
            return job.kindOf(module).flatMap(ModuleKind::sounder);
        }

        List<SoundOutput> outputs() {
            Map<String, SoundOutput> outputs = new LinkedHashMap<>();
            for (CoreUse use : USES) {
                for (Cable cable : plan.carrying(use)) {
                    terminal(cable, use).ifPresent(terminal -> {
                        ModuleId module = (ModuleId) plan.beginning(cable).orElseThrow();
                        outputs.merge(
                                module + " " + terminal.name(),
                                output(module, terminal, loads(cable, use, new HashSet<>())),
                                Tracer::together);
                    });
                }
            }
            return List.copyOf(outputs.values());
        }

        private SoundOutput output(ModuleId module, Terminal terminal, List<SoundOutput.Load> loads) {
            return new SoundOutput(
                    module, job.nameOf(module), terminal.name(), terminal.use(), terminal.milliamps(), loads);
        }

        private static SoundOutput together(SoundOutput one, SoundOutput other) {
            List<SoundOutput.Load> loads = new ArrayList<>(one.loads());
            loads.addAll(other.loads());
            return new SoundOutput(
                    one.module(), one.moduleName(), one.terminal(), one.use(), one.limitMilliamps(), loads);
        }

        /// The terminal that drives a core of a cable: one made for it, on a box that is not itself made to go.
        private Optional<Terminal> terminal(Cable cable, CoreUse use) {
            if (!cable.ends().points().isEmpty()) {
                return Optional.empty();
            }
            Optional<BoxPlan> box = plan.nearEnd(cable);
            return box.flatMap(its -> its.cable(cable.id())
                            .flatMap(cores -> cores.core(use))
                            .map(PlannedCore::termination)
                            .filter(CoreTermination.Under.class::isInstance)
                            .map(under -> its.strip().get(((CoreTermination.Under) under).terminal())))
                    .filter(terminal -> terminal.use() != TerminalUse.SUPPLY
                            && plan.beginning(cable).filter(this::drives).isPresent());
        }

        private boolean drives(BoxId box) {
            return box instanceof ModuleId module
                    && job.kindOf(module)
                            .filter(kind -> kind.sort() == ModuleSort.SOUNDER || kind.sort() == ModuleSort.SPEAKER)
                            .isEmpty();
        }

        private List<SoundOutput.Load> loads(Cable cable, CoreUse use, Set<CableId> seen) {
            List<SoundOutput.Load> loads = new ArrayList<>();
            if (!seen.add(cable.id())) {
                return loads;
            }
            cable.ends().module().ifPresent(far -> loads.add(load(far, use)));
            cable.ends().farBox().map(box -> job.cablesFrom(Optional.of(box))).orElse(List.of()).stream()
                    .filter(next -> plan.carries(next, use))
                    .forEach(next -> loads.addAll(loads(next, use, seen)));
            return loads;
        }

        private SoundOutput.Load load(ModuleId part, CoreUse use) {
            double milliamps = milliamps(part, use);
            double inrush = sounder(part)
                    .filter(unit -> use == CoreUse.SOUNDER && unit.driven())
                    .flatMap(SounderUnit::inrushMilliamps)
                    .orElse(0.0);
            return new SoundOutput.Load(part, job.nameOf(part), milliamps, Math.max(milliamps, inrush));
        }

        /// What a part takes from the output for one use. Of a sounder of which no more is known than its
        /// currents, all comes through what makes it sound.
        private double milliamps(ModuleId part, CoreUse use) {
            double most = Optional.ofNullable(lines.get(part))
                    .map(LoadLine::alarmMilliamps)
                    .orElse(0.0);
            Optional<SounderUnit> unit = sounder(part);
            return switch (use) {
                case STROBE -> unit.map(SounderUnit::strobeMilliamps).orElse(0.0);
                case SOUNDER -> unit.map(its -> taken(part, its)).orElse(most);
                case LOOP,
                        LOOP_RETURN,
                        TAMPER,
                        TAMPER_RETURN,
                        SUPPLY,
                        SUPPLY_RETURN,
                        BUS_ONE,
                        BUS_TWO,
                        SOUNDER_TAMPER,
                        SPEAKER,
                        SPEAKER_RETURN,
                        TIP,
                        RING,
                        EVENT,
                        SETTING,
                        SPARE -> most;
            };
        }

        private double taken(ModuleId part, SounderUnit unit) {
            return unit.driven()
                    ? unit.level(job.power().sounding().level(part)).milliamps()
                    : unit.signalMilliamps();
        }
    }
}
