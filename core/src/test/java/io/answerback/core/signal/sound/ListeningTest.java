package io.answerback.core.signal.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.ContactId;
import io.answerback.core.signal.format.PulseReport;
import io.answerback.core.signal.format.PulseTiming;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What was played is heard again, on good lines and on bad ones.
class ListeningTest {
    private static final Signal BURGLARY = new Signal("7316", Qualifier.NEW, "131", 2, 15);
    private static final String DIGITS = ContactId.encode(BURGLARY);

    private static PulseTiming timing(int perSecond) {
        double on = perSecond == 10 ? 60 : perSecond == 20 ? 30 : 12.5;
        double off = perSecond == 10 ? 40 : perSecond == 20 ? 20 : 12.5;
        double gap = perSecond == 10 ? 600 : perSecond == 20 ? 300 : 150;
        return new PulseTiming(perSecond, on, off, gap, 1000, 1900, 800, "working values");
    }

    private static Call tones(String digits) {
        return new CallScript()
                .silence(300)
                .handshakeOfTones()
                .tones(digits)
                .acknowledge(1400)
                .call();
    }

    private static Sound played(Call call, LineQuality line) {
        return Synthesis.of(call, line, new Random(4));
    }

    private static List<String> reports(Sound sound, ReportFormat format) {
        return Listening.to(sound, format).reports();
    }

    @Test
    void aGoodCallIsHeardWithItsTimesAndLevels() {
        Recording heard = Listening.to(played(tones(DIGITS), LineQuality.GOOD), ReportFormat.TONES);
        assertThat(heard.reports()).containsExactly(DIGITS);
        assertThat(heard.problems()).isEmpty();
        assertThat(heard.tones()).extracting(HeardTone::hertz).containsExactly(1400, 2300, 1400);
        assertThat(heard.tones().getLast().millis()).isCloseTo(800, within(30.0));
        assertThat(heard.digits()).allSatisfy(digit -> {
            assertThat(digit.onMillis()).isCloseTo(50, within(3.0));
            assertThat(digit.levelDecibels()).isCloseTo(-10, within(0.7));
            assertThat(digit.twistDecibels()).isCloseTo(0, within(0.5));
        });
    }

    /// Line, noise 15 dB under the tones, twist from -4 to +8 dB, and tones 1.5 % off, in all their extremes.
    @ParameterizedTest
    @CsvSource({"-10,15,0,0", "-25,15,8,0", "-10,15,-4,1.5", "-10,15,8,-1.5", "-3,20,8,1.5", "-30,30,-4,-1.5"})
    void badLinesAreStood(double level, double noise, double twist, double error) {
        LineQuality line = new LineQuality(level, noise, twist, error);
        assertThat(reports(played(tones(DIGITS), line), ReportFormat.TONES)).containsExactly(DIGITS);
    }

    @Property(tries = 60)
    void anyDigitsAreHeardOnAnyLineThatIsTaken(
            @ForAll("digits") String digits,
            @ForAll @IntRange(min = -4, max = 8) int twist,
            @ForAll @IntRange(min = -15, max = 15) int error,
            @ForAll @IntRange(min = 15, max = 60) int noise) {
        LineQuality line = new LineQuality(-12, noise, twist, error / 10.0);
        assertThat(reports(Synthesis.of(tones(digits), line, new Random(digits.hashCode())), ReportFormat.TONES))
                .containsExactly(digits);
    }

    @Provide
    Arbitrary<String> digits() {
        return Arbitraries.strings().withChars("0123456789BCDEF").ofLength(16);
    }

    @Test
    void clippedAndOffsetCallsAreHeard() {
        Sound sound = played(tones(DIGITS), new LineQuality(-6, 30, 3, 0));
        float[] clipped = sound.samples().clone();
        for (int i = 0; i < clipped.length; i++) {
            clipped[i] = 0.2f + Math.clamp(clipped[i], -0.2f, 0.2f);
        }
        assertThat(reports(new Sound(clipped, Sound.LINE_RATE), ReportFormat.TONES))
                .containsExactly(DIGITS);
    }

    /// Played faster or slower, tones stay what they are: 36 to 90 ms on and off.
    @ParameterizedTest
    @ValueSource(doubles = {0.72, 1.0, 1.8})
    void slowAndFastCallsAreHeardAndSaid(double factor) {
        Call call = new Call(tones(DIGITS).segments().stream()
                .map(part -> new Segment(part.from(), part.step(), part.digit(), part.hertz(), part.millis() * factor))
                .toList());
        Recording heard = Listening.to(played(call, new LineQuality(-10, 20, 0, 0)), ReportFormat.TONES);
        assertThat(heard.reports()).containsExactly(DIGITS);
        assertThat(heard.problems().stream().anyMatch(says -> says.contains("the standard has 50")))
                .isEqualTo(factor != 1.0);
    }

    @ParameterizedTest
    @ValueSource(ints = {11_025, 16_000, 22_050, 44_100, 48_000})
    void otherRatesAreHeard(int rate) {
        Sound line = played(tones(DIGITS), new LineQuality(-10, 25, 2, 0.5));
        float[] other = new float[(int) (line.seconds() * rate)];
        for (int i = 0; i < other.length; i++) {
            double at = (double) i * Sound.LINE_RATE / rate;
            int from = Math.min(line.samples().length - 2, (int) at);
            double share = at - from;
            other[i] = (float) (line.samples()[from] * (1 - share) + line.samples()[from + 1] * share);
        }
        assertThat(reports(new Sound(other, rate), ReportFormat.TONES)).containsExactly(DIGITS);
    }

    @Test
    void whatIsDialledBeforeIsNoReportAndTwoReportsInACallAreTwo() {
        String second = ContactId.encode(new Signal("7316", Qualifier.RESTORE, "131", 2, 15));
        Call call = new CallScript()
                .dial("0,5550142", CallScript.Dialling.TONES)
                .handshakeOfTones()
                .tones(DIGITS)
                .acknowledge(1400)
                .silence(300)
                .tones(second)
                .acknowledge(1400)
                .call();
        assertThat(reports(played(call, new LineQuality(-10, 20, 0, 0)), ReportFormat.TONES))
                .containsExactly(DIGITS, second);
    }

    @ParameterizedTest
    @CsvSource({"10,PULSE_3_1", "20,PULSE_3_1_EXTENDED", "40,PULSE_4_1_EXTENDED", "20,PULSE_4_2", "40,PULSE_4_2_PARITY"
    })
    void pulsesAreCounted(int perSecond, ReportFormat format) {
        Signal signal = new Signal(format.accountDigits() == 3 ? "042" : "1042", Qualifier.NEW, "130", 1, 7);
        PulseReport report = PulseReport.of(signal, format, '3');
        for (double noise : new double[] {90, 15}) {
            Call call = new CallScript()
                    .silence(200)
                    .handshakeOfPulses(2300)
                    .pulses(report.rounds(), timing(perSecond))
                    .acknowledge(2300)
                    .call();
            Recording heard = Listening.to(played(call, new LineQuality(-10, noise, 0, 1.5)), format);
            assertThat(heard.reports()).containsExactly(report.text());
            assertThat(heard.problems()).isEmpty();
        }
    }

    @Test
    void anUnusualSpeedIsSaid() {
        PulseTiming odd = new PulseTiming(14, 40, 30, 450, 1000, 1800, 800, "sample");
        Call call = new CallScript()
                .silence(100)
                .pulses(List.of("0423", "0423"), odd)
                .call();
        Recording heard = Listening.to(played(call, LineQuality.GOOD), ReportFormat.PULSE_3_1);
        assertThat(heard.reports()).containsExactly("0423 0423");
        assertThat(heard.problems()).singleElement().asString().contains("receivers take 10, 20 or 40");
    }

    @Test
    void howFarAToneIsOffIsSaid() {
        Recording heard = Listening.to(played(tones(DIGITS), new LineQuality(-10, 30, 0, 2.2)), ReportFormat.TONES);
        assertThat(heard.digits().getFirst().errorPercent()).isCloseTo(2.2, within(0.3));
        assertThat(heard.problems().getFirst()).contains("% off; 1.5 % are taken");
    }

    /// Shorter than one stretch, and each length around it.
    @Test
    void aRecordingOfAnyLengthIsHeard() {
        for (int length = 0; length < 420; length++) {
            Sound sound = new Sound(java.util.Arrays.copyOf(new float[] {0.5f, -0.5f, 0.2f}, length), 8000);
            assertThat(reports(sound, ReportFormat.TONES)).isEmpty();
            assertThat(reports(sound, ReportFormat.PULSE_3_1).size()).isLessThanOrEqualTo(1);
        }
    }

    @Test
    void noiseAndSilenceAreNoReport() {
        Call nothing = new CallScript().silence(2000).call();
        for (ReportFormat format : List.of(ReportFormat.TONES, ReportFormat.PULSE_3_1)) {
            Recording silent = Listening.to(played(nothing, LineQuality.GOOD), format);
            assertThat(silent.reports()).isEmpty();
            assertThat(silent.problems()).hasSize(1);
        }
        Sound noise = played(nothing, new LineQuality(-10, 0, 0, 0));
        assertThat(reports(noise, ReportFormat.TONES)).isEmpty();
        assertThat(Listening.to(new Sound(new float[0], 8000), ReportFormat.TONES)
                        .reports())
                .isEmpty();
    }

    @Test
    void theStepsOfACallAreThoseThatAreHeard() {
        List<Call.Step> steps = tones(DIGITS).steps();
        assertThat(steps).extracting(Call.Step::says).containsExactly("hears 1400 and 2300 Hz", DIGITS, "acknowledged");
        assertThat(steps.get(1).atSeconds()).isCloseTo(0.875, within(0.001));
        assertThat(steps.get(1).seconds()).isCloseTo(1.6, within(0.001));
    }
}
