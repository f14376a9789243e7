package io.answerback.command;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.mail.MailSecurity;
import io.answerback.messages.mail.Mailbox;
import io.answerback.messages.mail.ReceivedMail;
import io.answerback.messages.text.ReceivedText;
import io.answerback.messages.text.TextGateway;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/// Telling people from the command line.
class NotifyVerbTest {
    private final List<ReceivedMail> mails = new CopyOnWriteArrayList<>();
    private final List<ReceivedText> texts = new CopyOnWriteArrayList<>();

    @TempDir
    Path folder;

    private Path gallery;

    @BeforeEach
    void job() {
        gallery = folder.resolve("gallery.answerback.json");
        Called.of("new", gallery, "--demo", "3");
    }

    @Test
    void withoutAServerItSaysWhatWouldBeSent() {
        Called shown = Called.of("notify", gallery, "--event", "130", "--json");
        assertThat(shown.code()).isZero();
        assertThat(shown.json().get("sent").valueStream().map(NotifyVerbTest::line))
                .containsExactly("P1 mail shown", "P1 text shown", "P2 text shown");
        assertThat(shown.json().get("sent").get(0).get("subject").asString()).contains("Ferrous Row Gallery");
        assertThat(Called.of("notify", gallery, "--event", "602").out()).contains("nobody is told");
    }

    private static String line(JsonNode sent) {
        return "%s %s %s"
                .formatted(
                        sent.get("person").asString(),
                        sent.get("by").asString(),
                        sent.get("state").asString());
    }

    @Test
    void aMailArrivesByStartTlsWhenItsCertificateIsTrustedAndNotBefore() throws Exception {
        try (Mailbox mailbox = Mailbox.open(0, MailSecurity.STARTTLS, InstantSource.system(), mails::add)) {
            Object[] call = {
                "notify",
                gallery,
                "--event",
                "130",
                "--person",
                "P1",
                "--json",
                "--security",
                "starttls",
                "--smtp",
                "localhost:" + mailbox.port()
            };
            Called untrusted = Called.of(call);
            assertThat(untrusted.code()).isEqualTo(1);
            assertThat(untrusted.json().get("sent").get(0).get("says").asString())
                    .contains("signed it itself");
            assertThat(mails).isEmpty();
            StandInCertificate.keep(mailbox.port(), mailbox.fingerprint().orElseThrow());
            assertThat(Called.of(call).code()).isZero();
            assertThat(mails).singleElement().satisfies(mail -> {
                assertThat(mail.to()).isEqualTo("owner@gallery.example");
                assertThat(mail.text()).contains("burglary");
            });
        }
    }

    @Test
    void aTextArrivesAtTheGateway() throws Exception {
        try (TextGateway gateway = TextGateway.open(0, InstantSource.system(), texts::add)) {
            Called sent = Called.of(
                    "notify", gallery, "--event", "130", "--person", "P2", "--texts", "127.0.0.1:" + gateway.port());
            assertThat(sent.code()).isZero();
        }
        assertThat(texts).extracting(ReceivedText::to).containsExactly("+99900000302");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "--event 999 | which is in no table",
                "--event 130 --person P9 | there is no person",
                "--event 130 --smtp here | write HOST:PORT",
                "--event 130 --smtp localhost:25 --security ssl | security is \"ssl\""
            })
    void aBadCallIsSaidInOneLine(String options, String says) {
        List<Object> call = new java.util.ArrayList<>(List.of("notify", gallery));
        call.addAll(List.of((Object[]) options.split(" ")));
        Called bad = Called.of(call.toArray());
        assertThat(bad.code()).isEqualTo(Main.BAD_CALL);
        assertThat(bad.err()).contains(says);
        assertThat(bad.err().strip().lines()).hasSize(1);
    }
}
