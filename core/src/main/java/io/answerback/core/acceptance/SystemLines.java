package io.answerback.core.acceptance;

import io.answerback.core.common.Text;
import io.answerback.core.device.SounderUnit;
import io.answerback.core.event.Qualifier;
import io.answerback.core.event.Signal;
import io.answerback.core.memo.Facts;
import io.answerback.core.operation.OperationRules;
import io.answerback.core.path.PathKind;
import io.answerback.core.path.TransmissionPath;
import io.answerback.core.people.Person;
import io.answerback.core.practice.RuleFigure;
import io.answerback.core.profile.ModuleKind;
import io.answerback.core.profile.ModuleSort;
import io.answerback.core.profile.TerminalUse;
import io.answerback.core.report.JobSignals;
import io.answerback.core.site.PanelModule;
import io.answerback.core.site.Receiver;
import io.answerback.core.site.SystemPoint;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The lines of outputs, lids, paths, receivers, people and supply.
final class SystemLines {
    private static final String PERIODIC_TEST = "602";
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
        supply();
        return lines;
    }

    private void lids() {
        add(AcceptanceLine.line("lid:panel", LineSection.COVERS, "Lid of the panel and its modules")
                .order("Lift each lid, then close it")
                .expects(system(SystemPoint.TAMPER), answerSeconds())
                .caution("The mains side stays covered: it is for a licensed person.")
                .takes(3)
                .because("Whoever opens a box must be noticed.")
                .rests(account()));
    }

    private void output(PanelModule module, ModuleKind kind) {
        if (kind.sort() == ModuleSort.SPEAKER) {
            sound("speaker:" + module.id(), module.name(), "Sound it alone");
        }
        Optional<SounderUnit> sounder = kind.sounder();
        if (kind.sort() != ModuleSort.SOUNDER || sounder.isEmpty()) {
            return;
        }
        for (SounderUnit.Level level : sounder.get().levels()) {
            sound(
                    "sounder:" + module.id() + ":" + level.name(),
                    module.name() + ", " + level.name(),
                    "Sound it alone, its link on " + level.name());
        }
        if (kind.terminals().stream().anyMatch(terminal -> terminal.use() == TerminalUse.STROBE)) {
            add(AcceptanceLine.line("strobe:" + module.id(), LineSection.OUTPUTS, "Strobe of " + module.name())
                    .order("Flash it alone")
                    .seen("seen from the road")
                    .takes(2)
                    .because("It shows where help has to go.")
                    .rests(Map.of("module", module.kindId())));
        }
    }

    private void sound(String id, String title, String order) {
        add(AcceptanceLine.line(id, LineSection.OUTPUTS, title)
                .order(order)
                .seen("measured in dB(A), with the distance")
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
                .expects(test(), answerSeconds() + path.holdOffMillis() / 1000)
                .takes(10)
                .because("A path that was never alone may never have worked.")
                .rests(Map.of(
                        "attempts", Integer.toString(path.attempts()), "time-out", path.timeoutMillis() + " ms")));
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
                .expects(test(), answerSeconds())
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

    private void supply() {
        int delay = rules.manners().mainsReportSeconds();
        add(AcceptanceLine.line("mains", LineSection.SUPPLY, "Mains off, then on")
                .order("Switch it off at the fused spur, wait for the signal, and switch it on again")
                .expects(
                        rules.options().reportsTroubles() ? system(SystemPoint.MAINS) : List.of(),
                        delay + answerSeconds())
                .seen("keypads show it at once; battery volts under load are written down")
                .caution("At the spur and not in the box: the mains side is for a licensed person.")
                .takes(15)
                .because("The battery carries the site from now on.")
                .rests(account()));
        add(AcceptanceLine.line("battery", LineSection.SUPPLY, "Battery off, then on")
                .order("Disconnect it with the mains on, start its test, and connect it again")
                .expects(rules.options().reportsTroubles() ? system(SystemPoint.BATTERY) : List.of(), 0)
                .seen("the panel finds it missing at its test, at the latest after "
                        + rules.manners().batteryTestSeconds() / 3600 + " h")
                .caution("No tool across its terminals.")
                .takes(15)
                .because("A battery that nobody misses is found empty when it is needed.")
                .rests(account()));
        add(AcceptanceLine.line("restart", LineSection.SUPPLY, "Restart after a power cut")
                .order("Set an area; switch mains and battery off, then on in this panel's order")
                .seen(rules.options().restoresSet() ? "it comes back set, as it was" : "it comes back unset")
                .caution("In order: the panel's manual says whether mains or battery comes first.")
                .takes(5)
                .because("Cutting the power must not unset the site.")
                .rests(Map.of("comes back as it was", rules.options().restoresSet() ? "yes" : "no")));
    }

    private List<Expected> system(SystemPoint point) {
        return facts.of(JobSignals.ALL).stream()
                .filter(sent -> sent.point().equals(Optional.of(point.id())))
                .map(sent -> Expected.of(sent.signal()))
                .toList();
    }

    private List<Expected> test() {
        return rules.firstAreaWithAccount()
                .map(area -> List.of(Expected.of(new Signal(area.account(), Qualifier.NEW, PERIODIC_TEST, 0, 0))))
                .orElse(List.of());
    }

    private Map<String, String> account() {
        return Map.of(
                "account",
                rules.firstAreaWithAccount().map(area -> area.account()).orElse("none"));
    }

    private int answerSeconds() {
        return (int) Math.ceil(facts.practice().figure(RuleFigure.ANSWER_SECONDS));
    }

    private void add(AcceptanceLine.Draft draft) {
        lines.add(draft.made());
    }
}
