package io.answerback.core.signal.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.FramePart.Kind;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// How long digits and rounds of pulses last, and what each digit of a report means.
class PulseTimingTest {
    private static final PulseTiming TWENTY = new PulseTiming(20, 30, 20, 300, 1000, 1900, 800, "sample");

    /// Three pulses of 30 ms have two pauses of 20 ms between them; 0 is ten pulses.
    @ParameterizedTest
    @CsvSource({"1, 30", "3, 130", "9, 430", "0, 480", "B, 530", "F, 730"})
    void aDigitLastsItsPulsesAndThePausesBetween(char digit, double millis) {
        assertThat(TWENTY.digitMillis(digit)).isEqualTo(millis);
    }

    @ParameterizedTest
    @CsvSource({"1, 30", "11, 360", "123, 840", "1042, 1670"})
    void aRoundLastsItsDigitsAndTheGapsBetween(String round, double millis) {
        assertThat(TWENTY.roundMillis(round)).isEqualTo(millis);
    }

    @Test
    void anEmptyRoundLastsNoTimeAndAnAIsNoDigit() {
        assertThat(TWENTY.roundMillis("")).isZero();
        assertThatThrownBy(() -> TWENTY.digitMillis('A')).hasMessageContaining("is not one of 0-9 and B-F");
    }

    @Property
    void pulsesAndDigitsAreEachOther(@ForAll @IntRange(min = 1, max = 15) int pulses) {
        assertThat(PulseReport.pulses(PulseReport.digit(pulses))).isEqualTo(pulses);
        assertThat(PulseReport.zoneOf(PulseReport.zoneDigit(pulses))).isEqualTo(pulses);
    }

    @Test
    void thereAreNoOtherDigits() {
        for (int pulses : new int[] {0, 16, -1}) {
            assertThatThrownBy(() -> PulseReport.digit(pulses)).hasMessageContaining(pulses + " pulses are no digit");
        }
        assertThatThrownBy(() -> PulseReport.zoneDigit(16)).hasMessageContaining("zone 016 has no single digit");
        assertThat(PulseReport.zoneDigit(0)).isEqualTo('0');
    }

    private static List<FramePart> parts(ReportFormat format, String account) {
        Signal signal = new Signal(account, Qualifier.NEW, "130", 1, 7);
        return PulseParts.of(PulseReport.of(signal, format, '3'), "burglary");
    }

    private static String text(List<FramePart> parts) {
        StringBuilder text = new StringBuilder();
        parts.forEach(part -> text.append(part.text()));
        return text.toString();
    }

    /// 1042 3 and 3333 7: the second pair stands in the places of the account.
    @Test
    void anExtendedReportSaysWhatItsSecondPairIs() {
        List<FramePart> parts = parts(ReportFormat.PULSE_4_1_EXTENDED, "1042");
        assertThat(text(parts)).isEqualTo("1042310423" + "3333733337");
        assertThat(parts)
                .extracting(FramePart::kind)
                .containsExactly(
                        Kind.ACCOUNT,
                        Kind.EVENT,
                        Kind.ACCOUNT,
                        Kind.EVENT,
                        Kind.EVENT,
                        Kind.EVENT,
                        Kind.EVENT,
                        Kind.EVENT);
        assertThat(parts.get(1).caption()).isEqualTo("burglary");
        assertThat(parts.get(1).meaning()).contains("3 pulses");
        assertThat(parts.get(4).caption()).isEqualTo("event again");
        assertThat(parts.get(5).meaning()).contains("Zone 7, as 7 pulses");
    }

    @Test
    void twoDigitsOfEventHaveTheirZoneInTheSameRound() {
        List<FramePart> parts = parts(ReportFormat.PULSE_4_2, "1042");
        assertThat(text(parts)).isEqualTo("104237104237");
        assertThat(parts.get(2).caption()).isEqualTo("zone");
        assertThat(parts.get(2).meaning()).contains("Zone 7");
    }

    @Test
    void aParityDigitGuardsItsRoundWhichIsSentOnce() {
        List<FramePart> parts = parts(ReportFormat.PULSE_4_2_PARITY, "1042");
        assertThat(parts).last().satisfies(part -> assertThat(part.kind()).isEqualTo(Kind.GUARD));
        int sum = text(parts)
                .chars()
                .map(digit -> PulseReport.pulses((char) digit))
                .sum();
        assertThat(sum % 15).isZero();
        assertThat(text(parts)).hasSize(7);
    }
}
