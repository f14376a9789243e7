package io.answerback.core.assess.remedy;

import io.answerback.core.assess.Trials;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.power.Battery;
import io.answerback.core.model.profile.FaultOutput;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.SupplyFault;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.battery.BatteryState;
import io.answerback.core.supply.battery.LeadAcid;
import io.answerback.core.survey.capacity.FaultPoint;
import io.answerback.core.survey.capacity.SupplyWatchEdits;
import io.answerback.core.wiring.cabling.CableEdits;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/// Edits that bring a supply of its own to a job, each with the battery it takes and with what tells of its
/// faults.
///
/// @param trials on the job
/// @param types the cables there are to choose from, the thinnest first
/// @param faultPoint what a point for a fault output is made of; empty where none is to be made
record NewSupply(Trials trials, List<CableType> types, Optional<FaultPoint> faultPoint) {
    /// How far from what it feeds a supply beside it stands, in metres of cable.
    private static final double BESIDE_METRES = 2;
    /// A fault output takes a loop.
    private static final int FAULT_CORES = 2;

    /// A way, in words, and the edit that does it.
    record Way(String words, Edit edit) {}

    /// A module of the same sort, but with a supply of its own, in place of one without.
    Optional<Way> inPlaceOf(ModuleId from) {
        Job job = trials.job();
        return job.kindOf(from)
                .filter(kind -> kind.supply().isEmpty())
                .flatMap(kind -> job.panel().profile().modules().stream()
                        .filter(other -> other.sort() == kind.sort() && other.inputs() >= kind.inputs())
                        .filter(other -> other.supply().isPresent())
                        .findFirst())
                .map(other -> new Way(
                        Text.of("Give %s a supply of its own (%s)", job.nameOf(from), other.name()),
                        new Edit(
                                "own supply",
                                from,
                                sized(its -> its.withModules(exchanged(its, from, other)), from, other))));
    }

    private static List<PanelModule> exchanged(Job job, ModuleId module, ModuleKind kind) {
        return job.modules().stream()
                .map(its -> its.id().equals(module)
                        ? new PanelModule(module, its.name(), kind.id(), its.areas(), its.besideMetal())
                        : its)
                .toList();
    }

    /// A supply with a battery beside a part, and its faults brought to inputs.
    ///
    /// @param way the way over which the part is fed now: its fault outputs go back along it
    Optional<Way> beside(FedId part, FeedingWay way) {
        return trials.job().panel().profile().modules().stream()
                .filter(kind ->
                        kind.sort() == ModuleSort.SUPPLY && kind.supply().isPresent())
                .filter(kind -> fitted(kind) < kind.mostOf())
                .findFirst()
                .flatMap(kind -> beside(part, way, kind));
    }

    private Optional<Way> beside(FedId part, FeedingWay way, ModuleKind kind) {
        PanelModule supply = PanelModule.called(PanelModule.freeName(trials.job(), "Supply"), kind.id(), List.of());
        NewPair pair = new NewPair(part, supply.id(), BESIDE_METRES, way.last());
        return types.stream()
                .filter(type -> type.outdoor() == way.last().installation().outdoors())
                .findFirst()
                .map(type -> sized(its -> pair.laidAs(type).on(with(its, supply)), supply.id(), kind))
                .map(laid -> new Way(
                        Text.of("Put a supply beside it (%s)", kind.name()),
                        new Edit("a supply beside", part, its -> watched(laid.apply(its), supply.id(), kind, way))));
    }

    private long fitted(ModuleKind kind) {
        return trials.job().modules().stream()
                .filter(module -> module.kindId().equals(kind.id()))
                .count();
    }

    private static Job with(Job job, PanelModule module) {
        return job.withModules(
                Stream.concat(job.modules().stream(), Stream.of(module)).toList());
    }

    /// A change that brings a supply, with its battery: the smallest that is sold, reaches the standby of the rules
    /// and is not charged too fast, which is also recharged soonest. Where none does, the largest it takes.
    private UnaryOperator<Job> sized(UnaryOperator<Job> change, ModuleId module, ModuleKind kind) {
        double most = kind.supply().orElseThrow().mostAmpHours();
        double largest = LeadAcid.STOCK_AMP_HOURS.stream()
                .filter(stock -> stock <= most)
                .max(Comparator.naturalOrder())
                .orElse(most);
        double size =
                trials
                        .of(with(change.apply(trials.job()), module, largest), facts -> facts.of(Supplies.STATES))
                        .stream()
                        .filter(state -> state.module().equals(module))
                        .flatMap(state -> state.battery().stream())
                        .flatMap(battery -> battery.stockAmpHours().stream())
                        .findFirst()
                        .orElse(largest);
        return its -> with(change.apply(its), module, size);
    }

    private static Job with(Job job, ModuleId module, double ampHours) {
        return job.withPower(
                job.power().with(new Battery(module, ampHours, 1, BatteryState.INDOORS_CELSIUS, Optional.empty())));
    }

    /// Each fault output at a point of its own, its cable as long as the way the part was fed over.
    private Job watched(Job job, ModuleId supply, ModuleKind kind, FeedingWay way) {
        if (faultPoint.isEmpty()) {
            return job;
        }
        Job next = job;
        for (FaultOutput output : kind.supply().orElseThrow().faultOutputs()) {
            next = watched(next, supply, output.fault(), way, faultPoint.get());
        }
        return next;
    }

    private Job watched(Job job, ModuleId supply, SupplyFault fault, FeedingWay way, FaultPoint of) {
        Optional<CableType> type = types.stream()
                .filter(its -> its.colours().size() >= FAULT_CORES)
                .filter(its -> its.outdoor() == way.last().installation().outdoors())
                .findFirst();
        Job next = SupplyWatchEdits.watch(
                        supply,
                        fault,
                        of.kind(),
                        type.map(CableType::conductor).orElse(of.conductor()),
                        Optional.of(way.metres()))
                .on(job);
        Optional<Cable> cable = next.power().watch(supply, fault).flatMap(next::cableTo);
        if (cable.isEmpty() || type.isEmpty()) {
            return next;
        }
        return CableEdits.installation("type", cable.get().id(), installation -> installation.withType(type.get()))
                .on(next);
    }
}
