package io.answerback.core.report.attach;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.Decision.OutputUse;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Parts;
import io.answerback.core.model.site.Zone;
import io.answerback.core.model.unit.Attachment;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.setup.SettingNumbers;
import io.answerback.core.wiring.cores.EventCores;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A communicator on inputs and outputs: what the panel's outputs tell it, and what it sets the site by.
public final class OutputChecks implements JobCheck {
    /// Nothing lets it set the site.
    public static final Rule KEY_SWITCH = rule(
            "unit-key-switch",
            Grade.TIGHT,
            "A communicator on inputs and outputs has no key-switch zone to set the site by.",
            "It reports, and cannot set or unset the site remotely.");
    /// The key-switch zone is of the wrong kind.
    public static final Rule KEY_SWITCH_KIND = rule(
            "unit-key-switch-kind",
            Grade.WRONG,
            "The key-switch zone that a communicator works is of the wrong kind.",
            "The site is set and unset at the wrong times.");
    /// It does not learn whether the site is set.
    public static final Rule STATE = rule(
            "unit-state-not-fed-back",
            Grade.TIGHT,
            "No output of the panel tells the communicator whether the site is set.",
            "It cannot confirm a command, and a pulse meant to set may unset.");
    /// An output that is wired to it follows nothing.
    public static final Rule NOTHING = rule(
            "unit-output-undecided",
            Grade.NOTE,
            "An output that is wired to the communicator follows nothing.",
            "That input of the communicator never tells anything.");
    /// No output follows an alarm.
    public static final Rule ALARM = rule(
            "unit-alarm-not-told",
            Grade.WRONG,
            "No output of the panel tells the communicator of an alarm.",
            "No alarm leaves the building.");

    private static Rule rule(String id, Grade grade, String what, String why) {
        return new Rule(id, Stop.REPORT, grade, what, why);
    }

    @Override
    public List<Rule> rules() {
        return List.of(KEY_SWITCH, KEY_SWITCH_KIND, STATE, NOTHING, ALARM);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.communicator().unit().stream()
                .filter(unit -> unit.fitting().way().equals(Optional.of(Attachment.INPUTS_AND_OUTPUTS)))
                .flatMap(unit -> Stream.of(
                                keySwitch(facts, unit), state(facts, unit), nothing(facts, unit), alarm(facts, unit))
                        .flatMap(Optional::stream));
    }

    /// The zone its output works: none, or one that takes a pulse for a held contact or the other way round.
    private static Optional<Finding> keySwitch(Parts job, Unit unit) {
        Optional<Zone> zone = keySwitchZone(job);
        boolean holds = unit.profile().holdsKeySwitch();
        ZoneType wanted = holds ? ZoneType.KEY_SWITCH_HELD : ZoneType.KEY_SWITCH;
        if (zone.isEmpty()) {
            return Optional.of(
                    finding(
                            KEY_SWITCH,
                            "No key-switch zone lets the communicator set the site",
                            Text.of(
                                    "Its output %s; a free input has to be a %s.",
                                    holds ? "stays on" : "gives a pulse", wanted.words()),
                            "Give a free input that behaviour under \"Set up\" and fit its resistor, or leave setting remotely out."));
        }
        return zone.filter(its -> its.type() != wanted)
                .map(its -> finding(
                        KEY_SWITCH_KIND,
                        Text.of("Zone %02d is a %s", its.number(), its.type().words()),
                        Text.of(
                                "The output of this communicator %s.",
                                holds ? "stays on while the site is set" : "gives a pulse"),
                        Text.of("Make zone %02d a %s.", its.number(), wanted.words())));
    }

    private static Optional<Zone> keySwitchZone(Parts job) {
        return EventCores.keySwitch(job).flatMap(input -> job.zone(input.zone()));
    }

    /// Only a pulse can unset what it was meant to set; a contact that is held says what it wants.
    private static Optional<Finding> state(Parts job, Unit unit) {
        if (EventCores.tellsWhetherSet(job, unit)) {
            return Optional.empty();
        }
        boolean pulse = keySwitchZone(job)
                .filter(zone -> zone.type() == ZoneType.KEY_SWITCH)
                .isPresent();
        return Optional.of(STATE.finds(
                        pulse ? Grade.WRONG : Grade.TIGHT,
                        new Target.OfCommunicator(),
                        "No output tells the communicator whether the site is set",
                        pulse
                                ? "Its pulse changes the site over. When somebody has set it at the keypad, \"set\" by text unsets it, and it confirms what it does not know."
                                : "It cannot confirm a command, and a message says \"set\" when the panel refused.",
                        "Let one output follow the site being set, and give it to an input of the communicator.")
                .of(""));
    }

    private static Optional<Finding> nothing(Parts job, Unit unit) {
        List<String> names = SettingNumbers.outputs(job);
        List<String> undecided = EventCores.of(job, unit).stream()
                .filter(pair -> pair.follows() == OutputUse.NOTHING)
                .map(pair -> names.get(pair.output() - 1))
                .toList();
        return undecided.isEmpty()
                ? Optional.empty()
                : Optional.of(finding(
                        NOTHING,
                        Text.of("What %s follows is not decided", Text.listed(undecided)),
                        "The communicator hears of nothing by it.",
                        "Decide what each output follows under \"Set up\", or leave its core spare."));
    }

    /// Judged once anything was decided about an output: before that it is not done yet.
    private static Optional<Finding> alarm(Parts job, Unit unit) {
        List<EventCores> pairs = EventCores.of(job, unit);
        boolean decided = pairs.stream().anyMatch(pair -> pair.follows() != OutputUse.NOTHING);
        boolean told = pairs.stream().anyMatch(pair -> pair.follows() == OutputUse.ALARM);
        boolean none = pairs.isEmpty()
                && unit.profile().module().terminals().stream()
                        .anyMatch(terminal -> terminal.use() == TerminalUse.INPUT);
        return told || !decided && !none
                ? Optional.empty()
                : Optional.of(
                        finding(
                                ALARM,
                                "No output tells the communicator of an alarm",
                                none
                                        ? "The panel's board has no output that is free for it."
                                        : "None of the outputs that go to it follows an alarm.",
                                "Let one output follow an alarm; where the board has none, attach the communicator another way."));
    }

    private static Finding finding(Rule rule, String says, String why, String remedy) {
        return rule.finds(new Target.OfCommunicator(), says, why, remedy).of("");
    }
}
