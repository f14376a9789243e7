package io.answerback.files.demo;

import io.answerback.core.model.id.PersonId;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.path.NetworkPlan;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.people.Notice;
import io.answerback.core.model.people.Person;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.Reception;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Receiver;
import io.answerback.files.DataFiles;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The receivers of the demo jobs.
final class DemoReceivers {
    private static final String JOINS_LETTERS = "Line receiver that joins letters";

    private DemoReceivers() {}

    /// Two receivers of one station over IP, and an old one of another on a line, which prints two accounts for
    /// an alarm.
    static List<Receiver> ofColdStore() {
        Reception old = line(JOINS_LETTERS)
                .withFormat(ReportFormat.PULSE_3_1_EXTENDED)
                .withPhone("5550142")
                .withAccount("042")
                .withTold(EventGroup.ALARM, Told.ALWAYS)
                .withTold(EventGroup.HOLD_UP, Told.ALWAYS);
        return List.of(
                Receiver.overIp(new ReceiverId("A1"), "Station A", "192.0.2.10", 9009, "1", "0", Told.ALWAYS),
                Receiver.overIp(
                        new ReceiverId("A2"), "Station A, second receiver", "192.0.2.11", 9009, "2", "0", Told.BACKUP),
                new Receiver(new ReceiverId("B"), "Station B", "", 0, "", "0", old));
    }

    /// The manager, who is told when the site is left open and when something is broken.
    static List<Person> peopleOfColdStore() {
        return List.of(new Person(
                new PersonId("P1"),
                "Cold store manager",
                "manager@brinewell.example",
                "+99900000142",
                Map.of(
                        EventGroup.ALARM,
                        Notice.TEXT,
                        EventGroup.HOLD_UP,
                        Notice.TEXT,
                        EventGroup.SETTING,
                        Notice.MAIL,
                        EventGroup.FAULT,
                        Notice.BOTH)));
    }

    /// The site's broadband, a modem whose polls are as frequent as those over broadband and beyond its plan,
    /// and the panel's own dialler.
    static List<TransmissionPath> pathsOfColdStore() {
        return List.of(
                TransmissionPath.usual(PathKind.IP).withPollSeconds(Optional.of(180)),
                TransmissionPath.of(PathKind.CELLULAR, 2, 6000)
                        .withPollSeconds(Optional.of(180))
                        .withPlanMegabytes(Optional.of(5.0)),
                TransmissionPath.usual(PathKind.LINE));
    }

    /// A fixed address in the office's network.
    static NetworkPlan networkOfColdStore() {
        return new NetworkPlan(
                false,
                false,
                "192.168.40.20",
                "255.255.255.0",
                "192.168.40.1",
                "192.168.40.1",
                List.of("192.168.40.10", "192.168.40.21"));
    }

    /// The dialler alone.
    static List<TransmissionPath> pathsOfPottery() {
        return List.of(TransmissionPath.usual(PathKind.LINE));
    }

    /// An old receiver on a line that takes two digits of event.
    static List<Receiver> ofPottery() {
        Reception pulses = line(JOINS_LETTERS)
                .withFormat(ReportFormat.PULSE_4_2)
                .withPulsesPerSecond(10)
                .withPhone("5550117")
                .toldOfEverything(Told.ALWAYS)
                .withTold(EventGroup.RESTORE, Told.NEVER)
                .withCode("401", Optional.of("D"));
        return List.of(new Receiver(new ReceiverId("C"), "Station C", "", 0, "", "0", pulses));
    }

    private static Reception line(String model) {
        return DataFiles.receivers().stream()
                .filter(abilities -> abilities.model().equals(model))
                .findFirst()
                .map(Reception::of)
                .orElseThrow();
    }
}
