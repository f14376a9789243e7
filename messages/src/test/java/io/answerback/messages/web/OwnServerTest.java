package io.answerback.messages.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
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
    private HttpServer server;

    @BeforeEach
    void open() throws IOException {
        server = OwnServer.create(new InetSocketAddress(InetAddress.ofLiteral("127.0.0.1"), 0), 4);
        OwnServer.serve(server, "/", exchange -> {
            exchange.sendResponseHeaders(204, -1);
            exchange.close();
        });
        server.start();
    }

    @AfterEach
    void close() {
        server.stop(0);
    }

    private String answer(String... headers) throws IOException {
        int port = server.getAddress().getPort();
        try (Socket socket = new Socket(InetAddress.ofLiteral("127.0.0.1"), port)) {
            String head = "POST / HTTP/1.1\r\n" + String.join("\r\n", headers).replace("PORT", "" + port)
                    + "\r\nContent-Length: 0\r\nConnection: close\r\n\r\n";
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

    /// The connection ends, where it would otherwise stay for good.
    @Test
    void halfARequestIsNotWaitedForWithoutEnd() throws IOException {
        try (Socket socket = new Socket(
                InetAddress.ofLiteral("127.0.0.1"), server.getAddress().getPort())) {
            socket.getOutputStream().write("POST / HTTP/1.1\r\nHost: ".getBytes(StandardCharsets.US_ASCII));
            assertThat(socket.getInputStream().read()).isEqualTo(-1);
        }
    }
}
