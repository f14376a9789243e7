package io.answerback.core.signal.printout;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.receiver.Joins;
import io.answerback.core.model.receiver.ReceiverAbilities;
import io.answerback.core.model.receiver.Reception;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.signal.event.LetterTable;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.printout.Printout.Kind;
import io.answerback.core.testing.SmallJob;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class PrinterTest {
    private static final Signal BURGLARY = new Signal("7316", Qualifier.NEW, "130", 2, 7);

    private static ReceiverAbilities joining(Joins joins) {
        return new ReceiverAbilities(
                "sample",
                Arrays.asList(ReportFormat.values()),
                2300,
                2300,
                joins,
                Map.of("3", "ALARM", "B", "ALARM", "9", "TAMPER"),
                List.of(),
                "");
    }

    private static Reception extended(Joins joins) {
        return Reception.of(joining(joins))
                .withFormat(ReportFormat.PULSE_3_1_EXTENDED)
                .withAccount("042");
    }

    private static Printout printed(Reception reception, Signal signal) {
        return new Printer(reception, SmallJob.EVENTS, new LetterTable(SmallJob.EVENTS, List.of())).of(signal);
    }

    private static List<String> lines(Printout printout) {
        return printout.lines().stream().map(PrintedLine::text).toList();
    }

    @Test
    void aNumeralIsPrintedAsTwoAccounts() {
        Printout printout = printed(extended(Joins.LETTERS), BURGLARY);
        assertThat(lines(printout)).containsExactly("042  ALARM 3", "333  7");
        assertThat(printout.lines().getLast().falseAccount()).isTrue();
        assertThat(printout.has(Kind.FALSE_ACCOUNT)).isTrue();
        assertThat(printout.misleads()).isTrue();
    }

    @Test
    void aLetterIsJoined() {
        Printout printout = printed(extended(Joins.LETTERS).withCode("130", Optional.of("B")), BURGLARY);
        assertThat(lines(printout)).containsExactly("042  ALARM B  zone 07");
        assertThat(printout.problems()).isEmpty();
    }

    @Test
    void aReceiverThatNeverJoinsPrintsTwoLinesForALetterToo() {
        Printout printout = printed(extended(Joins.NEVER).withCode("130", Optional.of("B")), BURGLARY);
        assertThat(lines(printout)).containsExactly("042  ALARM B", "BBB  7");
        assertThat(printed(extended(Joins.ALWAYS), BURGLARY).problems()).isEmpty();
    }

    @Test
    void aZoneOfTwoDigitsIsPrintedWhole() {
        Reception four = extended(Joins.LETTERS)
                .withFormat(ReportFormat.PULSE_4_2_EXTENDED)
                .withAccount("")
                .withCode("130", Optional.of("B"));
        Signal far = new Signal("7316", Qualifier.NEW, "130", 2, 17);
        assertThat(lines(printed(four, far))).containsExactly("7316  ALARM B  zone 17");
        assertThat(lines(printed(four.withCode("130", Optional.of("3")), far)))
                .containsExactly("7316  ALARM 3  zone 07", "3333  1  zone 07");
    }

    @Test
    void aPlaceThatCannotBeLeftEmptyIsSaid() {
        Reception four =
                extended(Joins.LETTERS).withFormat(ReportFormat.PULSE_4_2).withAccount("");
        Signal mains = new Signal("7316", Qualifier.NEW, "130", 2, 0);
        Printout printout = printed(four, mains);
        assertThat(lines(printout)).containsExactly("7316  ALARM 3  zone 10");
        assertThat(printout.has(Kind.NO_ZONE_AS_TEN)).isTrue();
        assertThat(printed(four, BURGLARY).has(Kind.NO_ZONE_AS_TEN)).isFalse();
        assertThat(printed(four.withFormat(ReportFormat.PULSE_4_2_EXTENDED), mains)
                        .problems())
                .isEmpty();
    }

    @Test
    void aRestoreWithoutADigitIsNeverHeard() {
        Signal restore = new Signal("7316", Qualifier.RESTORE, "130", 2, 7);
        assertThat(printed(extended(Joins.ALWAYS), restore).has(Kind.NEVER_HEARD))
                .isTrue();
        assertThat(printed(extended(Joins.ALWAYS).withCode("3130", Optional.of("3")), restore)
                        .has(Kind.OTHER_WORD))
                .isTrue();
    }

    @Test
    void anEventWithoutAWordOrWithAnotherIsSaid() {
        Reception receiver = extended(Joins.ALWAYS);
        assertThat(printed(receiver.withCode("130", Optional.of("5")), BURGLARY).has(Kind.NO_WORD))
                .isTrue();
        assertThat(printed(receiver.withCode("130", Optional.of("9")), BURGLARY).has(Kind.OTHER_WORD))
                .isTrue();
    }

    @Test
    void whatDoesNotFitTheFormatIsSaidBeforeItIsSent() {
        Reception four = extended(Joins.ALWAYS).withAccount("");
        assertThat(printed(four, BURGLARY).has(Kind.CANNOT_SEND)).isTrue();
        assertThat(printed(four.withFormat(ReportFormat.PULSE_4_1), BURGLARY).has(Kind.ZONE_UNTOLD))
                .isTrue();
        assertThat(printed(four.withFormat(ReportFormat.PULSE_4_1), BURGLARY).misleads())
                .isFalse();
        Signal far = new Signal("7316", Qualifier.NEW, "130", 2, 16);
        assertThat(printed(four.withFormat(ReportFormat.PULSE_4_2), far).has(Kind.CANNOT_SEND))
                .isTrue();
    }

    @Test
    void formatsThatTellEverythingArePrintedInWords() {
        Reception tones = Reception.of(joining(Joins.NEVER)).withFormat(ReportFormat.TONES);
        assertThat(lines(printed(tones, BURGLARY))).containsExactly("7316  130  burglary  area 02 zone 007");
        assertThat(lines(printed(tones.withFormat(ReportFormat.IP_LETTERS), BURGLARY)))
                .containsExactly("7316  BA  burglary  area 02 zone 007");
    }
}
