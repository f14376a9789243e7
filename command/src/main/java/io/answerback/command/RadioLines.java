package io.answerback.command;

import io.answerback.core.loop.radio.Sender;
import io.answerback.core.model.power.DeviceBattery;
import io.answerback.core.model.site.Enrolment;
import io.answerback.core.model.site.SignalReading;
import java.time.LocalDate;
import tools.jackson.databind.node.ObjectNode;

/// What the panel hears by radio, for the bus verb.
final class RadioLines {
    private RadioLines() {}

    static void json(ObjectNode node, Sender sender) {
        node.put("point", sender.pointId().text())
                .put("zone", sender.input().zone())
                .put("sender", sender.part().text())
                .put("order", sender.order());
        sender.enrolment()
                .map(Enrolment::zone)
                .ifPresentOrElse(zone -> node.put("enrolledAs", zone), () -> node.putNull("enrolledAs"));
        sender.reading()
                .map(SignalReading::decibelMilliwatts)
                .ifPresentOrElse(
                        signal -> node.put("decibelMilliwatts", signal), () -> node.putNull("decibelMilliwatts"));
        sender.overFloorDecibels()
                .ifPresentOrElse(over -> node.put("overFloorDecibels", over), () -> node.putNull("overFloorDecibels"));
        sender.battery()
                .map(DeviceBattery::fittedOn)
                .map(LocalDate::toString)
                .ifPresentOrElse(day -> node.put("batteryFittedOn", day), () -> node.putNull("batteryFittedOn"));
    }

    static String words(Sender sender) {
        return "radio %02d  %-20s %-18s %s"
                .formatted(
                        sender.input().zone(),
                        sender.title(),
                        sender.enrolment()
                                .map(its -> "enrolled as %02d".formatted(its.zone()))
                                .orElse("not enrolled"),
                        sender.overFloorDecibels()
                                .map("%+.0f dB over the floor"::formatted)
                                .orElse("not measured"));
    }
}
