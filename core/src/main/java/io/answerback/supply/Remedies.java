package io.answerback.supply;

import io.answerback.cores.CorePlan;
import io.answerback.edit.CableEdits;
import io.answerback.edit.Edit;
import io.answerback.edit.Edits;
import io.answerback.job.Battery;
import io.answerback.job.Cable;
import io.answerback.job.CableType;
import io.answerback.job.CoreUse;
import io.answerback.job.Job;
import io.answerback.job.ModuleKind;
import io.answerback.job.PanelModule;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// What would mend the volts at a device: every way is tried on the job and its volts computed.
public final class Remedies {
    private static final double MOST_METRES = 2000;
    private static final int HALVINGS = 20;

    private final Job job;
    private final String part;
    private final List<Remedy> found = new ArrayList<>();

    private Remedies(Job job, String part) {
        this.job = job;
        this.part = part;
    }

    /// The ways to mend a device's volts, those that are enough first.
    ///
    /// @param part the point or module
    /// @param types the cables there are to choose from
    public static List<Remedy> of(Job job, String part, List<CableType> types) {
        Remedies remedies = new Remedies(job, part);
        Optional<Cable> last = to(job, part);
        last.ifPresent(cable -> {
            remedies.doubled(cable);
            remedies.thicker(cable, types);
            remedies.nearer(cable);
        });
        remedies.found.sort(Comparator.comparing(Remedy::ok).reversed());
        return List.copyOf(remedies.found);
    }

    private void doubled(Cable cable) {
        if (!cable.laying().doubled().contains(CoreUse.SUPPLY)) {
            Edit edit =
                    CableEdits.laying("supply cores", cable.id(), laying -> laying.withDoubled(CoreUse.SUPPLY, true));
            boolean room = CorePlan.of(edit.on(job))
                    .cable(cable.id())
                    .filter(cores -> cores.lacking().isEmpty())
                    .isPresent();
            if (room) {
                attempt("Double the supply pair of " + cable.id(), edit);
            }
        }
    }

    /// The thinnest conductor that is enough, in a cable with as many cores.
    private void thicker(Cable cable, List<CableType> types) {
        int cores = CorePlan.of(job).needs(cable);
        types.stream()
                .filter(type ->
                        type.conductor().ohmsPerKilometre() < cable.conductor().ohmsPerKilometre())
                .filter(type -> type.colours().size() >= cores
                        && type.outdoor() == cable.laying().outdoors())
                .filter(type -> !type.screened())
                .min(Comparator.comparing((CableType type) -> -type.conductor().ohmsPerKilometre())
                        .thenComparing(type -> type.colours().size()))
                .ifPresent(type -> attempt(
                        "Run %s as %s".formatted(cable.id(), type.name()),
                        CableEdits.laying("type", cable.id(), laying -> laying.withType(type))));
    }

    /// A module of the same sort, but with a supply of its own, where its cable begins.
    private void nearer(Cable cable) {
        String from = CorePlan.of(job).beginning(cable).orElse("");
        Optional<ModuleKind> now = job.module(from).flatMap(its -> kind(its.kindId()));
        now.filter(kind -> kind.supply().isEmpty())
                .ifPresent(kind -> job.panel().profile().modules().stream()
                        .filter(other -> other.sort() == kind.sort() && other.inputs() >= kind.inputs())
                        .filter(other -> other.supply().isPresent())
                        .findFirst()
                        .ifPresent(other -> attempt(
                                "Give %s a supply of its own (%s)".formatted(from, other.name()),
                                ownSupply(from, other))));
    }

    private Optional<ModuleKind> kind(String id) {
        return job.panel().profile().module(id);
    }

    private static Edit ownSupply(String module, ModuleKind kind) {
        double most = kind.supply().orElseThrow().mostAmpHours();
        double size = LeadAcid.STOCK_AMP_HOURS.stream()
                .filter(stock -> stock <= most)
                .max(Comparator.naturalOrder())
                .orElse(most);
        return new Edit(
                "own supply of " + module,
                job -> job.withModules(job.modules().stream()
                                .map(its -> its.name().equals(module)
                                        ? new PanelModule(module, kind.id(), its.areas(), its.besideMetal())
                                        : its)
                                .toList())
                        .withPower(job.power()
                                .with(new Battery(module, size, 1, BatteryState.INDOORS_CELSIUS, Optional.empty()))));
    }

    /// The longest the cable to a device may be for the device to work until the battery is empty, all else being as it
    /// is,
    /// in metres; empty when no cable goes to it, or even none would be too long.
    ///
    /// @param part the point or module
    public static Optional<Double> longestMetres(Job job, String part) {
        Optional<Cable> last = to(job, part);
        if (last.isEmpty() || !holds(job, last.get(), part, 0)) {
            return Optional.empty();
        }
        double low = 0;
        double high = MOST_METRES;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (holds(job, last.get(), part, middle)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return Optional.of(low);
    }

    private static boolean holds(Job job, Cable cable, String part, double metres) {
        Job tried = Edits.cableMetres(cable.id(), metres).on(job);
        return volts(tried, part).filter(DeviceVolts::ok).isPresent();
    }

    private static Optional<Cable> to(Job job, String part) {
        return job.cables().stream()
                .filter(cable ->
                        cable.ends().serves(part) || cable.ends().module().equals(part))
                .findFirst();
    }

    private static Optional<DeviceVolts> volts(Job job, String part) {
        return Supplies.of(job, CorePlan.of(job)).states().stream()
                .flatMap(state -> state.volts().stream())
                .filter(device -> device.part().equals(part))
                .findFirst();
    }

    private void attempt(String words, Edit edit) {
        volts(edit.on(job), part).ifPresent(device -> found.add(new Remedy(words, edit, device.atEnd(), device.ok())));
    }
}
