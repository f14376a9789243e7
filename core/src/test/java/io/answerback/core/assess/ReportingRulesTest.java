package io.answerback.core.assess;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.PeopleEdits;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.engine.edit.ReceiverEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.model.id.PersonId;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.model.path.TransmissionPath;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.Joins;
import io.answerback.core.model.receiver.ReceiverAbilities;
import io.answerback.core.model.receiver.Reception;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Communicator;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.testing.Found;
import io.answerback.core.testing.SmallJob;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// The rules on receivers and on who is told, each made to find something and to keep quiet.
class ReportingRulesTest {
    private static final ReceiverId A = new ReceiverId("A");
    private static final ReceiverAbilities OLD = new ReceiverAbilities(
            "old",
            List.of(ReportFormat.PULSE_4_1_EXTENDED, ReportFormat.TONES),
            2300,
            2300,
            Joins.LETTERS,
            Map.of("3", "ALARM", "B", "ALARM", "2", "HOLD-UP", "D", "HOLD-UP", "9", "TAMPER", "F", "TAMPER"),
            List.of(),
            "");

    private final Job job = SmallJob.job();

    /// The job with a second receiver on a line that is told of alarms.
    private Job withOld() {
        Reception reception = Reception.of(OLD).withPhone("5550142").withTold(EventGroup.ALARM, Told.ALWAYS);
        List<Receiver> receivers = new java.util.ArrayList<>(job.receivers());
        receivers.add(new Receiver(new ReceiverId("B"), "Station B", "", 0, "", "0", reception));
        return job.withReceivers(receivers);
    }

    private static Optional<Finding> found(Job job, String id) {
        return Found.in(job, id);
    }

    @Test
    void aPersonWhomNothingReachesIsFound() {
        PersonId p1 = new PersonId("P1");
        Job known = PeopleEdits.of(p1, "number", its -> its.withPhone("+99900000142"))
                .on(PeopleEdits.add("Manager").on(job));
        assertThat(found(known, "person-told-nothing:P1").map(Finding::grade)).contains(Grade.NOTE);
        Job told = PeopleEdits.nextNotice(p1, EventGroup.FAULT).on(known);
        assertThat(found(told, "person-told-nothing:P1")).isEmpty();
        assertThat(found(told, "person-unreached:P1:text")).isEmpty();
        Job lost = PeopleEdits.of(p1, "number", its -> its.withPhone("")).on(told);
        assertThat(found(lost, "person-unreached:P1:text").map(Finding::says))
                .contains("Manager is told by text message and has no number");
        assertThat(found(lost, "person-unreached:P1:mail")).isEmpty();
    }

    @Test
    void aMisprintIsFoundAndItsRemedyEndsIt() {
        Finding misprint =
                found(withOld(), "receiver-misprints:B:false-account").orElseThrow();
        assertThat(misprint.grade()).isEqualTo(Grade.WRONG);
        assertThat(misprint.says()).startsWith("Station B prints two accounts for 2 of its signals");
        Job mended = misprint.mend().orElseThrow().on(withOld());
        assertThat(found(mended, "receiver-misprints:B:false-account")).isEmpty();
        assertThat(found(job, "receiver-misprints:A:false-account")).isEmpty();
    }

    @Test
    void aBackupThatMisprintsIsTight() {
        Job backup = ReceiverEdits.told(new ReceiverId("B"), EventGroup.ALARM, Told.BACKUP)
                .on(withOld());
        assertThat(found(backup, "receiver-misprints:B:false-account").map(Finding::grade))
                .contains(Grade.TIGHT);
    }

    @Test
    void alarmsWithoutRestoresAndGroupsToldNobodyAreFound() {
        assertThat(found(withOld(), "restore-untold:B").map(Finding::grade)).contains(Grade.TIGHT);
        Job untold = ReceiverEdits.told(A, EventGroup.ALARM, Told.NEVER).on(job);
        assertThat(found(untold, "group-told-nobody:ALARM").map(Finding::grade)).contains(Grade.WRONG);
        Job quiet = ReceiverEdits.told(A, EventGroup.TEST, Told.NEVER).on(job);
        assertThat(found(quiet, "group-told-nobody:TEST").map(Finding::grade)).contains(Grade.TIGHT);
        assertThat(found(job, "group-told-nobody:ALARM")).isEmpty();
    }

    /// By its test message alone the station misses a cut line for a day; the class of the grade gives it half an
    /// hour.
    @Test
    void aSystemWhoseSilenceIsNoticedLateIsWrongUntilAPathIsPolled() {
        Job slow = PracticeEdits.figure("", RuleFigure.REPORTING_HOURS, 0.5).on(job);
        Finding late = found(slow, "silence-unnoticed").orElseThrow();
        assertThat(late.grade()).isEqualTo(Grade.WRONG);
        assertThat(late.says()).startsWith("Silence is noticed after ").endsWith("the rules ask for 30 min");
        Job polled = late.mend().orElseThrow().on(slow);
        TransmissionPath path = polled.communicator().paths().getFirst();
        double wait = slow.practice().figure(RuleFigure.STATION_WAIT_SECONDS);
        assertThat(path.pollSeconds()).contains((int) (1800 - wait - path.attempts() * path.timeoutMillis() / 1000.0));
        assertThat(found(polled, "silence-unnoticed")).isEmpty();
        assertThat(found(polled, "beyond-rule:TEST_INTERVAL 0 class")).isEmpty();
        Job dialled = slow.withCommunicator(new Communicator("Dialler", List.of(TransmissionPath.usual(PathKind.LINE))))
                .withReceivers(withOld().receivers());
        assertThat(found(dialled, "silence-unnoticed").orElseThrow().remedy())
                .startsWith("Add an IP or a cellular path");
        assertThat(found(job, "silence-unnoticed")).isEmpty();
    }

    @Test
    void aBackupWithoutAPrimaryIsFound() {
        Job backup = ReceiverEdits.told(A, EventGroup.ALARM, Told.BACKUP).on(job);
        assertThat(found(backup, "backup-without-primary:A:ALARM")).isPresent();
        assertThat(found(job, "backup-without-primary:A:ALARM")).isEmpty();
    }

    @Test
    void anAccountThatCouldBeASecondRoundIsFound() {
        Job like = ReceiverEdits.reception(new ReceiverId("B"), "account", its -> its.withAccount("3333"))
                .on(withOld());
        assertThat(found(like, "account-like-extension:B:3333")).isPresent();
        assertThat(found(withOld(), "account-like-extension:B:1234")).isEmpty();
    }

    @Test
    void aReceiverWithoutAnAddressIsNotDoneYet() {
        Job nowhere = ReceiverEdits.of(A, "address", its -> its.withHost("")).on(job);
        assertThat(found(nowhere, "receiver-without-address:A").map(Finding::grade))
                .contains(Grade.NOTE);
        assertThat(found(job, "receiver-without-address:A")).isEmpty();
    }
}
