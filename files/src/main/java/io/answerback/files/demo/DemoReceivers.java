package io.answerback.files.demo;

import io.answerback.core.id.ReceiverId;
import io.answerback.core.receiver.EventGroup;
import io.answerback.core.receiver.Reception;
import io.answerback.core.receiver.ReportFormat;
import io.answerback.core.receiver.Told;
import io.answerback.core.site.Receiver;
import io.answerback.files.DataFiles;
import java.util.List;
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
