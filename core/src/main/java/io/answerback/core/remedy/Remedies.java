package io.answerback.core.remedy;

import io.answerback.core.battery.BatteryState;
import io.answerback.core.battery.LeadAcid;
import io.answerback.core.cable.Cable;
import io.answerback.core.cable.CableType;
import io.answerback.core.cabling.CableEdits;
import io.answerback.core.common.Text;
import io.answerback.core.cores.CorePlan;
import io.answerback.core.device.SounderUnit.Level;
import io.answerback.core.edit.PowerEdits;
import io.answerback.core.id.FedId;
import io.answerback.core.id.ModuleId;
import io.answerback.core.power.Battery;
import io.answerback.core.practice.CoreUse;
import io.answerback.core.profile.ModuleKind;
import io.answerback.core.profile.ModuleSort;
import io.answerback.core.site.Edit;
import io.answerback.core.site.Job;
import io.answerback.core.site.PanelModule;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.Supplies;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/// What would mend the volts at a device: every way is tried on the job and its volts computed.
public final class Remedies {
    /// How far from what it feeds a supply beside it stands, in metres of cable.
    private static final double BESIDE_METRES = 2;
    /// What a way must bring at least to be one.
    private static final double LEAST_GAIN_VOLTS = 0.01;
    /// A doubled pair takes two cores more.
    private static final int DOUBLED_CORES = 2;

    private final Job job;
    private final FedId part;
    private final Supplies supplies;
    private final List<DeviceVolts> now;
    private final List<CableType> types;
    private final List<Remedy> found = new ArrayList<>();

    private Remedies(Job job, FedId part, List<CableType> types) {
        this.job = job;
        this.part = part;
        this.supplies = Supplies.of(job, CorePlan.of(job));
        this.now = FedVolts.all(supplies);
        this.types = types.stream()
                .filter(type -> !type.screened())
                .sorted(Comparator.comparing(
                                (CableType type) -> -type.conductor().ohmsPerKilometre())
                        .thenComparing(type -> type.colours().size()))
                .toList();
    }

    /// The ways to mend a device's volts, those that are enough first.
    ///
    /// @param part the point or module
    /// @param types the cables there are to choose from
    public static List<Remedy> of(Job job, FedId part, List<CableType> types) {
        Remedies remedies = new Remedies(job, part, types);
        FeedingWay.to(job, remedies.supplies, part).ifPresent(remedies::tryAll);
        remedies.found.sort(Comparator.comparing(Remedy::ok).reversed());
        return List.copyOf(remedies.found);
    }

    private void tryAll(FeedingWay way) {
        if (part instanceof ModuleId sounder) {
            softer(sounder);
        }
        way.cables().reversed().forEach(this::doubled);
        way.cables().reversed().forEach(this::thicker);
        if (found.stream().noneMatch(Remedy::ok)) {
            way.cables().reversed().forEach(this::doubledAndThicker);
        }
        ownRun(way);
        ownSupply(way.last());
        beside(way.last());
    }

    /// A low-output setting of a sounder.
    private void softer(ModuleId module) {
        supplies.sounders()
                .sounder(module)
                .ifPresent(sounder -> sounder.unit().levels().stream()
                        .filter(level -> level.milliamps() < sounder.level().milliamps())
                        .min(Comparator.comparing(Level::milliamps))
                        .ifPresent(level -> attempt(
                                Text.of("Set its link to %s", level.name()), PowerEdits.link(module, level.name()))));
    }

    private void doubled(Cable cable) {
        if (mayBeDoubled(cable)) {
            Edit edit = doubling(cable);
            boolean room = CorePlan.of(edit.on(job))
                    .cable(cable.id())
                    .filter(cores -> cores.lacking().isEmpty())
                    .isPresent();
            if (room) {
                attempt("Double the supply pair of " + cable.id(), edit);
            }
        }
    }

    private CoreUse feeding(Cable cable) {
        return CorePlan.of(job).carries(cable, CoreUse.SPEAKER) ? CoreUse.SPEAKER : CoreUse.SUPPLY;
    }

    private boolean mayBeDoubled(Cable cable) {
        return !cable.installation().doubled().contains(feeding(cable));
    }

    private Edit doubling(Cable cable) {
        CoreUse use = feeding(cable);
        return CableEdits.installation("supply cores", cable.id(), installation -> installation.withDoubled(use, true));
    }

    /// Both cheap ways at once, before a new supply or a run of its own: the thinnest conductor that is enough
    /// with the pair doubled.
    private void doubledAndThicker(Cable cable) {
        if (mayBeDoubled(cable)) {
            Edit doubling = doubling(cable);
            firstEnough(
                    thickerThan(cable, CorePlan.of(job).needs(cable) + DOUBLED_CORES),
                    type -> Text.of("Run %s as %s and double its supply pair", cable.id(), type.name()),
                    type -> new Edit(
                            "type and supply cores of " + cable.id(),
                            its -> doubling.on(CableEdits.installation(
                                            "type", cable.id(), installation -> installation.withType(type))
                                    .on(its))));
        }
    }

    private List<CableType> thickerThan(Cable cable, int cores) {
        return types.stream()
                .filter(type ->
                        type.conductor().ohmsPerKilometre() < cable.conductor().ohmsPerKilometre())
                .filter(type -> type.colours().size() >= cores && type.outdoor() == outdoors(cable))
                .toList();
    }

    /// The thinnest conductor that is enough, in a cable with as many cores.
    private void thicker(Cable cable) {
        firstEnough(
                thickerThan(cable, CorePlan.of(job).needs(cable)),
                type -> Text.of("Run %s as %s", cable.id(), type.name()),
                type -> CableEdits.installation("type", cable.id(), installation -> installation.withType(type)));
    }

    private static boolean outdoors(Cable cable) {
        return cable.installation().outdoors();
    }

    /// A pair of its own from the supply, where others share the way to it now.
    private void ownRun(FeedingWay way) {
        if (way.cables().size() > 1) {
            NewPair pair = new NewPair(part, way.module(), way.metres(), way.last());
            firstEnough(
                    pairs(way.last()),
                    type -> Text.of(
                            "A run of its own from %s: %.0f m of %s",
                            job.nameOf(way.module()), way.metres(), type.name()),
                    pair::laidAs);
        }
    }

    private List<CableType> pairs(Cable beside) {
        return types.stream().filter(type -> type.outdoor() == outdoors(beside)).toList();
    }

    /// The first of some types that is enough, or the thickest where none is.
    private void firstEnough(
            List<CableType> choice, Function<CableType, String> words, Function<CableType, Edit> edit) {
        Optional<Remedy> last = Optional.empty();
        for (CableType type : choice) {
            last = tried(words.apply(type), edit.apply(type));
            if (last.filter(Remedy::ok).isPresent()) {
                break;
            }
        }
        last.ifPresent(found::add);
    }

    /// A module of the same sort, but with a supply of its own, where its cable begins.
    private void ownSupply(Cable cable) {
        if (CorePlan.of(job).beginning(cable).orElse(null) instanceof ModuleId from) {
            ownSupply(from);
        }
    }

    private void ownSupply(ModuleId from) {
        Optional<ModuleKind> now = job.kindOf(from);
        now.filter(kind -> kind.supply().isEmpty())
                .flatMap(kind -> job.panel().profile().modules().stream()
                        .filter(other -> other.sort() == kind.sort() && other.inputs() >= kind.inputs())
                        .filter(other -> other.supply().isPresent())
                        .findFirst())
                .ifPresent(other -> attempt(
                        Text.of("Give %s a supply of its own (%s)", job.nameOf(from), other.name()),
                        new Edit(
                                "own supply",
                                from,
                                its -> sized(
                                        powered(its.withModules(exchanged(its, from, other)), from, other), from))));
    }

    private static List<PanelModule> exchanged(Job job, ModuleId module, ModuleKind kind) {
        return job.modules().stream()
                .map(its -> its.id().equals(module)
                        ? new PanelModule(module, its.name(), kind.id(), its.areas(), its.besideMetal())
                        : its)
                .toList();
    }

    /// The same with the smallest battery that is sold and reaches the standby of the rules, in place of the
    /// largest the supply takes; of those that do, it is recharged soonest. Where none does, the largest stays.
    private static Job sized(Job job, ModuleId module) {
        return Supplies.of(job, CorePlan.of(job)).states().stream()
                .filter(state -> state.module().equals(module))
                .flatMap(state -> state.battery().stream())
                .flatMap(battery -> battery.stockAmpHours().stream())
                .findFirst()
                .map(size -> job.withPower(
                        job.power().with(new Battery(module, size, 1, BatteryState.INDOORS_CELSIUS, Optional.empty()))))
                .orElse(job);
    }

    private static Job powered(Job job, ModuleId module, ModuleKind kind) {
        double most = kind.supply().orElseThrow().mostAmpHours();
        double size = LeadAcid.STOCK_AMP_HOURS.stream()
                .filter(stock -> stock <= most)
                .max(Comparator.naturalOrder())
                .orElse(most);
        return job.withPower(
                job.power().with(new Battery(module, size, 1, BatteryState.INDOORS_CELSIUS, Optional.empty())));
    }

    /// A supply with a battery of its own beside the device.
    private void beside(Cable cable) {
        job.panel().profile().modules().stream()
                .filter(kind ->
                        kind.sort() == ModuleSort.SUPPLY && kind.supply().isPresent())
                .filter(kind -> fitted(kind) < kind.mostOf())
                .findFirst()
                .ifPresent(kind -> {
                    PanelModule supply = PanelModule.called(PanelModule.freeName(job, "Supply"), kind.id(), List.of());
                    NewPair pair = new NewPair(part, supply.id(), BESIDE_METRES, cable);
                    pairs(cable).stream()
                            .findFirst()
                            .ifPresent(type -> attempt(
                                    Text.of("Put a supply beside it (%s)", kind.name()),
                                    new Edit(
                                            "a supply beside",
                                            part,
                                            its -> sized(
                                                    pair.laidAs(type).on(powered(with(its, supply), supply.id(), kind)),
                                                    supply.id()))));
                });
    }

    private long fitted(ModuleKind kind) {
        return job.modules().stream()
                .filter(module -> module.kindId().equals(kind.id()))
                .count();
    }

    private static Job with(Job job, PanelModule module) {
        return job.withModules(
                Stream.concat(job.modules().stream(), Stream.of(module)).toList());
    }

    private void attempt(String words, Edit edit) {
        tried(words, edit).ifPresent(found::add);
    }

    /// A way that changes nothing at the part is none; one that leaves another device short that is not so now is
    /// not enough.
    private Optional<Remedy> tried(String words, Edit edit) {
        Job after = edit.on(job);
        List<DeviceVolts> volts = FedVolts.all(after);
        List<String> shorts = volts.stream()
                .filter(device -> !device.ok() && !device.part().equals(part))
                .filter(device -> now.stream().noneMatch(its -> its.part().equals(device.part()) && !its.ok()))
                .map(DeviceVolts::title)
                .toList();
        return volts.stream()
                .filter(device -> device.part().equals(part))
                .filter(device -> now.stream()
                        .noneMatch(its -> its.part().equals(part) && device.atEnd() < its.atEnd() + LEAST_GAIN_VOLTS))
                .findFirst()
                .map(device -> new Remedy(words, edit, device.atEnd(), device.ok() && shorts.isEmpty(), shorts));
    }
}
