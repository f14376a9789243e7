package io.answerback.core.prove.acceptance;

import io.answerback.core.engine.memo.Facts;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.SounderUnit;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.people.Person;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.profile.TerminalUse;
import io.answerback.core.model.shown.LineFigure;
import io.answerback.core.model.shown.LineIds;
import io.answerback.core.model.site.PanelModule;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.model.site.SystemPoint;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.report.JobSignals;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The lines of outputs, lids, paths, receivers and people, and behind them those of the supply.
final class SystemLines {
    private static final String EARS = "Ears protected; whoever is near has been told.";

    private final Facts facts;
    private final OperationRules rules;
    private final List<AcceptanceLine> lines = new ArrayList<>();

    SystemLines(Facts facts) {
        this.facts = facts;
        this.rules = facts.of(OperationRules.FACT);
    }

    List<AcceptanceLine> lines() {
        lids();
        for (PanelModule module : facts.modules()) {
            facts.kindOf(module).ifPresent(kind -> output(module, kind));
        }
        for (TransmissionPath path : facts.communicator().paths()) {
            path(path);
        }
        failOver();
        facts.receivers().forEach(this::receiver);
        facts.communicator().people().forEach(this::person);
        lines.addAll(new SupplyLines(facts).lines());
        return lines;
    }

    private void lids() {
        add(AcceptanceLine.line("lid:panel", LineSection.COVERS, "Lid of the panel")
                .order("Lift the lid, then close it")
                .steps("Lift the lid", "Wait for its signal", "Close the lid, no cable under its edge")
                .expects(system(SystemPoint.TAMPER), answerSeconds())
                .caution("The mains side stays covered: it is for a licensed person.")
                .takes(3)
                .because("Whoever opens a box must be noticed.")
                .rests(account(rules)));
    }

    private void output(PanelModule module, ModuleKind kind) {
        if (kind.sort() == ModuleSort.SPEAKER) {
            sound("speaker:" + module.id(), module.name(), "Sound it alone");
        }
        Optional<SounderUnit> sounder = kind.sounder();
        if (kind.sort() != ModuleSort.SOUNDER || sounder.isEmpty()) {
            return;
        }
        cutOff(module, sounder.get());
        for (SounderUnit.Level level : sounder.get().levels()) {
            sound(
                    LineIds.SOUNDER + module.id() + ":" + level.name(),
                    module.name() + ", " + level.name(),
                    "Sound it alone, its link on " + level.name());
        }
        if (kind.terminals().stream().anyMatch(terminal -> terminal.use() == TerminalUse.STROBE)) {
            add(AcceptanceLine.line(
                            "strobe-after:" + module.id(),
                            LineSection.OUTPUTS,
                            "Strobe of " + module.name() + " goes on")
                    .order("Let the sounder sound to its end, and look at the strobe then")
                    .seen("the strobe still flashes when the sounder has ended")
                    .caution(EARS)
                    .takes(rules.times().sounderMillis() / 60_000.0)
                    .because("Who comes late finds the building by it.")
                    .rests(Map.of("sounds for", rules.times().sounderMillis() / 60_000 + " min")));
            add(AcceptanceLine.line("strobe:" + module.id(), LineSection.OUTPUTS, "Strobe of " + module.name())
                    .order("Flash it alone")
                    .steps("Flash it alone", "Go out to the road and look for it", "Switch it off")
                    .seen("seen from the road")
                    .takes(2)
                    .because("It shows where help has to go.")
                    .rests(Map.of("module", module.kindId())));
        }
    }

    private void cutOff(PanelModule module, SounderUnit unit) {
        add(AcceptanceLine.line(
                        "sounder-tamper:" + module.id(), LineSection.OUTPUTS, module.name() + ": lid, and cut off")
                .order("Lift its lid and close it; then take its cable off and land it again")
                .steps(
                        "Warn whoever is near, protect your ears, have the ladder held",
                        "Lift its lid, wait for its tamper, close it",
                        "Take its cable off at the panel, wait, land it again")
                .seen(
                        unit.driven()
                                ? "each is shown as a tamper or a fault, and reported"
                                : "each is shown as a tamper or a fault, and reported; cut off it sounds by its own battery")
                .caution(EARS)
                .bring("ear protection, a ladder and somebody to hold it")
                .takes(5)
                .because("A sounder that is cut first and silently protects nothing.")
                .rests(Map.of("module", module.kindId())));
    }

    private void sound(String id, String title, String order) {
        add(AcceptanceLine.line(id, LineSection.OUTPUTS, title)
                .order(order)
                .steps(
                        "Warn whoever is near, protect your ears",
                        order,
                        "Measure it where people have to hear it",
                        "Write down the level and the distance",
                        "Silence it")
                .seen("measured in dB(A), with the distance")
                .bring("a sound level meter and ear protection")
                .wants(Wanted.needed(LineFigure.DECIBELS), Wanted.needed(LineFigure.METRES))
                .caution(EARS)
                .takes(2)
                .because("It was never heard at this place.")
                .rests(Map.of("sounds for", rules.times().sounderMillis() / 60_000 + " min")));
    }

    private void path(TransmissionPath path) {
        String others = facts.communicator().paths().size() > 1 ? ", every other one cut" : "";
        add(AcceptanceLine.line(
                        "path:" + path.kind().name(),
                        LineSection.REPORTING,
                        "By " + path.kind().words() + " alone")
                .order("Send a test by " + path.kind().words() + others)
                .steps(pathSteps(path, !others.isEmpty()))
                .expects(test(), answerSeconds() + path.holdOffMillis() / 1000)
                .takes(10)
                .because("A path that was never alone may never have worked.")
                .rests(Map.of(
                        "attempts", Integer.toString(path.attempts()), "time-out", path.timeoutMillis() + " ms")));
    }

    private static String[] pathSteps(TransmissionPath path, boolean others) {
        String send = "Send a test by " + path.kind().words();
        return others
                ? new String[] {"Cut every other path", send, "Connect the other paths again"}
                : new String[] {send};
    }

    private void failOver() {
        List<PathKind> kinds = facts.communicator().paths().stream()
                .map(TransmissionPath::kind)
                .toList();
        for (int i = 0; i + 1 < kinds.size(); i++) {
            String first = kinds.get(i).words();
            String next = kinds.get(i + 1).words();
            add(AcceptanceLine.line(
                            Text.of("failover:%s:%s", kinds.get(i), kinds.get(i + 1)),
                            LineSection.REPORTING,
                            Text.of("From %s to %s and back", first, next))
                    .order(Text.of("Unplug %s, open a point, plug it in again, and open it once more", first))
                    .steps(
                            Text.of("Unplug %s", first),
                            Text.of("Open a point, and see its signal come by %s", next),
                            Text.of("Plug %s in again", first),
                            Text.of("Open the point once more, and see its signal come by %s", first))
                    .expects(system(SystemPoint.PATH), 0)
                    .seen(Text.of("the first by %s, the second by %s", next, first))
                    .takes(10)
                    .because("It has to change over by itself, both ways.")
                    .rests(Map.of("paths", kinds.toString())));
        }
    }

    private void receiver(Receiver receiver) {
        add(AcceptanceLine.line("receiver:" + receiver.id(), LineSection.REPORTING, receiver.name() + " alone")
                .order("Send a test with every other receiver switched off in the communicator")
                .steps(
                        "Switch every other receiver off in the communicator",
                        "Send a test to " + receiver.name(),
                        "Have the operator read it back",
                        "Switch the others on again")
                .expects(test(), answerSeconds())
                .bring("somebody at the station who reads it back")
                .seen("the operator reads it back with account, event and area")
                .takes(5)
                .because("The one in reserve is needed on the day the first one is silent.")
                .rests(Map.of(
                        "address",
                        receiver.host() + ":" + receiver.port(),
                        "format",
                        receiver.format().words())));
    }

    private void person(Person person) {
        if (person.toldByMail() || person.hasPhone()) {
            add(AcceptanceLine.line("person:" + person.id(), LineSection.REPORTING, person.name() + " is told")
                    .order("Open a point of which " + person.name() + " is told")
                    .seen("the message is there, and says what happened and where")
                    .takes(2)
                    .because("A message to a wrong address is noticed on the worst day.")
                    .rests(Map.of("mail", person.mail(), "phone", person.phone())));
        }
    }

    private List<Expected> system(SystemPoint point) {
        return system(facts, point);
    }

    /// The signals of a point of the panel itself, such as its mains.
    static List<Expected> system(Facts facts, SystemPoint point) {
        return facts.of(JobSignals.ALL).stream()
                .filter(sent -> sent.point().equals(Optional.of(point.id())))
                .map(sent -> Expected.of(sent.signal()))
                .toList();
    }

    private List<Expected> test() {
        return rules.firstAreaWithAccount()
                .map(area -> List.of(Expected.test(area.account())))
                .orElse(List.of());
    }

    /// The account that what belongs to no area is sent under, as something a line rests on.
    static Map<String, String> account(OperationRules rules) {
        return Map.of(
                "account",
                rules.firstAreaWithAccount().map(area -> area.account()).orElse("none"));
    }

    private int answerSeconds() {
        return answerSeconds(facts);
    }

    /// How long a station may take to answer, in seconds.
    static int answerSeconds(Facts facts) {
        return (int) Math.ceil(facts.practice().figure(RuleFigure.ANSWER_SECONDS));
    }

    private void add(AcceptanceLine.Draft draft) {
        lines.add(draft.made());
    }
}
