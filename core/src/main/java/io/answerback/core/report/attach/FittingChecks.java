package io.answerback.core.report.attach;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.BusRule;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.unit.Attachment;
import io.answerback.core.model.unit.Fitting;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.model.unit.UnitSupply;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// How a communicator is attached and supplied.
public final class FittingChecks implements JobCheck {
    /// Nobody has said how it is attached.
    public static final Rule UNDECIDED = rule(
            "unit-way-undecided",
            Grade.NOTE,
            "Nobody has said how the communicator is attached.",
            "Its wires and its order of work follow from that.");
    /// It is none of the modules of the job.
    public static final Rule UNCOUNTED = rule(
            "unit-uncounted",
            Grade.TIGHT,
            "The communicator is not among the modules of the job.",
            "Its cable and its current are counted nowhere.");
    /// Nobody has said from what it is supplied.
    public static final Rule SUPPLY_UNDECIDED = rule(
            "unit-supply-undecided",
            Grade.NOTE,
            "Nobody has said from what the communicator is supplied.",
            "Its current is counted nowhere until that is decided.");
    /// It has two supplies.
    public static final Rule SUPPLIES = rule(
            "unit-two-supplies",
            Grade.WRONG,
            "The communicator has two supplies.",
            "One feeds the other, and either may be damaged.");
    /// The port is set for another unit.
    public static final Rule PORT = rule(
            "unit-port-type",
            Grade.WRONG,
            "The panel's serial port is set for another unit.",
            "The two do not speak to each other.");
    /// Its jumper is in the wrong position.
    public static final Rule JUMPER = rule(
            "unit-jumper",
            Grade.WRONG,
            "The jumper of the communicator is in the wrong position.",
            "The panel does not find it.");
    /// A keypad that shows text is needed.
    public static final Rule KEYPAD = rule(
            "unit-text-keypad",
            Grade.TIGHT,
            "The communicator is set up at a keypad that shows text, and the job has none.",
            "At a fixed legend its settings cannot be reached.");

    private static Rule rule(String id, Grade grade, String what, String why) {
        return new Rule(id, Stop.REPORT, grade, what, why);
    }

    @Override
    public List<Rule> rules() {
        return List.of(UNDECIDED, SUPPLY_UNDECIDED, UNCOUNTED, SUPPLIES, PORT, JUMPER, KEYPAD);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.communicator().unit().stream().flatMap(unit -> of(facts, unit).stream());
    }

    private static List<Finding> of(Parts job, Unit unit) {
        List<Finding> found = new ArrayList<>();
        Fitting fitting = unit.fitting();
        if (fitting.way().isEmpty() && !unit.profile().standsAlone()) {
            found.add(finding(
                    UNDECIDED,
                    "How the communicator is attached is not decided",
                    "Its wires, its jumper and the order of the work follow from that.",
                    "Choose a way under \"Communicator\"."));
        }
        if (supplyUndecided(unit)) {
            found.add(finding(
                    SUPPLY_UNDECIDED,
                    "From what the communicator is supplied is not decided",
                    "Its current is counted on no supply until then.",
                    "Choose its supply under \"Communicator\"."));
        }
        if (!unit.profile().standsAlone() && unit.module().flatMap(job::module).isEmpty()) {
            found.add(finding(
                    UNCOUNTED,
                    "The communicator is not among the modules",
                    "Its cable, its current and its addresses are counted nowhere.",
                    "Add it to the modules under \"Communicator\"."));
        }
        if (fitting.supplies().size() > 1) {
            found.add(supplies(fitting));
        }
        port(unit).ifPresent(found::add);
        jumper(unit).ifPresent(found::add);
        if (unit.profile().textKeypad() && keypadsWithoutText(job)) {
            found.add(finding(
                    KEYPAD,
                    "No keypad shows the text that the communicator is set up with",
                    "The panel learns it at a keypad that shows text; a fixed legend cannot reach these settings.",
                    "Bring a text keypad for the work."));
        }
        return found;
    }

    /// A unit that is plugged on or sits at a port takes its supply from there.
    static boolean supplyUndecided(Unit unit) {
        return unit.fitting().supplies().isEmpty()
                && unit.fitting()
                        .way()
                        .filter(way -> way != Attachment.PLUG_ON && way != Attachment.SERIAL_PORT)
                        .isPresent();
    }

    /// Whether it is decided how the unit is attached and supplied.
    public static boolean decided(Unit unit) {
        return (unit.profile().standsAlone() || unit.fitting().way().isPresent()) && !supplyUndecided(unit);
    }

    private static Finding supplies(Fitting fitting) {
        return finding(
                SUPPLIES,
                Text.of(
                        "It is supplied from %s",
                        fitting.supplies().stream().map(UnitSupply::words).collect(Collectors.joining(" and "))),
                "Two supplies feed each other; a unit takes one.",
                "Disconnect one of them, with both switched off.");
    }

    private static Optional<Finding> port(Unit unit) {
        String set = unit.fitting().portType();
        String wanted = unit.profile().portType();
        return Optional.of(set)
                .filter(its -> unit.fitting().way().equals(Optional.of(Attachment.SERIAL_PORT)))
                .filter(its -> !its.isEmpty() && !wanted.isEmpty() && !its.equals(wanted))
                .map(its -> finding(
                        PORT,
                        Text.of("The serial port is set to \"%s\"", set),
                        Text.of("This communicator needs \"%s\".", wanted),
                        Text.of("Set the port's type to \"%s\" in the panel.", wanted)));
    }

    private static Optional<Finding> jumper(Unit unit) {
        String is = unit.fitting().jumper();
        return unit.fitting()
                .way()
                .map(way -> unit.profile().jumperFor().getOrDefault(way, ""))
                .filter(wanted -> !wanted.isEmpty() && !is.isEmpty() && !is.equals(wanted))
                .map(wanted -> finding(
                        JUMPER,
                        Text.of("%s is \"%s\"", unit.profile().jumper(), is),
                        Text.of("Attached this way it has to be \"%s\".", wanted),
                        "Power down in order, and move it."));
    }

    private static boolean keypadsWithoutText(Parts job) {
        List<String> keypads = job.modules().stream()
                .map(job::kindOf)
                .flatMap(Optional::stream)
                .filter(kind -> kind.sort() == ModuleSort.KEYPAD)
                .map(ModuleKind::id)
                .toList();
        List<String> text = job.panel()
                .profile()
                .bus()
                .map(BusRule::text)
                .map(its -> its.kinds())
                .orElse(List.of());
        return !keypads.isEmpty() && !text.isEmpty() && keypads.stream().noneMatch(text::contains);
    }

    private static Finding finding(Rule rule, String says, String why, String remedy) {
        return rule.finds(new Target.OfCommunicator(), says, why, remedy).of("");
    }
}
