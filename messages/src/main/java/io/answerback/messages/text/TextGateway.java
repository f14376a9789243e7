package io.answerback.messages.text;

import io.answerback.messages.web.Answer;
import io.answerback.messages.web.Asked;
import io.answerback.messages.web.OwnServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.time.InstantSource;
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
    private static final int TAKEN = 202;
    private static final int BAD = 400;
    private static final int NOT_FOUND = 404;
    private static final int ONLY_POST = 405;
    private static final ObjectMapper JSON = JsonMapper.builder().build();

    private final OwnServer server;

    private TextGateway(OwnServer server) {
        this.server = server;
    }

    /// Starts one on the loopback address.
    ///
    /// @param port where it listens; 0 for a free port
    /// @param listener is notified of each text, on the thread that took it
    /// @throws IOException when the port is taken
    public static TextGateway open(int port, InstantSource clock, Consumer<ReceivedText> listener) throws IOException {
        try {
            return new TextGateway(OwnServer.open(
                    new InetSocketAddress(InetAddress.getLoopbackAddress(), port),
                    MOST_BYTES,
                    asked -> answer(asked, clock, listener)));
        } catch (IOException taken) {
            throw new IOException(
                    "the stand-in for text messages cannot listen on port %d: %s. Choose another port, or 0 for a free one."
                            .formatted(port, taken.getMessage()),
                    taken);
        }
    }

    /// Where it listens.
    public int port() {
        return server.port();
    }

    private static Answer answer(Asked asked, InstantSource clock, Consumer<ReceivedText> listener) {
        if (!asked.path().equals(PATH)) {
            return says(NOT_FOUND, "messages are sent to " + PATH);
        }
        return asked.method().equals("POST") ? read(asked.body(), clock, listener) : says(ONLY_POST, "send it by POST");
    }

    private static Answer read(String body, InstantSource clock, Consumer<ReceivedText> listener) {
        String to;
        String text;
        try {
            JsonNode tree = JSON.readTree(body);
            to = tree.path("to").asString("");
            text = tree.path("text").asString("");
        } catch (JacksonException broken) {
            return says(BAD, "it is not a JSON object");
        }
        if (!to.matches("\\+[0-9]{6,15}")) {
            return says(BAD, "\"to\" must be a number with + and country code");
        }
        if (text.isEmpty()) {
            return says(BAD, "\"text\" is empty");
        }
        listener.accept(new ReceivedText(clock.instant(), to, text));
        return says(TAKEN, "taken");
    }

    private static Answer says(int code, String says) {
        return Answer.plain(code, says + "\n");
    }

    @Override
    public void close() {
        server.close();
    }
}
