package io.answerback.messages.mail;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.mail.MailPlan;
import io.answerback.core.model.mail.MailSecurity;
import io.answerback.core.report.message.Message;
import io.answerback.messages.Outcome;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class MailSenderTest {
    private static final Message ALARM = new Message("Gallery: burglary", "Gallery: burglary, 02 Corridor.");
    private static final String TO = "owner@gallery.example";
    private static final Duration LONG = Duration.ofSeconds(30);
    private static final Duration SHORT = Duration.ofMillis(1200);

    private final List<ReceivedMail> arrived = new CopyOnWriteArrayList<>();

    @ParameterizedTest
    @EnumSource(
            value = MailSecurity.class,
            names = {"STARTTLS", "TLS"})
    void aMailArrivesOnceTheCertificateOfTheStandInIsTrusted(MailSecurity security) throws IOException {
        try (Mailbox mailbox = Mailbox.open(0, security, InstantSource.system(), arrived::add)) {
            MailPlan plan = plan(mailbox.port(), security);
            Outcome refused = send(plan, LONG);
            assertThat(refused.state()).isEqualTo(Outcome.State.NOT_SENT);
            assertThat(refused.says()).contains("signed it itself");
            assertThat(arrived).isEmpty();
            String fingerprint = refused.certificate().orElseThrow().fingerprint();
            assertThat(mailbox.fingerprint()).contains(fingerprint);

            Outcome taken = send(plan.withTrusted(fingerprint), LONG);
            assertThat(taken.state()).as(taken.says()).isEqualTo(Outcome.State.TAKEN);
            assertThat(arrived).singleElement().satisfies(mail -> {
                assertThat(mail.to()).isEqualTo(TO);
                assertThat(mail.shownFrom()).isEqualTo("alarm@gallery.example");
                assertThat(mail.subject()).isEqualTo(ALARM.subject());
                assertThat(mail.text()).isEqualTo(ALARM.text());
            });
            Outcome another = send(plan.withTrusted("ab".repeat(32)), LONG);
            assertThat(another.state()).isEqualTo(Outcome.State.NOT_SENT);
            assertThat(another.says()).contains("another one than the one that was trusted");
            assertThat(arrived).hasSize(1);
        }
    }

    @Test
    void everyKindOfLetterArrivesAsItWasWritten() throws IOException {
        String letters = IntStream.of('ä', 'ß', '€', 'Ж', '漢', 0x1F512, '"', '<', '&')
                        .mapToObj(Character::toString)
                        .collect(Collectors.joining())
                + "\n.\nlast line ";
        String thousand = "0123456789".repeat(100);
        try (Mailbox mailbox = Mailbox.open(0, MailSecurity.NONE, InstantSource.system(), arrived::add)) {
            MailPlan plan = plan(mailbox.port(), MailSecurity.NONE);
            new MailSender(LONG, InstantSource.system())
                    .send(plan, new char[0], TO, new Message("Ä€漢\r\nBcc: x@y.example", letters + thousand));
        }
        assertThat(arrived).singleElement().satisfies(mail -> {
            assertThat(mail.subject()).isEqualTo("Ä€漢 Bcc: x@y.example");
            assertThat(mail.text().replace("\r\n", "\n")).isEqualTo(letters + thousand);
        });
    }

    @Test
    void aPortAndAProtectionThatDoNotFitAreSaidWithoutConnecting() throws IOException {
        MailPlan plan = plan(465, MailSecurity.STARTTLS);
        Outcome outcome = send(plan, SHORT);
        assertThat(outcome.state()).isEqualTo(Outcome.State.NOT_SENT);
        assertThat(outcome.says()).contains("Port 465 is protected from the first byte");
        assertThat(outcome.remedy()).contains("587");
    }

    @Test
    void theWrongProtectionAtAnyOtherPortIsExplained() throws IOException {
        try (Mailbox plain = Mailbox.open(0, MailSecurity.NONE, InstantSource.system(), arrived::add)) {
            assertThat(send(plan(plain.port(), MailSecurity.TLS), LONG).says())
                    .contains("does not speak TLS from the first byte");
            assertThat(send(plan(plain.port(), MailSecurity.STARTTLS), LONG).says())
                    .contains("offers no STARTTLS");
        }
        try (Mailbox tls = Mailbox.open(0, MailSecurity.TLS, InstantSource.system(), arrived::add)) {
            Outcome outcome = send(plan(tls.port(), MailSecurity.STARTTLS), SHORT);
            assertThat(outcome.state()).isEqualTo(Outcome.State.NOT_SENT);
            assertThat(outcome.remedy()).contains("port and the protection belong together");
        }
        assertThat(arrived).isEmpty();
    }

    @Test
    void anExpiredCertificateIsSaidToBeSo() throws IOException {
        InstantSource lastYear = InstantSource.fixed(Instant.now().minus(Duration.ofDays(400)));
        try (Mailbox mailbox = Mailbox.open(0, MailSecurity.TLS, lastYear, arrived::add, Duration.ofDays(90))) {
            assertThat(send(plan(mailbox.port(), MailSecurity.TLS), LONG).says())
                    .contains("it expired on");
        }
    }

    private static List<Misbehaving> misbehaving() {
        return List.of(
                new Misbehaving("hangs at once", false, List.of(), Outcome.State.NOT_SENT),
                new Misbehaving("hangs up at once", true, List.of(), Outcome.State.NOT_SENT),
                new Misbehaving("rubbish", false, List.of("\u0000\u0001\u0002 HTTP/1.1"), Outcome.State.NOT_SENT),
                new Misbehaving("refuses all", true, List.of("554 go away"), Outcome.State.NOT_SENT),
                new Misbehaving(
                        "refuses the person",
                        false,
                        List.of("220 hello", "250 hello", "250 ok", "550 nobody of that name", "250 ok", "221 bye"),
                        Outcome.State.NOT_SENT),
                new Misbehaving(
                        "hangs with the mail in its hands",
                        false,
                        List.of("220 hello", "250 hello", "250 ok", "250 ok", "354 go on"),
                        Outcome.State.UNKNOWN),
                new Misbehaving(
                        "hangs up with the mail in its hands",
                        true,
                        List.of("220 hello", "250 hello", "250 ok", "250 ok", "354 go on"),
                        Outcome.State.UNKNOWN));
    }

    /// @param is what is known of the mail afterwards
    private record Misbehaving(String name, boolean hangUp, List<String> lines, Outcome.State is) {
        @Override
        public String toString() {
            return name;
        }
    }

    @ParameterizedTest
    @MethodSource("misbehaving")
    void aServerThatMisbehavesEndsInTimeAndIsCalledOnce(Misbehaving how) throws IOException {
        try (ScriptedServer server = new ScriptedServer(how.hangUp(), how.lines())) {
            Outcome outcome = send(plan(server.port(), MailSecurity.NONE), SHORT);
            assertThat(outcome.state()).as(outcome.says()).isEqualTo(how.is());
            assertThat(outcome.says()).isNotBlank().doesNotContain("Exception", "javax", "jakarta");
            assertThat(outcome.remedy()).isNotBlank();
            assertThat(server.calls()).isEqualTo(1);
        }
    }

    @Test
    void nobodyThereIsSaid() {
        assertThat(send(plan(1, MailSecurity.NONE), LONG).says()).contains("does not take connections at port 1");
        assertThat(send(plan(2525, MailSecurity.NONE).withServer("nowhere.invalid"), LONG)
                        .says())
                .contains("There is no server called nowhere.invalid");
    }

    @ParameterizedTest
    @ValueSource(ints = {-1, 65_536})
    void aPortThatIsNoneIsRefused(int port) {
        assertThatThrownBy(() -> plan(port, MailSecurity.NONE))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("port of the mail server");
    }

    @Test
    void aPortThatIsTakenIsSaid() throws IOException {
        Consumer<ReceivedMail> listener = arrived::add;
        try (Mailbox first = Mailbox.open(0, MailSecurity.NONE, InstantSource.system(), listener)) {
            assertThatThrownBy(() -> Mailbox.open(first.port(), MailSecurity.NONE, InstantSource.system(), listener))
                    .isInstanceOf(IOException.class)
                    .hasMessageContaining("Choose another port");
        }
    }

    private static MailPlan plan(int port, MailSecurity security) {
        return new MailPlan("localhost", port, security, "", "alarm@gallery.example", "");
    }

    private static Outcome send(MailPlan plan, Duration patience) {
        return new MailSender(patience, InstantSource.system()).send(plan, new char[0], TO, ALARM);
    }
}
