package io.answerback.core.bus;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.Terminal;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Zone;
import io.answerback.core.supply.CheckStep;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/// Fitting a module, step by step: power off, seat or wire it, power on, let the panel learn it, and then what
/// its zones still need before they live. It defers to the maker's manual.
public final class FittingRun {
    private final Parts job;
    private final ModuleId module;
    private final ModuleKind kind;
    private final String prefix;
    private final List<CheckStep> steps = new ArrayList<>();

    private FittingRun(Parts job, ModuleId module, ModuleKind kind) {
        this.job = job;
        this.module = module;
        this.kind = kind;
        this.prefix = prefix(module);
    }

    /// What the names of the steps of a module begin with.
    public static String prefix(ModuleId module) {
        return "fit:" + module + ":";
    }

    /// The steps for a module of a job; none where the profile does not know it, and none for the board.
    public static List<CheckStep> of(Parts job, ModuleId module) {
        Optional<ModuleKind> kind = job.kindOf(module).filter(its -> its.sort() != ModuleSort.BOARD);
        return kind.map(its -> new FittingRun(job, module, its).steps()).orElse(List.of());
    }

    private List<CheckStep> steps() {
        step(
                "off",
                "Take all power off: battery, then mains, as the sequence for this panel says",
                "Seating or wiring a module with power on can destroy it and the board.",
                "Every lamp is out.",
                true);
        if (kind.sort() == ModuleSort.PLUG_IN) {
            step(
                    "seat",
                    Text.of("Seat %s: every pin in its hole, then its pillars", job.nameOf(module)),
                    "One row of pins out of place looks seated and is not.",
                    "",
                    true);
        } else {
            wired();
        }
        step(
                "on",
                "Give power again, in this panel's order",
                "Nobody's hands in the box; the lid of the mains on.",
                Text.of("%s shows that it has power.", job.nameOf(module)),
                true);
        learned();
        zones();
        return List.copyOf(steps);
    }

    private void wired() {
        job.bus()
                .address(module)
                .ifPresentOrElse(
                        address -> step(
                                "address",
                                Text.of("Set %s to address %d before it has power", job.nameOf(module), address),
                                "Many read their switches at power-up only.",
                                "",
                                false),
                        () -> step(
                                "address",
                                Text.of("Decide an address for %s", job.nameOf(module)),
                                "Two at one address answer over each other, and both are lost.",
                                "",
                                false));
        String data = kind.terminals().stream()
                .filter(terminal -> terminal.use() == TerminalUse.BUS)
                .map(Terminal::name)
                .map(name -> Text.of("%s to %s", name, name))
                .collect(Collectors.joining(", "));
        step(
                "wire",
                Text.of("Wire its bus: plus, return%s", data.isEmpty() ? ", and data" : ", " + data),
                "Plus and return the wrong way round can destroy it; data cores changed over make it deaf.",
                "",
                true);
    }

    private void learned() {
        List<String> learning = job.panel()
                .profile()
                .bus()
                .map(rule -> rule.steps().learning())
                .filter(steps -> !steps.isEmpty())
                .orElse(List.of("Let the panel look at its bus, as the maker's manual says"));
        boolean enrols = job.practice().option(PracticeQuestion.SERVICE_KEYPAD) == PracticeOption.ENROL_AND_DELETE;
        String mind = job.bus().service().isPresent() && enrols
                ? "A service keypad is on the bus: take it off first, or it is learned too."
                : "No service keypad on the bus, or it is learned too.";
        String lists = job.bus()
                .address(module)
                .map(address -> Text.of("It lists address %d.", address))
                .orElse("It lists one more.");
        for (int step = 0; step < learning.size(); step++) {
            boolean first = step == 0;
            boolean last = step == learning.size() - 1;
            step(
                    first ? "learn" : "learn-" + (step + 1),
                    learning.get(step),
                    first ? mind : "",
                    last ? lists : "",
                    false);
        }
    }

    /// "Ready with nothing connected" means that a zone is off, not that it is fine.
    private void zones() {
        List<Input> inputs = job.inputs().stream()
                .filter(input -> input.module().equals(module))
                .toList();
        for (Input input : inputs) {
            input.pointId().flatMap(job::point).ifPresent(point -> {
                Optional<Zone> zone = job.zone(input.zone()).filter(its -> its.type() != ZoneType.NOT_USED);
                boolean lives = zone.flatMap(Zone::area).isPresent();
                step(
                        "zone:" + input.id(),
                        Text.of(
                                "Zone %02d, %s: type %s, area %s",
                                input.zone(),
                                point.name(),
                                point.surveyed().type().words(),
                                point.surveyed()
                                        .area()
                                        .map(value -> Text.of("%02d", value))
                                        .orElse("not done yet")),
                        lives
                                ? "It is programmed so in this job; see that the panel says the same."
                                : "Without a type and an area the panel says ready whatever the zone does.",
                        Text.of("Open it: the panel names zone %02d.", input.zone()),
                        false);
            });
        }
        long free = inputs.stream().filter(input -> input.pointId().isEmpty()).count();
        if (free > 0) {
            step(
                    "free",
                    Text.of("%d of its inputs are free: terminate each, or switch its zone off", free),
                    "An open input with a type and an area keeps its area from being made to watch.",
                    "Ready.",
                    false);
        }
    }

    private void step(String name, String order, String mind, String shows, boolean caution) {
        String id = prefix + name;
        steps.add(new CheckStep(id, order, mind, shows, caution, job.power().tick(id)));
    }
}
