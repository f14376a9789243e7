package io.answerback.core.signal.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;

class PulseReportTest {
    private static Signal burglary(String account, int zone) {
        return new Signal(account, Qualifier.NEW, "130", 1, zone);
    }

    private static String text(Signal signal, ReportFormat format, char digit) {
        return PulseReport.of(signal, format, digit).text();
    }

    @Test
    void anExtendedReportRepeatsTheEventInThePlacesOfTheAccount() {
        assertThat(text(burglary("042", 7), ReportFormat.PULSE_3_1_EXTENDED, 'B'))
                .isEqualTo("042B 042B BBB7 BBB7");
        assertThat(text(burglary("1042", 7), ReportFormat.PULSE_4_1_EXTENDED, '3'))
                .isEqualTo("10423 10423 33337 33337");
    }

    @Test
    void anExtendedReportWithoutAZoneEndsAfterTheFirstRounds() {
        assertThat(text(burglary("042", 0), ReportFormat.PULSE_3_1_EXTENDED, 'B'))
                .isEqualTo("042B 042B");
        assertThat(text(burglary("042", 10), ReportFormat.PULSE_3_1_EXTENDED, 'B'))
                .isEqualTo("042B 042B BBB0 BBB0");
    }

    @Test
    void twoDigitsOfEventAreExtendedToAZoneOfTwoDigits() {
        assertThat(text(burglary("7316", 17), ReportFormat.PULSE_4_2_EXTENDED, 'B'))
                .isEqualTo("7316B7 7316B7 BBBB17 BBBB17");
        assertThat(text(burglary("7316", 0), ReportFormat.PULSE_4_2_EXTENDED, 'B'))
                .isEqualTo("7316B0 7316B0");
        assertThatThrownBy(() -> text(burglary("7316", 100), ReportFormat.PULSE_4_2_EXTENDED, 'B'))
                .hasMessageContaining("reports zones 1 to 99");
    }

    @Test
    void twoDigitsOfEventCarryTheZone() {
        assertThat(text(burglary("7316", 7), ReportFormat.PULSE_4_2, '3')).isEqualTo("731637 731637");
        assertThat(text(burglary("7316", 10), ReportFormat.PULSE_4_2, '3')).isEqualTo("731630 731630");
        assertThat(text(burglary("7316", 12), ReportFormat.PULSE_4_2, '3')).isEqualTo("73163C 73163C");
    }

    /// 0 + 4 + 2 + 3 with 0 as ten is 19, and 11 more make 30: two times 15.
    @Test
    void aParityDigitBringsTheSumToAMultipleOf15() {
        assertThat(text(burglary("042", 7), ReportFormat.PULSE_3_1_PARITY, '3')).isEqualTo("0423B");
    }

    @Test
    void whatPulsesCannotCarryIsRefusedWithTheReason() {
        assertThatThrownBy(() -> text(burglary("7316", 7), ReportFormat.PULSE_3_1, '3'))
                .hasMessageContaining("takes 3 of 0-9 and B-F");
        assertThatThrownBy(() -> text(burglary("A42", 7), ReportFormat.PULSE_3_1, '3'))
                .hasMessageContaining("\"A42\"");
        assertThatThrownBy(() -> text(burglary("7316", 16), ReportFormat.PULSE_4_2, '3'))
                .hasMessageContaining("zone 016 has no single digit");
        assertThatThrownBy(() -> text(burglary("7316", 1), ReportFormat.TONES, '3'))
                .hasMessageContaining("no pulse format");
    }

    @Test
    void aReceiverWaitsForTwoEqualRounds() throws BadFrame {
        assertThat(PulseRounds.accepted("042B 042B BBB7 BBB7", ReportFormat.PULSE_3_1_EXTENDED))
                .isEqualTo(List.of("042B", "BBB7"));
        assertThatThrownBy(() -> PulseRounds.accepted("042B 043B", ReportFormat.PULSE_3_1))
                .hasMessageContaining("rounds 1 and 2 differ: 042B and 043B");
        assertThatThrownBy(() -> PulseRounds.accepted("042B", ReportFormat.PULSE_3_1))
                .hasMessageContaining("round 1 came only once");
        assertThatThrownBy(() -> PulseRounds.accepted("0423C", ReportFormat.PULSE_3_1_PARITY))
                .hasMessage("parity digit of round 1 is C; the other digits need B");
        assertThatThrownBy(() -> PulseRounds.accepted("04A3 04A3", ReportFormat.PULSE_3_1))
                .hasMessageContaining("digits are 0-9 and B-F");
        assertThatThrownBy(() -> PulseRounds.accepted(" ", ReportFormat.PULSE_3_1))
                .hasMessageContaining("no round");
    }

    @Provide
    Arbitrary<ReportFormat> pulses() {
        return Arbitraries.of(ReportFormat.class)
                .filter(format -> format.shape().isPresent());
    }

    @Property(tries = 300)
    void whatIsSentIsAccepted(
            @ForAll("pulses") ReportFormat format,
            @ForAll @IntRange(max = 15) int zone,
            @ForAll @IntRange(max = 999) int number)
            throws BadFrame {
        String account = String.format("%0" + format.accountDigits() + "d", number);
        PulseReport report = PulseReport.of(burglary(account, zone), format, 'C');
        List<String> accepted = PulseRounds.accepted(report.text(), format);
        assertThat(accepted.getFirst()).startsWith(account + "C");
        assertThat(accepted).hasSize(format.shape().orElseThrow().extended() && zone != 0 ? 2 : 1);
    }

    @Property(tries = 300)
    void rubbishIsRefusedAndNothingElse(
            @ForAll("pulses") ReportFormat format, @ForAll @StringLength(max = 60) String text) {
        try {
            PulseRounds.accepted(text, format);
        } catch (BadFrame refused) {
            assertThat(refused.getMessage()).isNotBlank();
        }
    }
}
