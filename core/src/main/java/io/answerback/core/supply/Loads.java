package io.answerback.core.supply;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.LoadType;
import io.answerback.core.model.device.Powering;
import io.answerback.core.model.device.SounderUnit;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.power.LoadFigure;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModulePower;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import io.answerback.core.wiring.cores.CoreNeeds;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Everything on a job that takes current from a supply: modules first, then powered devices. What is known
/// better than the data counts instead of them. Of the detectors' alarm current only the share counts that is
/// in alarm at once, wherever the figure is from.
public final class Loads {
    private static final Fact<Map<FedId, LoadLine>> FACT = Fact.of("loads", Loads::listed);

    private Loads() {}

    /// The lines by part, in the order of the job.
    public static Map<FedId, LoadLine> of(Parts job) {
        return job instanceof Facts facts ? facts.of(FACT) : listed(job);
    }

    private static Map<FedId, LoadLine> listed(Parts job) {
        Map<FedId, LoadLine> lines = new LinkedHashMap<>();
        for (PanelModule module : job.modules()) {
            job.kindOf(module)
                    .map(kind -> known(job, module(job, module, kind)))
                    .ifPresent(line -> lines.put(line.part(), line));
        }
        for (Point point : job.points()) {
            if (CoreNeeds.powered(point)) {
                LoadLine line = known(job, device(point)).inAlarm(job.power().alarmSharePercent() / 100);
                lines.put(line.part(), line);
            }
        }
        return Collections.unmodifiableMap(lines);
    }

    private static LoadLine module(Parts job, PanelModule module, ModuleKind kind) {
        Optional<ModulePower> power = kind.power();
        double peak = power.map(ModulePower::peakMilliamps).orElse(0.0);
        double share = power.map(ModulePower::peakSharePercent).orElse(0.0) / 100;
        double rest = kind.milliamps() + Math.max(0, peak - kind.milliamps()) * share;
        double alarm = Math.max(peak, power.map(ModulePower::alarmMilliamps).orElse(kind.milliamps()));
        if (kind.sounder().isPresent()) {
            return sounder(job, module, kind, kind.sounder().get());
        }
        return new LoadLine(
                module.id(),
                module.name(),
                rest,
                Math.max(rest, alarm),
                power.map(ModulePower::leastVolts).orElse(0.0),
                power.map(ModulePower::loadType).orElse(LoadType.CONSTANT_CURRENT),
                "panel profile");
    }

    /// A sounder with a battery inside sounds from that: the supply charges it, and feeds the strobe.
    private static LoadLine sounder(Parts job, PanelModule module, ModuleKind kind, SounderUnit unit) {
        SounderUnit.Level level = unit.level(job.power().sounding().level(module.id()));
        double rest = kind.milliamps()
                + unit.battery().map(SounderUnit.OwnBattery::chargeMilliamps).orElse(0.0);
        double sound = unit.battery().isPresent() ? 0 : level.milliamps();
        return new LoadLine(
                module.id(),
                module.name(),
                rest,
                rest + sound + unit.strobeMilliamps(),
                level.leastVolts(),
                kind.power().map(ModulePower::loadType).orElse(LoadType.RESISTIVE),
                Text.of("panel profile, link on %s", level.name()));
    }

    /// What a point's devices take: where several share its loop, all of them together, and the least volts of
    /// the one that needs most.
    private static LoadLine device(Point point) {
        List<Powering> powered = point.kinds().stream()
                .filter(kind -> !kind.twoWire())
                .flatMap(kind -> kind.powering().stream())
                .toList();
        return new LoadLine(
                point.id(),
                point.id() + " " + point.name(),
                powered.stream().mapToDouble(Powering::quiescentMilliamps).sum(),
                powered.stream().mapToDouble(Powering::alarmMilliamps).sum(),
                powered.stream().mapToDouble(Powering::leastVolts).max().orElse(0),
                LoadType.CONSTANT_CURRENT,
                powered.size() == 1 ? "kind of point" : Text.of("%d devices on one loop", powered.size()));
    }

    private static LoadLine known(Parts job, LoadLine line) {
        return job.power().load(line.part()).map(figure -> with(line, figure)).orElse(line);
    }

    private static LoadLine with(LoadLine line, LoadFigure figure) {
        return new LoadLine(
                line.part(),
                line.title(),
                figure.quiescentMilliamps(),
                figure.alarmMilliamps(),
                line.leastVolts(),
                line.loadType(),
                figure.source().words());
    }

    /// What some lines take together in one of the two states, in milliamps.
    public static double milliamps(List<LoadLine> lines, boolean alarm) {
        return lines.stream().mapToDouble(line -> line.milliamps(alarm)).sum();
    }
}
