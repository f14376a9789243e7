package io.answerback.core.supply;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.Powering;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.PowerOrder;
import io.answerback.core.model.profile.SupplyUnit;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Point;
import io.answerback.core.supply.battery.LeadAcid;
import io.answerback.core.wiring.cores.CoreNeeds;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;

/// Power-down and power-up step by step, in the order the profile or the house has it, each with its caution
/// and with what the panel should show. It defers to the maker's manual.
public final class PowerRun {
    private final Parts job;
    private final String prefix;
    private final List<CheckStep> steps = new ArrayList<>();

    /// Which way.
    public enum Direction {
        /// Everything off.
        DOWN("power down", "down:"),
        /// Everything on.
        UP("power up", "up:");

        private final String words;
        private final String prefix;

        Direction(String words, String prefix) {
            this.words = words;
            this.prefix = prefix;
        }

        /// The direction in plain words.
        public String words() {
            return words;
        }

        /// What the names of its steps begin with.
        public String prefix() {
            return prefix;
        }
    }

    /// A module with its supply.
    private record Fed(ModuleId module, String title, SupplyUnit unit) {}

    private PowerRun(Parts job, Direction direction) {
        this.job = job;
        this.prefix = direction.prefix();
    }

    /// The steps of a job, one way.
    public static List<CheckStep> of(Parts job, Direction direction) {
        PowerRun run = new PowerRun(job, direction);
        if (direction == Direction.DOWN) {
            run.down();
        } else {
            run.up();
        }
        return List.copyOf(run.steps);
    }

    private void down() {
        step(
                "station",
                "Tell the station, and put the account on test",
                "Warn who is in the building. Note the time the test ends.",
                "",
                false);
        if (has(ModuleSort.SOUNDER)) {
            step(
                    "sounder",
                    loud().isEmpty()
                            ? "Take the sounder's trigger off"
                            : Text.of(
                                    "Hold %s silent: its engineer's hold-off in, or the battery inside it off",
                                    String.join(" and ", loud())),
                    loud().isEmpty()
                            ? "Ears protected, ladder footed. If it has a battery of its own it sounds when its supply goes."
                            : "Ears protected, ladder footed: it sounds from its own battery the moment its supply or its trigger goes.",
                    "",
                    true);
        }
        List<Fed> supplies = supplies().toList();
        for (Fed fed : supplies.reversed()) {
            step(
                    fed.module() + ":battery",
                    Text.of("Battery of %s off", fed.title()),
                    "Lift the black lead first and insulate it: a battery can weld a screwdriver.",
                    "Trouble: battery missing.",
                    true);
            step(
                    fed.module() + ":mains",
                    Text.of("Mains of %s off at its spur, locked off, proved dead", fed.title()),
                    "Mains work belongs to a licensed electrician where your local code says so.",
                    "Every lamp goes out within seconds.",
                    true);
        }
    }

    private void up() {
        List<Fed> supplies = supplies().toList();
        step(
                "look",
                "Look once more: no strand loose, no tool in the box, every lid's screw clear of cables",
                "What is wrong now is cheap; what is wrong in a minute may not be.",
                "",
                false);
        for (Fed fed : supplies) {
            polarity(fed);
            if (order(fed.unit()) == PowerOrder.BATTERY_FIRST) {
                battery(fed, "It starts on its battery. Trouble: mains failed.");
                mains(fed, "The mains trouble clears.");
            } else {
                mains(fed, "It starts. Trouble: battery missing" + flicker(fed.unit()) + ".");
                battery(fed, "The battery trouble clears at the next battery test.");
            }
            step(
                    fed.module() + ":float",
                    Text.of("Measure the battery of %s: about %.2f V", fed.title(), LeadAcid.FLOAT_VOLTS),
                    "Much less means it does not charge, or the battery takes all it can get: wait and measure again.",
                    "",
                    false);
        }
        warmUp();
        if (has(ModuleSort.SOUNDER)) {
            step(
                    "sounder",
                    "Connect the sounder last",
                    "Ears protected, occupants warned.",
                    "The sounder's trouble and tamper stay until now, and clear.",
                    true);
        }
        step(
                "station",
                "Ask the station to make the account live again",
                "Not before everything has been proved.",
                "Communication trouble stays until the account is live, and clears with the next signal.",
                false);
    }

    private void polarity(Fed fed) {
        step(
                fed.module() + ":polarity",
                Text.of(
                        "Check the battery of %s with a meter: red on plus, above %.1f V",
                        fed.title(), LeadAcid.NOMINAL_VOLTS),
                "The wrong way round can destroy the supply at once.",
                "",
                true);
    }

    private void battery(Fed fed, String shows) {
        step(
                fed.module() + ":battery",
                Text.of("Battery of %s on: red first, then black", fed.title()),
                "Write today's date on it.",
                shows,
                true);
    }

    private void mains(Fed fed, String shows) {
        step(
                fed.module() + ":mains",
                Text.of("Mains of %s on", fed.title()),
                "The cover over the mains terminals is on, and nobody is working on the spur.",
                shows,
                true);
    }

    private static String flicker(SupplyUnit unit) {
        return unit.batteryTestSeconds() > 0 && unit.batteryTestSeconds() <= 60
                ? Text.of(", and its lamps flicker every %d s while it looks for one", unit.batteryTestSeconds())
                : "";
    }

    private void warmUp() {
        job.points().stream()
                .filter(CoreNeeds::powered)
                .flatMap(point -> point.kinds().stream())
                .flatMap(kind -> kind.powering().stream())
                .mapToInt(Powering::warmUpSeconds)
                .max()
                .ifPresent(seconds -> step(
                        "warm-up",
                        Text.of("Wait %d s, then test", seconds),
                        Text.of("%s warms up for this long; ignore what it says until then.", slowest(seconds)),
                        "",
                        false));
    }

    private String slowest(int seconds) {
        Predicate<Powering> takesLongest = power -> power.warmUpSeconds() == seconds;
        return job.points().stream()
                .filter(point ->
                        point.has(kind -> kind.powering().filter(takesLongest).isPresent()))
                .findFirst()
                .map(Point::name)
                .orElse("the slowest detector");
    }

    private PowerOrder order(SupplyUnit unit) {
        return switch (job.practice().option(PracticeQuestion.POWER_UP)) {
            case BATTERY_THEN_MAINS -> PowerOrder.BATTERY_FIRST;
            case MAINS_THEN_BATTERY -> PowerOrder.MAINS_FIRST;
            default -> unit.order();
        };
    }

    private Stream<Fed> supplies() {
        return job.modules().stream()
                .flatMap(module -> job
                        .kindOf(module)
                        .flatMap(ModuleKind::supply)
                        .map(unit -> new Fed(module.id(), module.name(), unit))
                        .stream());
    }

    private boolean has(ModuleSort sort) {
        return job.modules().stream()
                .anyMatch(module ->
                        job.kindOf(module).filter(kind -> kind.sort() == sort).isPresent());
    }

    /// The sounders that sound when they are cut off.
    private List<String> loud() {
        return job.modules().stream()
                .filter(module -> job.kindOf(module)
                        .flatMap(ModuleKind::sounder)
                        .filter(unit -> !unit.driven())
                        .isPresent())
                .map(PanelModule::name)
                .toList();
    }

    private void step(String name, String order, String mind, String shows, boolean caution) {
        String id = prefix + name;
        steps.add(new CheckStep(id, order, mind, shows, caution, job.power().tick(id)));
    }
}
