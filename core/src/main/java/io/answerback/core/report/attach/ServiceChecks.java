package io.answerback.core.report.attach;

import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.JobCheck;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.engine.finding.Target;
import io.answerback.core.engine.memo.Facts;
import io.answerback.core.engine.visit.Today;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.people.Person;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.site.Communicator;
import io.answerback.core.model.unit.SimCard;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.model.unit.UnitReading;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Whether a communicator can do its work: its SIM, its signal, its account and who manages it.
public final class ServiceChecks implements JobCheck {
    /// A path is on before the account is live.
    public static final Rule EARLY = rule(
            "unit-enabled-early",
            Grade.WRONG,
            "A path of the communicator is on, and its account is not live.",
            "The station refuses it: a trouble that stands until the account is live.");
    /// The SIM's unlock code is on.
    public static final Rule LOCKED =
            rule("sim-locked", Grade.WRONG, "The unlock code of the SIM is on.", "The communicator cannot register.");
    /// The SIM is active only until a day.
    public static final Rule RUNS_OUT = rule(
            "sim-runs-out",
            Grade.TIGHT,
            "The SIM is active only until a day that is near or over.",
            "From that day on nothing leaves over the cellular network.");
    /// The SIM is not active yet.
    public static final Rule NOT_YET = rule(
            "sim-not-active", Grade.TIGHT, "The SIM is not active yet.", "Nothing leaves over it before that day.");
    /// The access point is not known.
    public static final Rule ACCESS_POINT = rule(
            "access-point-unknown",
            Grade.TIGHT,
            "The access point of the SIM's network is not known.",
            "The communicator registers, and no data leave.");
    /// The signal is near or below what it needs.
    public static final Rule SIGNAL = rule(
            "unit-signal-weak",
            Grade.TIGHT,
            "The communicator hears its network badly, or not at all.",
            "It fails on a wet day, or when a lorry stands before it.");
    /// Somebody unknown manages it.
    public static final Rule ADMINISTRATOR = rule(
            "unit-administrator",
            Grade.WRONG,
            "The communicator is managed from a number that nobody on the job has.",
            "Somebody else can set, unset and change it.");
    /// Remote access is open.
    public static final Rule REMOTE = rule(
            "remote-access-open",
            Grade.TIGHT,
            "Remote access is open.",
            "Whoever knows the password gets in; it is closed again before leaving.");

    private static final int SOON_DAYS = 60;

    private static Rule rule(String id, Grade grade, String what, String why) {
        return new Rule(id, Stop.REPORT, grade, what, why);
    }

    @Override
    public List<Rule> rules() {
        return List.of(EARLY, LOCKED, RUNS_OUT, NOT_YET, ACCESS_POINT, SIGNAL, ADMINISTRATOR, REMOTE);
    }

    @Override
    public Stream<Finding> check(Facts facts) {
        return facts.communicator().unit().stream().flatMap(unit -> of(facts, unit).stream());
    }

    private static List<Finding> of(Facts facts, Unit unit) {
        List<Finding> found = new ArrayList<>();
        Communicator communicator = facts.communicator();
        boolean live = unit.service().accountLive().orElse(false);
        if (!live && !unit.service().enabled().isEmpty()) {
            found.add(finding(
                    EARLY,
                    "A path is on before the account is live",
                    "The station refuses what it sends: a trouble that stands until the account is live.",
                    "Switch the path off, or have the station say that the account is live."));
        }
        if (communicator.path(PathKind.CELLULAR).isPresent() || unit.sim().isPresent()) {
            unit.sim().ifPresent(sim -> sim(facts, sim, found));
            unit.lastReading().flatMap(reading -> signal(facts, unit, reading)).ifPresent(found::add);
        }
        administrator(communicator, unit).ifPresent(found::add);
        if (unit.service().remoteOpen()) {
            found.add(finding(
                    REMOTE,
                    "Remote access is open",
                    "Whoever knows the password gets in.",
                    "Close it before you leave, and tick that under \"Communicator\"."));
        }
        return found;
    }

    private static void sim(Facts facts, SimCard sim, List<Finding> found) {
        if (sim.codeOff().filter(off -> !off).isPresent()) {
            found.add(finding(
                    LOCKED,
                    "The SIM asks for its unlock code",
                    "The communicator types no code, so it cannot register.",
                    "Switch the code off in a phone, and put the SIM back with the power down."));
        }
        if (sim.accessPoint().isEmpty()) {
            found.add(finding(
                    ACCESS_POINT,
                    "The access point is not known",
                    "It registers, and no data leave.",
                    "Ask the provider of the SIM for its name."));
        }
        Optional<LocalDate> today = facts.of(Today.GIVEN);
        today.ifPresent(day -> dates(sim, day, found));
    }

    private static void dates(SimCard sim, LocalDate today, List<Finding> found) {
        sim.activeUntil()
                .filter(until -> until.minusDays(SOON_DAYS).isBefore(today))
                .ifPresent(until -> found.add(RUNS_OUT.finds(
                                until.isBefore(today) ? Grade.WRONG : Grade.TIGHT,
                                new Target.OfCommunicator(),
                                until.isBefore(today)
                                        ? Text.of("The SIM has not been active since %s", until)
                                        : Text.of("The SIM is active until %s only", until),
                                "It was activated for the work; the plan takes over only when it is ordered.",
                                "Order the plan, and have its beginning confirmed before that day.")
                        .of("")));
        sim.activeFrom()
                .filter(today::isBefore)
                .ifPresent(from -> found.add(finding(
                        NOT_YET,
                        Text.of("The SIM is active from %s only", from),
                        "Nothing leaves over it before that day.",
                        "Test the cellular path on or after that day, or have it activated earlier.")));
    }

    private static Optional<Finding> signal(Facts facts, Unit unit, UnitReading reading) {
        double margin = reading.decibelMilliwatts() - unit.profile().floorDecibelMilliwatts();
        double wanted = facts.practice().figure(RuleFigure.RADIO_MARGIN_DECIBELS);
        if (margin >= wanted) {
            return Optional.empty();
        }
        return Optional.of(SIGNAL.finds(
                        margin < 0 ? Grade.WRONG : Grade.TIGHT,
                        new Target.OfCommunicator(),
                        Text.of(
                                "It hears its network at %.0f dBm, %.0f dB %s its floor",
                                reading.decibelMilliwatts(), Math.abs(margin), margin < 0 ? "below" : "above"),
                        Text.of("The rules want %.0f dB of margin.", wanted),
                        "Move it away from metal and out of the steel box, aerial on top, or fit a better aerial; then read again.")
                .of(""));
    }

    private static Optional<Finding> administrator(Communicator communicator, Unit unit) {
        String number = unit.service().administrator();
        boolean known = communicator.people().stream().map(Person::phone).anyMatch(number::equals);
        return number.isEmpty() || known
                ? Optional.empty()
                : Optional.of(
                        finding(
                                ADMINISTRATOR,
                                number + " manages the communicator, and is nobody's on this job",
                                "The first number that called became its administrator. It can set, unset and change everything.",
                                "Reset the unit as its manual says, and let the right person call first; give the SIM's number out only then."));
    }

    private static Finding finding(Rule rule, String says, String why, String remedy) {
        return rule.finds(new Target.OfCommunicator(), says, why, remedy).of("");
    }
}
