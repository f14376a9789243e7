package io.answerback.files.demo;

import io.answerback.core.engine.edit.PathEdits;
import io.answerback.core.engine.edit.UnitEdits;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PersonId;
import io.answerback.core.model.mail.MailPlan;
import io.answerback.core.model.mail.MailSecurity;
import io.answerback.core.model.path.NetworkPlan;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.people.Notice;
import io.answerback.core.model.people.Person;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.unit.Identity;
import io.answerback.core.model.unit.SimCard;
import io.answerback.core.model.unit.Unit;
import io.answerback.core.model.unit.UnitReading;
import io.answerback.core.model.unit.UnitSupply;
import io.answerback.core.setup.SetupEdits;
import io.answerback.files.DataFiles;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The communicators of the demo jobs as boxes.
final class DemoUnits {
    private static final int DIAL_DELAY_SECONDS = 30;
    private static final String STRANGER = "+99900000399";

    private DemoUnits() {}

    /// It listens on the keypad bus. Left in on purpose: a SIM that was activated for the work and runs out soon,
    /// and polls beyond its plan.
    static Unit ofColdStore(DemoDay day) {
        Unit unit = Unit.of(DataFiles.unit("unit-e"), Optional.of(new ModuleId("Communicator")));
        return unit.withFitting(unit.fitting().withSupply(UnitSupply.BUS, true))
                .withIdentity(new Identity("E-0042-7316", "3.2", ""))
                .withSim(SimCard.UNKNOWN
                        .withNumber("9900117316")
                        .withPhone("+99900000177")
                        .withCodeOff(Optional.of(true))
                        .withAccessPoint("iot.example")
                        .active(Optional.of(day.date("2026-04-30")), Optional.of(day.date("2026-06-14"))))
                .withService(unit.service()
                        .withAccountLive(Optional.of(true))
                        .withEnabled(PathKind.IP, true)
                        .withEnabled(PathKind.CELLULAR, true))
                .with(new UnitReading(-97, day.date("2026-05-04"), "in the steel panel box"))
                .with(new UnitReading(-83, day.date("2026-05-04"), "on the office wall, aerial on top"));
    }

    /// The provider's server for sending, by STARTTLS.
    static MailPlan mailOfColdStore() {
        return new MailPlan(
                "mail.brinewell.example", 587, MailSecurity.STARTTLS, "alarm", "alarm@brinewell.example", "");
    }

    /// It answers the dialler. Left in on purpose: no number to call, a wait before dialling, and two supplies.
    static Job ofPottery(Job job) {
        Job next = UnitEdits.profile(DataFiles.unit("unit-f")).on(job);
        next = UnitEdits.fitting(
                        "supply",
                        its -> its.withSupply(UnitSupply.AUXILIARY, true).withSupply(UnitSupply.OWN, true))
                .on(next);
        next = UnitEdits.identity("hardware number", its -> its.withHardwareNumber("F-1180-2041"))
                .on(next);
        next = SetupEdits.decide(Decision.PHONE_NUMBER, 0, "").on(next);
        return SetupEdits.decide(Decision.REPORT_DELAY, 0, Integer.toString(DIAL_DELAY_SECONDS))
                .on(next);
    }

    /// A controller of its own that sends mails and texts. Left in on purpose: a mask that is none, mail on a port
    /// that does not speak so, an administrator whom nobody knows, and users whose numbers are off by one.
    static Job ofGallery(Job job) {
        Job next = job.withCommunicator(job.communicator()
                .withPaths(List.of(TransmissionPath.usual(PathKind.IP), TransmissionPath.usual(PathKind.CELLULAR)))
                .withPeople(peopleOfGallery())
                .withNetwork(new NetworkPlan(
                        false, false, "192.168.7.31", "255.255.0.255", "192.168.7.1", "192.168.7.1", List.of()))
                .withMail(new MailPlan(
                        "mail.gallery.example", 465, MailSecurity.STARTTLS, "gallery", "alarm@gallery.example", "")));
        next = UnitEdits.profile(DataFiles.unit("unit-d")).on(next);
        next = UnitEdits.fitting("supply", its -> its.withSupply(UnitSupply.OWN, true))
                .on(next);
        next = UnitEdits.sim(
                        "SIM",
                        its -> its.withPhone("+99900000388")
                                .withCodeOff(Optional.of(true))
                                .withAccessPoint("iot.example"))
                .on(next);
        next = UnitEdits.service("administrator", its -> its.withAdministrator(STRANGER))
                .on(next);
        return users(
                PathEdits.network("reservation", its -> its.withReserved(false)).on(next));
    }

    private static Job users(Job job) {
        Job next = job;
        List<String> titles = List.of("Owner", "Gallery assistant");
        for (int i = 0; i < titles.size(); i++) {
            next = SetupEdits.user(new PanelProgramming.User(i + 1, titles.get(i), List.of(), Optional.of(i + 2)))
                    .on(next);
        }
        return next;
    }

    private static List<Person> peopleOfGallery() {
        return List.of(
                new Person(
                        new PersonId("P1"),
                        "Owner",
                        "owner@gallery.example",
                        "+99900000301",
                        Map.of(
                                EventGroup.ALARM, Notice.BOTH,
                                EventGroup.HOLD_UP, Notice.BOTH,
                                EventGroup.FAULT, Notice.MAIL)),
                new Person(
                        new PersonId("P2"),
                        "Gallery assistant",
                        "",
                        "+99900000302",
                        Map.of(EventGroup.ALARM, Notice.TEXT, EventGroup.SETTING, Notice.TEXT)));
    }
}
