package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.shown.LineFigure;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.core.prove.acceptance.WalkNote;
import io.answerback.core.report.Outgoing;
import io.answerback.core.setup.SetupState;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.desktop.live.WalkPractice;
import io.answerback.desktop.prove.ProveSheets;
import io.answerback.files.DataFiles;
import io.answerback.station.Delivery;
import io.answerback.station.Transmitter;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// A communicator that does what it should not, in the middle of a walk.
class BadWalkTest extends DemoSheets {
    private WalkPractice walk;
    private int sequence;

    @BeforeEach
    void begin() {
        at(Stop.PROVE, "07");
        seen();
        walk = benches.prove().walk();
        practice();
        benches.prove().open(ProveSheets.WALK);
        walk.begin(AcceptancePlan.of(job(), DataFiles.events()), "jk");
    }

    private Delivery sends(String account, Qualifier qualifier, int zone, Instant now) {
        Receiver receiver = job().receivers().stream()
                .filter(its -> its.format().overIp() && its.reception().keyBits() == 0)
                .findFirst()
                .orElseThrow();
        return sends(receiver, new Signal(account, qualifier, "130", 2, zone), now);
    }

    private Delivery sends(Receiver receiver, Signal signal, Instant now) {
        IpFrame frame =
                ((Outgoing.Frame) Outgoing.of(receiver, signal, ++sequence, "", now, DataFiles.reporting())).frame();
        String[] address = practice().stationAddress().split(":");
        return new Transmitter(1, Duration.ofSeconds(5), InstantSource.fixed(now))
                .send(address[0], Integer.parseInt(address[1]), frame);
    }

    private List<WalkNote.Kind> kinds() {
        return walk.notes().stream().map(noted -> noted.note().kind()).toList();
    }

    @Test
    void aFloodOfAnotherSitesAccountIsNamedAndTheWalkGoesOn() throws Exception {
        for (int i = 0; i < 300; i++) {
            sends("4711", Qualifier.NEW, 15, NOW);
        }
        assertThat(sends("7316", Qualifier.NEW, 15, NOW).acknowledged()).isTrue();
        awaitReads("07 Dock roller door 2: came, waiting for its restore");
        assertThat(kinds()).hasSizeLessThanOrEqualTo(200).contains(WalkNote.Kind.WRONG_ACCOUNT);
        assertThat(reads("Account 4711, planned 7316")).isTrue();
    }

    @Test
    void whatIsRepeatedTicksNothingTwice() throws Exception {
        sends("7316", Qualifier.NEW, 15, NOW);
        sends("7316", Qualifier.NEW, 15, NOW);
        sends("7316", Qualifier.RESTORE, 15, NOW);
        awaitReads("07 Dock roller door 2: as planned");
        sends("7316", Qualifier.RESTORE, 15, NOW);
        awaitReads("07 Dock roller door 2 once more");
        assertThat(kinds()).filteredOn(WalkNote.Kind.SHOWN::equals).hasSize(1);
    }

    /// The account has a key at the real receiver: a plain frame is answered here and would be refused there.
    @Test
    void aFrameInTheClearForAnAccountWithAKeyShowsNothing() throws Exception {
        Receiver plain = job().receivers().stream()
                .filter(its -> its.format().overIp())
                .findFirst()
                .orElseThrow();
        openJob.apply(new Edit(
                "keys",
                job -> job.withReceivers(job.receivers().stream()
                        .map(its -> its.format().overIp() ? keyed(its) : its)
                        .toList())));
        Signal signal = new Signal("7316", Qualifier.NEW, "130", 2, 15);
        assertThat(sends(plain, signal, NOW).acknowledged()).isTrue();
        awaitReads("the monitoring station would refuse it");
        assertThat(reads("it came in the clear")).isTrue();
        assertThat(kinds()).containsExactly(WalkNote.Kind.REFUSED);
        assertThat(walk.walk().orElseThrow().begun()).isEmpty();
    }

    private static Receiver keyed(Receiver its) {
        return its.withReception(reception -> reception.withKeyBits(128));
    }

    @Test
    void aWrongClockIsRefusedAndShowsNothing() throws Exception {
        assertThat(sends("7316", Qualifier.NEW, 15, NOW.plus(Duration.ofHours(1)))
                        .acknowledged())
                .isFalse();
        awaitReads("ADM-CID was not taken");
        assertThat(kinds()).containsExactly(WalkNote.Kind.REFUSED);
        assertThat(walk.walk().orElseThrow().begun()).isEmpty();
    }

    @Test
    void aWrongAreaShowsTheEntryThatMendsIt() throws Exception {
        benches.prove().open(ProveSheets.PLAN);
        benches.prove().open(ProveSheets.WALK);
        sends("7316", Qualifier.NEW, 999, NOW);
        awaitReads("130 · 02 · 999 fits no line");
        assertThat(reads("Type ")).isFalse();
        Receiver receiver = job().receivers().getFirst();
        Signal wrong = new Signal("7316", Qualifier.NEW, "130", 1, 16);
        IpFrame frame =
                ((Outgoing.Frame) Outgoing.of(receiver, wrong, ++sequence, "", NOW, DataFiles.reporting())).frame();
        String[] address = practice().stationAddress().split(":");
        new Transmitter(1, Duration.ofSeconds(5), InstantSource.fixed(NOW))
                .send(address[0], Integer.parseInt(address[1]), frame);
        awaitReads("area 01, planned 02");
        String entry = openJob.now()
                .assessment()
                .get(SetupState.FACT)
                .sheet()
                .step(io.answerback.core.model.profile.Decision.ZONE_AREA, 16)
                .orElseThrow()
                .entry()
                .orElseThrow();
        assertThat(reads("Type  " + entry)).isTrue();
        assertThat(LineFigure.SECONDS.words(12.4)).isEqualTo("12.4 s");
    }
}
