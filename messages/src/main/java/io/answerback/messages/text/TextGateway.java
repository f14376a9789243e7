package io.answerback.messages.text;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import io.answerback.messages.web.OwnServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.InstantSource;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.json.JsonMapper;

/// A gateway for text messages that stands in for a provider's: on this computer only. It takes an HTTP POST to
/// `/messages` with a JSON object of `to` and `text`, and answers 202.
public final class TextGateway implements AutoCloseable {
    /// Where it takes messages.
    public static final String PATH = "/messages";

    private static final int MOST_BYTES = 32 * 1024;
    private static final int WAITING = 20;
    private static final int TAKEN = 202;
    private static final int BAD = 400;
    private static final int ONLY_POST = 405;
    private static final int TOO_LONG = 413;
    private static final ObjectMapper JSON = JsonMapper.builder().build();

    private final HttpServer server;
    private final ExecutorService threads = Executors.newVirtualThreadPerTaskExecutor();
    private final InstantSource clock;
    private final Consumer<ReceivedText> listener;

    private TextGateway(HttpServer server, InstantSource clock, Consumer<ReceivedText> listener) {
        this.server = server;
        this.clock = clock;
        this.listener = listener;
    }

    /// Starts one on the loopback address.
    ///
    /// @param port where it listens; 0 for a free port
    /// @param listener is told of each text, on the thread that took it
    /// @throws IOException when the port is taken
    public static TextGateway open(int port, InstantSource clock, Consumer<ReceivedText> listener) throws IOException {
        HttpServer server;
        try {
            server = OwnServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), WAITING);
        } catch (IOException taken) {
            throw new IOException(
                    "the stand-in for text messages cannot listen on port %d: %s. Choose another port, or 0 for a free one."
                            .formatted(port, taken.getMessage()),
                    taken);
        }
        TextGateway gateway = new TextGateway(server, clock, listener);
        OwnServer.serve(server, PATH, gateway::take);
        server.setExecutor(gateway.threads);
        server.start();
        return gateway;
    }

    /// Where it listens.
    public int port() {
        return server.getAddress().getPort();
    }

    private void take(HttpExchange exchange) throws IOException {
        try (exchange) {
            if (!exchange.getRequestMethod().equals("POST")) {
                answer(exchange, ONLY_POST, "send it by POST");
                return;
            }
            byte[] body = exchange.getRequestBody().readNBytes(MOST_BYTES + 1);
            if (body.length > MOST_BYTES) {
                answer(exchange, TOO_LONG, "it is longer than any text message");
                return;
            }
            read(exchange, new String(body, StandardCharsets.UTF_8));
        }
    }

    private void read(HttpExchange exchange, String body) throws IOException {
        String to;
        String text;
        try {
            JsonNode tree = JSON.readTree(body);
            to = tree.path("to").asString("");
            text = tree.path("text").asString("");
        } catch (JacksonException broken) {
            answer(exchange, BAD, "it is not a JSON object");
            return;
        }
        if (!to.matches("\\+[0-9]{6,15}")) {
            answer(exchange, BAD, "\"to\" is no number with + and country code");
            return;
        }
        if (text.isEmpty()) {
            answer(exchange, BAD, "\"text\" is empty");
            return;
        }
        listener.accept(new ReceivedText(clock.instant(), to, text));
        answer(exchange, TAKEN, "taken");
    }

    private static void answer(HttpExchange exchange, int code, String says) throws IOException {
        byte[] body = (says + "\n").getBytes(StandardCharsets.UTF_8);
        exchange.getResponseHeaders().set("Content-Type", "text/plain; charset=utf-8");
        exchange.sendResponseHeaders(code, body.length);
        exchange.getResponseBody().write(body);
    }

    @Override
    public void close() {
        server.stop(0);
        threads.shutdownNow();
    }
}
