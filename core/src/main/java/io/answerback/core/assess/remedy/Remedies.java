package io.answerback.core.assess.remedy;

import io.answerback.core.assess.Trials;
import io.answerback.core.engine.edit.PowerEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.SounderUnit.Level;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.practice.CoreUse;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.Supplies;
import io.answerback.core.survey.capacity.FaultPoint;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cores.CorePlan;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/// What would raise the volts at a device: every way is tried on the job, its volts are computed, and the whole job
/// is judged after it.
public final class Remedies {
    /// What a way must bring at least to be one.
    private static final double LEAST_GAIN_VOLTS = 0.01;
    /// A doubled pair takes two cores more.
    private static final int DOUBLED_CORES = 2;

    private final Trials trials;
    private final Job job;
    private final FedId part;
    private final List<DeviceVolts> now;
    private final List<CableType> types;
    private final Optional<FaultPoint> faultPoint;
    private final List<Remedy> found = new ArrayList<>();

    private Remedies(Trials trials, FedId part, List<CableType> types, Optional<FaultPoint> faultPoint) {
        this.trials = trials;
        this.job = trials.job();
        this.part = part;
        this.faultPoint = faultPoint;
        this.now = trials.now(FedVolts::all);
        this.types = types.stream()
                .filter(type -> !type.screened())
                .sorted(Comparator.comparing(
                                (CableType type) -> -type.conductor().ohmsPerKilometre())
                        .thenComparing(type -> type.colours().size()))
                .toList();
    }

    /// The ways to raise a device's volts, those that are enough first, of those the cheapest.
    ///
    /// @param trials on the job
    /// @param part the point or module
    /// @param types the cables there are to choose from
    /// @param faultPoint what a point for a fault output of a new supply is made of
    public static List<Remedy> of(Trials trials, FedId part, List<CableType> types, FaultPoint faultPoint) {
        return of(trials, part, types, Optional.of(faultPoint));
    }

    /// The same judged by the volts alone, for an exercise about them: what else they bring is not looked at.
    public static List<Remedy> byVolts(Trials trials, FedId part, List<CableType> types) {
        return of(trials, part, types, Optional.empty());
    }

    private static List<Remedy> of(Trials trials, FedId part, List<CableType> types, Optional<FaultPoint> faultPoint) {
        Remedies remedies = new Remedies(trials, part, types, faultPoint);
        trials.now(facts -> FeedingWay.to(facts, part)).ifPresent(remedies::tryAll);
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
        NewSupply supply = new NewSupply(trials, types, faultPoint);
        begins(way.last()).flatMap(supply::inPlaceOf).ifPresent(this::attempt);
        supply.beside(part, way).ifPresent(this::attempt);
    }

    private Optional<ModuleId> begins(Cable cable) {
        return trials.now(facts -> facts.of(CorePlan.FACT).beginning(cable))
                .filter(ModuleId.class::isInstance)
                .map(ModuleId.class::cast);
    }

    private void attempt(NewSupply.Way way) {
        attempt(way.words(), way.edit());
    }

    /// A low-output setting of a sounder.
    private void softer(ModuleId module) {
        trials.now(facts -> facts.of(Supplies.FACT).sounders().sounder(module))
                .ifPresent(sounder -> sounder.unit().levels().stream()
                        .filter(level -> level.milliamps() < sounder.level().milliamps())
                        .min(Comparator.comparing(Level::milliamps))
                        .ifPresent(level -> attempt(
                                Text.of("Set its link to %s", level.name()), PowerEdits.link(module, level.name()))));
    }

    private void doubled(Cable cable) {
        if (mayBeDoubled(cable)) {
            Edit edit = doubling(cable);
            boolean room = trials.after(edit, facts -> facts.of(CorePlan.FACT).cable(cable.id()))
                    .filter(cores -> cores.lacking().isEmpty())
                    .isPresent();
            if (room) {
                attempt("Double the supply pair of " + cable.id(), edit);
            }
        }
    }

    private CoreUse feeding(Cable cable) {
        return trials.now(facts -> facts.of(CorePlan.FACT).carries(cable, CoreUse.SUPPLY))
                ? CoreUse.SUPPLY
                : CoreUse.SPEAKER;
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
                    thickerThan(cable, needs(cable) + DOUBLED_CORES),
                    type -> Text.of("Run %s as %s and double its supply pair", cable.id(), type.name()),
                    type -> new Edit(
                            "type and supply cores of " + cable.id(),
                            its -> doubling.on(CableEdits.installation(
                                            "type", cable.id(), installation -> installation.withType(type))
                                    .on(its))));
        }
    }

    private int needs(Cable cable) {
        return trials.now(facts -> facts.of(CorePlan.FACT).needs(cable));
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
                thickerThan(cable, needs(cable)),
                type -> Text.of("Run %s as %s", cable.id(), type.name()),
                type -> CableEdits.installation("type", cable.id(), installation -> installation.withType(type)));
    }

    private static boolean outdoors(Cable cable) {
        return cable.installation().outdoors();
    }

    /// A pair of its own from the supply: a run where others share the way to it now, else a second pair beside
    /// its only cable, which keeps the rest.
    private void ownRun(FeedingWay way) {
        NewPair pair = new NewPair(part, way.module(), way.metres(), way.last());
        firstEnough(
                pairs(way.last()),
                type -> way.cables().size() > 1
                        ? Text.of(
                                "A run of its own from %s: %.0f m of %s",
                                job.nameOf(way.module()), way.metres(), type.name())
                        : Text.of(
                                "A second pair beside %s: %.0f m of %s",
                                way.last().id(), way.metres(), type.name()),
                pair::laidAs);
    }

    private List<CableType> pairs(Cable beside) {
        return types.stream().filter(type -> type.outdoor() == outdoors(beside)).toList();
    }

    /// The first of some types, from the thinnest on, that is enough, or the thickest where none is. Volts do not
    /// fall as the copper gets thicker, so those too thin are passed over by halves.
    private void firstEnough(
            List<CableType> choice, Function<CableType, String> words, Function<CableType, Edit> edit) {
        Map<CableType, Job> laid = new HashMap<>();
        Function<CableType, Job> laidAs =
                type -> laid.computeIfAbsent(type, its -> edit.apply(its).on(job));
        int tooThin = 0;
        int reaching = choice.size();
        while (tooThin < reaching) {
            int middle = (tooThin + reaching) / 2;
            if (reaches(laidAs.apply(choice.get(middle)))) {
                reaching = middle;
            } else {
                tooThin = middle + 1;
            }
        }
        Optional<Remedy> last = Optional.empty();
        for (CableType type : choice.subList(Math.min(reaching, Math.max(0, choice.size() - 1)), choice.size())) {
            last = tried(words.apply(type), edit.apply(type), laidAs.apply(type));
            if (last.filter(Remedy::ok).isPresent()) {
                break;
            }
        }
        last.ifPresent(found::add);
    }

    private boolean reaches(Job after) {
        return trials.of(after, facts -> FedVolts.at(facts, part))
                .filter(DeviceVolts::ok)
                .isPresent();
    }

    private void attempt(String words, Edit edit) {
        tried(words, edit, edit.on(job)).ifPresent(found::add);
    }

    /// A way that changes nothing at the part is none. Of one whose volts reach, everything is found that is wrong
    /// or tight on the whole job after it and was not before.
    ///
    /// @param after the job that the edit makes
    private Optional<Remedy> tried(String words, Edit edit, Job after) {
        return trials.of(after, facts -> FedVolts.at(facts, part))
                .filter(device -> now.stream()
                        .noneMatch(its -> its.part().equals(part) && device.atEnd() < its.atEnd() + LEAST_GAIN_VOLTS))
                .map(device -> new Remedy(words, edit, device.atEnd(), device.ok(), brought(device, after)));
    }

    private List<Finding> brought(DeviceVolts device, Job after) {
        return device.ok() && faultPoint.isPresent() ? trials.brought(after) : List.of();
    }
}
