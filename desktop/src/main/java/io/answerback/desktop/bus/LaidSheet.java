package io.answerback.desktop.bus;

import io.answerback.core.bus.BusEdits;
import io.answerback.core.bus.BusEnds;
import io.answerback.core.bus.BusModule;
import io.answerback.core.bus.BusState;
import io.answerback.core.bus.TerminatorEdits;
import io.answerback.core.model.common.Figures;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.BusRange;
import io.answerback.core.model.profile.BusRule;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Job;
import io.answerback.desktop.part.Choice;
import io.answerback.desktop.part.Gauge;
import io.answerback.desktop.part.Group;
import io.answerback.desktop.part.Parts;
import io.answerback.desktop.part.Tool;
import io.answerback.desktop.part.Words;
import io.answerback.desktop.work.Actions;
import io.answerback.desktop.work.FilledSheet;
import io.answerback.desktop.work.FirstSteps;
import io.answerback.desktop.work.WindowState;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// The bus as it is laid, each module with its address and its volts; an address is typed where it stands.
final class LaidSheet extends FilledSheet {
    private final Actions actions;
    private final Parts limits = Parts.column();

    LaidSheet(Actions actions) {
        this.actions = actions;
        limits.style("gaps");
        instrument.set(limits);
    }

    @Override
    public String title() {
        return "Who answers on the bus";
    }

    @Override
    public String about(WindowState state) {
        return "volts in an alarm at the end of discharge";
    }

    @Override
    protected Object restsOn(WindowState state) {
        return state.assessment();
    }

    @Override
    protected void show(WindowState state) {
        BusState bus = state.assessment().get(BusState.FACT);
        sheet.clear();
        limits.clear();
        if (bus.modules().isEmpty()) {
            sheet.add(FirstSteps.modules(
                    actions,
                    "Nothing is on the bus yet. Fit the first keypad or expander.",
                    "Fit a keypad or an expander"));
            return;
        }
        sheet.add(tools(state.job(), bus), new LaidDrawing(actions, state.job(), bus));
        state.job().panel().profile().bus().ifPresentOrElse(rule -> limits(state.job(), rule, bus), this::noRule);
    }

    private Group tools(Job job, BusState bus) {
        Parts row = Parts.flow();
        row.style("switches");
        if (bus.modules().stream().anyMatch(module -> module.addresses().isEmpty())) {
            row.add(Tool.of(
                    "Propose addresses",
                    "gives every module without one the lowest that is free",
                    () -> actions.apply(BusEdits.giveAddresses())));
        }
        bus.modules().stream()
                .filter(module -> module.kind().sort() == ModuleSort.COMMUNICATOR)
                .filter(module -> module.addresses().size() != module.wanted())
                .forEach(module -> row.add(Tool.of(
                        "One address an area for " + module.name(),
                        "a free keypad address for each of %d areas"
                                .formatted(job.areas().size()),
                        () -> actions.apply(BusEdits.listening(module.id())))));
        bus.modules().stream()
                .filter(module -> !BusEdits.unprogrammed(job, module.id()).isEmpty())
                .forEach(module -> row.add(Tool.of(
                        "Program the zones of " + module.name(),
                        "%s as their points were surveyed; zones that have no input any more are off"
                                .formatted(zones(job, module.id())),
                        () -> actions.apply(BusEdits.programmed(module.id())))));
        return row.group();
    }

    private static String zones(Job job, ModuleId module) {
        return BusEdits.unprogrammed(job, module).keySet().stream()
                .map("%02d"::formatted)
                .collect(Collectors.joining(", "));
    }

    private void limits(Job job, BusRule rule, BusState bus) {
        limits.add(Words.title("What the bus may have"));
        gauge("m", "cable in all", bus.metres(), rule.mostMetres());
        if (!bus.lengthsKnown()) {
            limits.add(Words.wrapped(Words.of(
                    "entry-problem",
                    "A bus cable has no length yet: type it at Cable. Until then it counts as nothing.")));
        }
        gauge("m", "to the farthest module", bus.farthestMetres(), rule.mostRunMetres());
        electric(rule, bus);
        limits.add(Words.wrapped(
                Words.quiet(rule.star() ? "It may branch." : "It runs from module to module and may not branch.")));
        ends(job, bus);
        rule.reaches()
                .forEach(reach -> limits.add(Words.wrapped(Words.quiet("In cores of %.0f Ω/km it reaches %.0f m."
                        .formatted(reach.ohmsPerKilometre(), reach.metres())))));
        limits.add(Words.title("Free addresses"));
        rule.ranges().stream()
                .filter(range -> !range.offTheBus())
                .forEach(range -> limits.add(Words.wrapped(Words.quiet(free(job, range)))));
        listeners(bus);
    }

    /// Where terminators belong; each is set here as it is found or fitted.
    private void ends(Job job, BusState bus) {
        BusEnds ends = BusEnds.of(job, bus);
        if (ends.ohms() == 0 || ends.ends().isEmpty()) {
            return;
        }
        limits.add(
                Words.title("Terminators"),
                Words.wrapped(
                        Words.quiet("%s across the data cores at both ends of the bus. With the power off they read %s."
                                .formatted(
                                        Figures.ohms(ends.ohms()),
                                        Figures.ohms(ends.readsOhms(ends.ends().size()))))));
        Stream.concat(ends.ends().stream(), ends.terminated().stream())
                .distinct()
                .forEach(module -> limits.add(end(job, module, ends.terminated().contains(module))));
    }

    private Group end(Job job, ModuleId module, boolean fitted) {
        return Parts.flow(
                        Words.quiet(job.nameOf(module)),
                        Choice.of(
                                "Terminator at " + job.nameOf(module),
                                List.of(true, false),
                                fitted,
                                its -> its ? "fitted" : "missing",
                                its -> actions.apply(TerminatorEdits.at(module, its))))
                .style("switches")
                .group();
    }

    /// The limits of a maker who gives them in ohms and nanofarads.
    private void electric(BusRule rule, BusState bus) {
        if (rule.mostOhms() > 0) {
            gauge(
                    "Ω",
                    "there and back",
                    bus.mostResistance().map(BusState.Branch::endOhms).orElse(0.0),
                    rule.mostOhms());
        }
        if (rule.mostNanofarads() > 0) {
            gauge("nF", "between two cores", bus.nanofarads(), rule.mostNanofarads());
            if (bus.unknownMetres() > 0) {
                limits.add(Words.wrapped(Words.quiet("%.0f m of a type whose capacitance is not known are not counted."
                        .formatted(bus.unknownMetres()))));
            }
        }
    }

    private void gauge(String unit, String name, double used, double most) {
        String says = most > 0
                ? "%.0f %s of %.0f %s %s".formatted(used, unit, most, unit, name)
                : "%.0f %s %s".formatted(used, unit, name);
        limits.add(new Gauge(used, Math.max(1, most), says), Words.wrapped(Words.quiet(says)));
    }

    private static String free(Job job, BusRange range) {
        String kinds = range.kinds().stream()
                .flatMap(id -> job.panel().profile().module(id).stream())
                .map(kind -> kind.sort().words())
                .distinct()
                .collect(Collectors.joining(", "));
        List<Integer> free = BusEdits.free(job, range.kinds().getFirst());
        return "%s: %s"
                .formatted(
                        kinds,
                        free.isEmpty()
                                ? "none left"
                                : free.stream().map(String::valueOf).collect(Collectors.joining(", ")));
    }

    private void listeners(BusState bus) {
        Optional<BusModule> listens = bus.modules().stream()
                .filter(module -> module.kind().sort() == ModuleSort.COMMUNICATOR)
                .filter(module -> !module.addresses().isEmpty())
                .findFirst();
        listens.ifPresent(module -> {
            limits.add(Words.title(module.name() + " pretends to be keypads"));
            module.addresses()
                    .forEach(given -> limits.add(Words.wrapped(Words.quiet("address %d, %s"
                            .formatted(
                                    given.address(),
                                    given.area()
                                            .map("program it as a keypad of area %02d"::formatted)
                                            .orElse("no area"))))));
        });
    }

    private void noRule() {
        limits.add(
                Words.wrapped(
                        Words.quiet(
                                "The panel's profile does not say how it addresses modules: addresses are kept, and nothing is judged.")));
    }
}
