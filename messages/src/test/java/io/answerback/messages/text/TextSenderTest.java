package io.answerback.messages.text;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.messages.Outcome;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.URI;
import java.time.Duration;
import java.time.InstantSource;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TextSenderTest {
    private static final String TO = "+99900000301";

    private final List<ReceivedText> arrived = new CopyOnWriteArrayList<>();
    private final TextSender sender = new TextSender(Duration.ofSeconds(20));

    @Test
    void everyLetterArrivesAsItWasWritten() throws IOException {
        String text = "Ж漢\uD83D\uDD12 \"quoted\" \\ {} \n".repeat(50);
        try (TextGateway gateway = TextGateway.open(0, InstantSource.system(), arrived::add)) {
            Outcome outcome = sender.send(at(gateway.port()), TO, text);
            assertThat(outcome.state()).as(outcome.says()).isEqualTo(Outcome.State.TAKEN);
        }
        assertThat(arrived).singleElement().satisfies(its -> {
            assertThat(its.to()).isEqualTo(TO);
            assertThat(its.text()).isEqualTo(text);
        });
    }

    @ParameterizedTest
    @CsvSource({"0900 12, hello", "+99900000301, ''"})
    void whatIsNoTextIsRefusedWithItsReason(String to, String text) throws IOException {
        try (TextGateway gateway = TextGateway.open(0, InstantSource.system(), arrived::add)) {
            Outcome outcome = sender.send(at(gateway.port()), to, text);
            assertThat(outcome.state()).isEqualTo(Outcome.State.NOT_SENT);
            assertThat(outcome.says()).contains("refused");
        }
        assertThat(arrived).isEmpty();
    }

    @Test
    void whatIsTooLongIsRefused() throws IOException {
        try (TextGateway gateway = TextGateway.open(0, InstantSource.system(), arrived::add)) {
            assertThat(sender.send(at(gateway.port()), TO, "x".repeat(100_000)).state())
                    .isNotEqualTo(Outcome.State.TAKEN);
        }
        assertThat(arrived).isEmpty();
    }

    @Test
    void nobodyThereAndAGatewayThatHangsAreTwoThings() throws IOException {
        assertThat(sender.send(at(1), TO, "hello").state()).isEqualTo(Outcome.State.NOT_SENT);
        try (ServerSocket hangs = new ServerSocket(0, 5, InetAddress.getLoopbackAddress())) {
            Outcome outcome = new TextSender(Duration.ofSeconds(3)).send(at(hangs.getLocalPort()), TO, "hello");
            assertThat(outcome.state()).isEqualTo(Outcome.State.UNKNOWN);
        }
    }

    private static URI at(int port) {
        return URI.create("http://127.0.0.1:" + port + TextGateway.PATH);
    }
}
