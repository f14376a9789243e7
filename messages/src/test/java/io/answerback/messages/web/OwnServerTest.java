package io.answerback.messages.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketException;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Whom the small web servers of the program serve.
@Timeout(40)
class OwnServerTest {
    private static final InetAddress HERE = InetAddress.ofLiteral("127.0.0.1");
    private static final InetAddress CROWDED = InetAddress.ofLiteral("127.0.0.2");

    private OwnServer server;

    @BeforeEach
    void open() throws IOException {
        server = OwnServer.open(new InetSocketAddress(HERE, 0), 8, asked -> {
            if (asked.body().equals("fail")) {
                throw new IllegalStateException("a secret of the program");
            }
            return Answer.plain(204, "");
        });
    }

    @AfterEach
    void close() {
        server.close();
    }

    private String answer(String... headers) throws IOException {
        return answerTo("", headers);
    }

    private String answerTo(String body, String... headers) throws IOException {
        try (Socket socket = new Socket(HERE, server.port())) {
            String head = "POST / HTTP/1.1\r\n" + String.join("\r\n", headers).replace("PORT", "" + server.port())
                    + "\r\nContent-Length: " + body.length() + "\r\nConnection: close\r\n\r\n" + body;
            socket.getOutputStream().write(head.getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.US_ASCII);
        }
    }

    /// A page of another site has its own origin; a name that was given this computer's address stands in the
    /// host.
    @ParameterizedTest
    @CsvSource({
        "127.0.0.1:PORT, , 204",
        "localhost:PORT, http://localhost:PORT, 204",
        "127.0.0.1:PORT, http://127.0.0.1:PORT, 204",
        "attacker.example:PORT, , 403",
        "127.0.0.1:PORT, http://attacker.example, 403",
        "127.0.0.1:PORT, null, 403",
        "127.0.0.1, , 403",
        "192.0.2.1:PORT, , 403"
    })
    void onlyWhatWasMeantForThisComputerIsServed(String host, String origin, int code) throws IOException {
        String answer = origin == null ? answer("Host: " + host) : answer("Host: " + host, "Origin: " + origin);
        assertThat(answer).startsWith("HTTP/1.1 " + code);
        assertThat(answer.toLowerCase(Locale.ROOT))
                .contains("x-content-type-options: nosniff", "x-frame-options: deny");
    }

    /// The connection ends, however often a little more of the request comes.
    @Test
    void aRequestIsNotWaitedForWithoutEnd() throws IOException {
        try (Socket socket = new Socket(HERE, server.port())) {
            socket.setSoTimeout(100);
            socket.getOutputStream().write("POST / HTTP/1.1\r\nHost: ".getBytes(StandardCharsets.US_ASCII));
            assertThat(endsWhileTrickling(socket)).isTrue();
        }
    }

    private static boolean endsWhileTrickling(Socket socket) throws IOException {
        for (int more = 0; more < 300; more++) {
            try {
                socket.getOutputStream().write('a');
                if (socket.getInputStream().read() == -1) {
                    return true;
                }
            } catch (SocketTimeoutException stillOpen) {
                continue;
            } catch (SocketException reset) {
                return true;
            }
        }
        return false;
    }

    /// However many connections one address holds open, another address is answered.
    @Test
    void theConnectionsOfOneAddressTakeNoPlaceOfAnother() throws IOException {
        List<Socket> crowd = new ArrayList<>();
        try {
            for (int i = 0; i < 100; i++) {
                crowd.add(new Socket(HERE, server.port(), CROWDED, 0));
            }
            assertThat(answer("Host: 127.0.0.1:PORT")).startsWith("HTTP/1.1 204");
            Socket last = crowd.getLast();
            assertThat(last.getInputStream().read()).isEqualTo(-1);
        } finally {
            for (Socket one : crowd) {
                one.close();
            }
        }
        while (closedAtOnce()) {
            Thread.onSpinWait();
        }
    }

    /// Whether an address of which every place is taken asks for one more; its places are free a moment after
    /// its connections are closed.
    private boolean closedAtOnce() throws IOException {
        try (Socket again = new Socket(HERE, server.port(), CROWDED, 0)) {
            again.setSoTimeout(100);
            return again.getInputStream().read() == -1;
        } catch (SocketTimeoutException stillOpen) {
            return false;
        } catch (SocketException reset) {
            return true;
        }
    }

    @Test
    void whatIsTooLongOrFailsIsSaidWithNothingOfTheProgram() throws IOException {
        assertThat(answerTo("123456789", "Host: 127.0.0.1:PORT")).startsWith("HTTP/1.1 413");
        assertThat(answerTo("fail", "Host: 127.0.0.1:PORT"))
                .startsWith("HTTP/1.1 500")
                .doesNotContain("secret");
        assertThat(answerTo("", "Host: 127.0.0.1:PORT", "No header"))
                .startsWith("HTTP/1.1 400")
                .endsWith("This request is not understood.\n");
    }

    @Test
    void aPortThatIsTakenIsSaidToBe() {
        assertThatThrownBy(() -> OwnServer.open(new InetSocketAddress(HERE, server.port()), 8, asked -> null))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("in use");
    }
}
