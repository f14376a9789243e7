package io.answerback.desktop.power;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Trials;
import io.answerback.core.assess.remedy.CableLimits;
import io.answerback.core.assess.remedy.Remedies;
import io.answerback.core.assess.remedy.Remedy;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.cable.CableType;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.profile.SupplyUnit;
import io.answerback.core.model.site.Job;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.SupplyState;
import io.answerback.core.supply.SupplyTree;
import io.answerback.core.supply.battery.LeadAcid;
import io.answerback.core.survey.capacity.FaultPoint;
import io.answerback.desktop.part.Drawn;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Part;
import io.answerback.desktop.part.Switch;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.Background;
import io.answerback.desktop.work.PartSheet;
import io.answerback.desktop.work.WindowState;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/// The volts at everything a supply feeds, in an alarm, and what would mend those that are too low.
final class VoltsSheet extends PartSheet {
    /// What the battery is at.
    private enum Source {
        FLOAT("on mains (float)", unit -> LeadAcid.FLOAT_VOLTS, DeviceVolts::atFloat),
        NOMINAL("on battery", unit -> LeadAcid.NOMINAL_VOLTS, DeviceVolts::atNominal),
        END("end of discharge", SupplyUnit::cutOffVolts, DeviceVolts::atEnd);

        private final String words;
        private final ToDoubleFunction<SupplyUnit> volts;
        private final ToDoubleFunction<DeviceVolts> at;

        Source(String words, ToDoubleFunction<SupplyUnit> volts, ToDoubleFunction<DeviceVolts> at) {
            this.words = words;
            this.volts = volts;
            this.at = at;
        }
    }

    /// What was tried on the job.
    private record Tried(List<Remedy> remedies, Optional<CableLimits> limits) {}

    private final Actions actions;
    private final Background background;
    private final Supplier<List<CableType>> types;
    private final FaultPoint faultPoint;
    private final SupplyChoice choice;
    private Source source = Source.END;
    private Optional<Job> triedOn = Optional.empty();
    private Optional<FedId> triedFor = Optional.empty();
    private Optional<Tried> tried = Optional.empty();

    VoltsSheet(Actions actions, Background background, Supplier<List<CableType>> types, FaultPoint faultPoint) {
        this.faultPoint = faultPoint;
        this.actions = actions;
        this.background = background;
        this.types = types;
        this.choice = new SupplyChoice(this::showAgain);
    }

    @Override
    public String title() {
        return "Volts at the far end";
    }

    @Override
    public String about(WindowState state) {
        return "in an alarm, copper at its hottest";
    }

    @Override
    public List<Part> middle(WindowState state) {
        Optional<SupplyState> supply = choice.of(state);
        if (supply.isEmpty() || supply.get().trees().isEmpty()) {
            return List.of(Words.empty("Nothing hangs on a supply yet: cables come first (Ctrl+3)."));
        }
        List<Part> parts = new ArrayList<>();
        parts.add(Group.flow(
                        choice.part(state),
                        Switch.bare("Battery", Arrays.asList(Source.values()), source, its -> its.words, this::turn))
                .style("switches"));
        for (SupplyTree tree : supply.get().trees()) {
            parts.add(Words.section(
                    tree.title(),
                    "%.0f mA quiescent, %.0f mA in an alarm".formatted(tree.milliamps(false), tree.milliamps(true))));
            parts.add(new Drawn(new TreeDrawing(
                    actions,
                    tree,
                    supply.get().volts(),
                    outputVolts(supply.get().unit()),
                    source.at)));
        }
        return parts;
    }

    private void turn(Source other) {
        source = other;
        showAgain();
    }

    private double outputVolts(SupplyUnit unit) {
        return unit.outputVolts(source.volts.applyAsDouble(unit));
    }

    @Override
    public List<Part> beside(WindowState state) {
        return choice.of(state)
                .filter(supply -> !supply.trees().isEmpty())
                .map(supply -> List.<Part>of(Group.column(mend(state, supply)).style("gaps")))
                .orElse(List.of());
    }

    /// What would mend the selected device, or the first that is short; it is tried off the window's thread.
    private List<Part> mend(WindowState state, SupplyState supply) {
        List<DeviceVolts> low = supply.volts().stream().filter(its -> !its.ok()).toList();
        Optional<DeviceVolts> device = low.stream()
                .filter(its -> its.part().equals(state.selected()))
                .findFirst()
                .or(() -> low.stream().findFirst());
        List<Part> parts = new ArrayList<>();
        parts.add(Words.title("What would fix it"));
        if (device.isEmpty()) {
            triedFor = Optional.empty();
            parts.add(Words.wrapped(Words.quiet("Nothing here is short of volts.")));
            return parts;
        }
        attempt(state.assessment(), device.get().part());
        tried.ifPresentOrElse(its -> parts.addAll(offer(device.get(), its)), () -> parts.add(Words.quiet("trying …")));
        return parts;
    }

    private void attempt(Assessment assessment, FedId part) {
        Job job = assessment.job();
        if (triedOn.filter(job::equals).isPresent()
                && triedFor.filter(part::equals).isPresent()) {
            return;
        }
        triedOn = Optional.of(job);
        triedFor = Optional.of(part);
        tried = Optional.empty();
        background.compute(() -> tried(assessment, part), found -> {
            if (triedOn.filter(its -> its == job).isPresent()
                    && triedFor.filter(part::equals).isPresent()) {
                tried = Optional.of(found);
                showAgain();
            }
        });
    }

    private Tried tried(Assessment assessment, FedId part) {
        try (Trials trials = Trials.on(assessment)) {
            return new Tried(Remedies.of(trials, part, types.get(), faultPoint), CableLimits.of(trials, part));
        }
    }

    private static String needs(DeviceVolts device) {
        String gets = device.collapsed()
                ? "At the end of discharge no voltage is left for %s".formatted(device.title())
                : "%s gets %.2f V at the end of discharge".formatted(device.title(), device.atEnd());
        if (!device.lengthsKnown()) {
            return "%s: its volts are not known while a cable on the way has no length.".formatted(device.title());
        }
        return device.leastVolts() > 0 ? "%s; it needs %.1f V.".formatted(gets, device.leastVolts()) : gets + ".";
    }

    /// The thinnest conductor on any reel that is enough, in words.
    private String smallest(CableLimits limits) {
        return types.get().stream()
                .map(CableType::conductor)
                .filter(conductor -> conductor.ohmsPerKilometre() <= limits.mostOhmsPerKilometre())
                .max(Comparator.comparingDouble(Conductor::ohmsPerKilometre))
                .map(conductor -> ", so %s is enough".formatted(conductor.name()))
                .orElse(", which no reel here has");
    }

    private static String judged(Remedy remedy) {
        if (remedy.ok()) {
            return remedy.again().isEmpty() ? "enough" : "enough; then: %s".formatted(said(remedy.again()));
        }
        return remedy.reaches() ? "enough volts, but it brings: %s".formatted(said(remedy.brings())) : "not enough";
    }

    private static String said(List<Finding> findings) {
        return findings.stream().map(Finding::headline).distinct().collect(Collectors.joining("; "));
    }

    private List<Part> offer(DeviceVolts device, Tried found) {
        List<Part> parts = new ArrayList<>();
        parts.add(Words.wrapped(Words.quiet(needs(device))));
        found.remedies().forEach(remedy -> parts.addAll(remedy(remedy)));
        found.limits()
                .ifPresent(limits -> parts.add(Words.wrapped(Words.quiet(
                        "As it is fed now, its cable may be %.0f m long at the most; at its length each core may have %.0f Ω/km%s."
                                .formatted(
                                        Math.floor(limits.longestMetres()),
                                        Math.floor(limits.mostOhmsPerKilometre()),
                                        smallest(limits))))));
        if (found.remedies().isEmpty()) {
            parts.add(Words.wrapped(
                    Words.quiet("Nothing that can be tried here; a shorter way, or a supply beside it.")));
        }
        return parts;
    }

    private List<Part> remedy(Remedy remedy) {
        Group what = Group.flow(
                        Words.figure("%.2f V".formatted(remedy.atEndVolts())),
                        Words.wrapped(Words.quiet(judged(remedy))))
                .style("section");
        Tool take = Tool.of("Do it", remedy.words() + "; undo takes it back", () -> actions.apply(remedy.edit()));
        return List.of(
                Words.wrapped(Words.of(remedy.ok() ? "finding-says" : "quiet", remedy.words())),
                remedy.reaches() ? what.and(take) : what);
    }
}
