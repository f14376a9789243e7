package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.receiver.EventGroup;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Area;
import io.answerback.core.signal.sound.CallScript;
import io.answerback.core.signal.sound.LineQuality;
import io.answerback.core.signal.sound.Sound;
import io.answerback.core.signal.sound.Synthesis;
import io.answerback.desktop.Sketch;
import io.answerback.desktop.report.ReportSheet;
import io.answerback.files.exchange.WavFile;
import io.answerback.station.line.Recorded;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/// What the sheets of the report bench show, and what is done on them.
class ReportSheetsTest extends ReportSheetsOfDemo {
    @Test
    void twoAccountsForOneAlarmAreShownAndMendedByOnePress() {
        report().lookAt(B);
        assertThat(reads("042  ALARM 3")).isTrue();
        assertThat(reads("333  FAULT F")).isTrue();
        assertThat(reads("Account 333 is nobody's")).isTrue();
        click("Send tones under the accounts of the areas");
        assertThat(receiver("B").format()).isEqualTo(ReportFormat.TONES);
        assertThat(reads("7316  130  burglary  area 02 zone 015")).isTrue();
        assertThat(finds("receiver-misprints:B:false-account")).isFalse();
        undo();
        assertThat(finds("receiver-misprints:B:false-account")).isTrue();
    }

    @Test
    void pulsesAreDrawnToScaleAndCounted() {
        report().lookAt(B);
        Sketch pulses = sketch("pulse-drawing");
        List<Sketch.Drawing> bars =
                pulses.all().stream().filter(its -> its.styled("pulse")).toList();
        assertThat(bars).hasSize(10 + 4 + 2 + 3 + 3 * 3 + 15);
        double first = bars.get(1).number(0) - bars.get(0).number(0);
        double nextDigit = bars.get(10).number(0) - bars.get(9).number(0);
        assertThat(nextDigit / first).isBetween(6.55, 6.65);
        choose("Pulses a second", "10 a second");
        assertThat(receiver("B").reception().pulsesPerSecond()).isEqualTo(10);
        choose("Event digit", "B");
        assertThat(reads("042  ALARM B  zone 15")).isTrue();
    }

    @Test
    void tonesAreDrawnInTheirRows() {
        report().lookAt(B);
        click("Send tones under the accounts of the areas");
        Sketch tones = sketch("tone-drawing");
        List<Sketch.Drawing> bars =
                tones.all().stream().filter(its -> its.styled("tone")).toList();
        assertThat(bars).hasSize(32);
        // 7 is 852 and 1209 Hz: the sixth and the fourth row
        assertThat(bars.get(0).number(1)).isEqualTo(10 + 5 * 15 - 4);
        assertThat(bars.get(1).number(1)).isEqualTo(10 + 3 * 15 - 4);
    }

    @Test
    void whoIsToldIsChangedCellByCellAndByAWay() {
        report().open(ReportSheet.TOLD);
        click("Station B, Tamper");
        assertThat(receiver("B").reception().of(EventGroup.TAMPER)).isEqualTo(Told.ALWAYS);
        click("Station B, Tamper");
        assertThat(receiver("B").reception().of(EventGroup.TAMPER)).isEqualTo(Told.BACKUP);
        assertThat(reads("Station A, and if it is silent Station A, second receiver, and if it is silent Station B"))
                .isTrue();
        click("Alarms to the first, the rest to the second");
        assertThat(receiver("A1").reception().of(EventGroup.ALARM)).isEqualTo(Told.ALWAYS);
        assertThat(receiver("A2").reception().of(EventGroup.FAULT)).isEqualTo(Told.ALWAYS);
        assertThat(receiver("A2").reception().of(EventGroup.ALARM)).isEqualTo(Told.NEVER);
        click("Everything to the first");
        assertThat(receiver("B").reception().toldAnything()).isFalse();
        undo();
        undo();
        undo();
        undo();
        assertThat(receiver("B").reception().of(EventGroup.TAMPER)).isEqualTo(Told.NEVER);
    }

    @Test
    void peopleAreRowsOfTheMatrix() {
        report().open(ReportSheet.TOLD);
        click("Cold store manager, Alarm: by text message");
        assertThat(reads("Cold store manager by mail and text message")).isTrue();
        assertThat(reads("Brinewell Cold Store: burglary, 07 Dock roller door 2, area 02 Dock."))
                .isTrue();
        assertThat(reads("one text message, 68 of the 160 letters of one")).isTrue();
        edit("Name of the next person", "Caretaker");
        click("Caretaker, Fault: not told");
        assertThat(reads("nothing reaches Caretaker yet")).isTrue();
        assertThat(edit("Number of person P2", "0142")).isFalse();
        assertThat(edit("Number of person P2", "+999 0000 0143")).isTrue();
        click("Caretaker, Fault: not told");
        assertThat(reads("Caretaker by text message")).isTrue();
        undo();
        assertThat(finds("person-told-nothing:P2")).isTrue();
    }

    @Test
    void aReceiverIsAddedGivenItsAddressMovedAndRemoved() {
        report().open(ReportSheet.RECEIVERS);
        click("Add a receiver");
        assertThat(receiver("R1").reception().of(EventGroup.ALARM)).isEqualTo(Told.BACKUP);
        assertThat(finds("receiver-without-address:R1")).isTrue();
        assertThat(edit("Address of receiver R1", "203.0.113.9")).isTrue();
        assertThat(edit("Port of receiver R1", "70000")).isFalse();
        assertThat(edit("Port of receiver R1", "soon")).isFalse();
        assertThat(edit("Port of receiver R1", "4711")).isTrue();
        assertThat(finds("receiver-without-address:R1")).isFalse();
        choose("Transport of receiver R1", "UDP");
        choose("Key of receiver R1", "encrypted, 256 bits");
        assertThat(receiver("R1").reception().keyBits()).isEqualTo(256);
        choose("Kind of receiver R1", "Line receiver of tones");
        assertThat(receiver("R1").format()).isEqualTo(ReportFormat.TONES);
        assertThat(receiver("R1").reception().keyBits()).isZero();
        assertThat(edit("Number of receiver R1", "555 0199")).isTrue();
        assertThat(receiver("R1").address()).isEqualTo("5550199");
        undo();
        click("Remove");
        assertThat(job().receiver(new ReceiverId("A1"))).isEmpty();
    }

    @Test
    void oneAccountServesAllAreas() {
        report().open(ReportSheet.RECEIVERS);
        edit("Account of area 2", "1234");
        assertThat(job().areas()).extracting(Area::account).contains("1234");
        click("All areas under 7316");
        assertThat(job().areas()).extracting(Area::account).containsOnly("7316");
    }

    @Test
    void theWholeJobShowsWhatMisleadsFirst() {
        report().lookAt(B);
        report().open(ReportSheet.PRINTED);
        assertThat(reads("21 of 21 signals mislead")).isTrue();
        report().lookAt(new ReceiverId("A1"));
        assertThat(reads("all as they are meant")).isTrue();
    }

    @Test
    void aRecordingIsHeardDigitByDigit() throws Exception {
        Path file = folder.resolve("call.wav");
        var call = new CallScript()
                .handshakeOfTones()
                .tones("7316181130020156")
                .acknowledge(1400)
                .call();
        WavFile.write(file, Synthesis.of(call, new LineQuality(-12, 20, 3, 0.5), new Random(1)));
        when(files.toRead(any(), any())).thenReturn(Optional.of(file));
        report().open(ReportSheet.RECORDING);
        click("Open a recording");
        assertThat(reads("7316  130  burglary  area 02 zone 015")).isTrue();
        Sketch wave = sketch("wave-drawing");
        assertThat(wave.all().stream().filter(its -> its.styled("heard-digit"))).hasSize(16);
        Files.writeString(folder.resolve("no.wav"), "RIFF but no more");
        when(files.toRead(any(), any())).thenReturn(Optional.of(folder.resolve("no.wav")));
        click("Open a recording");
        assertThat(reads("is not a WAV file")).isTrue();
    }

    @Test
    void aCallIsReadFromTheSoundInputWhenItIsOver() {
        var call = new CallScript()
                .silence(1000)
                .handshakeOfTones()
                .tones("7316181130020156")
                .acknowledge(1400)
                .silence(6000)
                .call();
        Sound sound = Synthesis.of(call, new LineQuality(-12, 40, 3, 0.5), new Random(1));
        report().open(ReportSheet.RECORDING);
        report().recording().listenTo(() -> new Recorded(sound));
        assertThat(reads("7316  130  burglary  area 02 zone 015")).isTrue();
        assertThat(reads("call that ended at ")).isTrue();
        report().recording().listenTo(() -> {
            throw new IOException("no sound input; connect one");
        });
        assertThat(reads("Not listening: no sound input; connect one")).isTrue();
    }

    @Test
    void theToneOfAnAcknowledgementIsAChoice() {
        report().open(ReportSheet.RECEIVERS);
        choose("Acknowledgement of receiver B", "1800 Hz");
        assertThat(receiver("B").reception().abilities().acknowledgeHertz()).isEqualTo(1800);
        report().lookAt(B);
        report().open(ReportSheet.SIGNAL);
        assertThat(reads("acknowledged")).isTrue();
        undo();
        assertThat(receiver("B").reception().abilities().acknowledgeHertz()).isEqualTo(2300);
    }

    @Test
    void lettersOnALineAreShownByteByByte() {
        report().open(ReportSheet.RECEIVERS);
        choose("Kind of receiver B", "Line receiver of letters");
        edit("Account at receiver B", "7316");
        report().lookAt(B);
        report().open(ReportSheet.SIGNAL);
        assertThat(reads("SIA DC-03; blocks of letters by two tones, 300 bits a second, 40 characters"))
                .isTrue();
        assertThat(reads("7316  BA  burglary  area 02 zone 015")).isTrue();
    }

    @Test
    void aFindingLeadsToItsReceiver() {
        assertThat(reads("042  ALARM 3")).isFalse();
        openJob.follow(openJob.now().assessment().findings().stream()
                .filter(finding -> finding.id().equals("receiver-misprints:B:false-account"))
                .findFirst()
                .orElseThrow());
        assertThat(reads("042  ALARM 3")).isTrue();
        report().lookAt(new ReceiverId("A1"));
        assertThat(reads("042  ALARM 3")).isFalse();
    }

    @Test
    void aJobWithoutAReceiverSaysWhatComesFirst() {
        openJob.put(job().withReceivers(List.of()), Optional.empty(), "");
        click("Add a receiver");
        click("Add a receiver");
        assertThat(job().receivers()).hasSize(1);
        assertThat(receiver("R1").reception().of(EventGroup.TEST)).isEqualTo(Told.ALWAYS);
    }
}
