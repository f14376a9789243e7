package io.answerback.messages.text;

import io.answerback.messages.Outcome;
import java.io.IOException;
import java.net.ConnectException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpConnectTimeoutException;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpTimeoutException;
import java.time.Duration;
import java.util.Map;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.json.JsonMapper;

/// Sends text messages to a gateway that speaks as [TextGateway] does. Nothing is sent twice.
public final class TextSender {
    private static final ObjectMapper JSON = JsonMapper.builder().build();
    private static final int FIRST_REFUSAL = 300;
    private static final int LONGEST = 120;

    private final Duration patience;

    /// @param patience how long one message may take
    public TextSender(Duration patience) {
        this.patience = patience;
    }

    /// Sends a text, and waits until the gateway has taken it. Called off the window's thread.
    ///
    /// @param gateway its address, such as http://127.0.0.1:8025/messages
    /// @param to the number, with + and the country code
    public Outcome send(URI gateway, String to, String text) {
        HttpRequest request = HttpRequest.newBuilder(gateway)
                .timeout(patience)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(JSON.writeValueAsString(Map.of("to", to, "text", text))))
                .build();
        long began = System.nanoTime();
        try (HttpClient client =
                HttpClient.newBuilder().connectTimeout(patience).build()) {
            try {
                return answered(client.send(request, HttpResponse.BodyHandlers.ofString()), to, began);
            } finally {
                client.shutdownNow();
            }
        } catch (ConnectException | HttpConnectTimeoutException nobody) {
            return Outcome.notSent(
                    "Nobody takes text messages at %s port %d.".formatted(gateway.getHost(), gateway.getPort()),
                    "See that the gateway is started and its address right.");
        } catch (HttpTimeoutException slow) {
            return Outcome.unknown("The gateway did not say in time whether it took the text.");
        } catch (IOException lost) {
            return Outcome.unknown("The connection to the gateway was lost: " + lost.getMessage());
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
            return Outcome.unknown("It was stopped while the text was on its way.");
        }
    }

    private static Outcome answered(HttpResponse<String> answer, String to, long began) {
        if (answer.statusCode() < FIRST_REFUSAL) {
            return Outcome.taken(
                    "The gateway took the text to " + to + ".", Duration.ofNanos(System.nanoTime() - began));
        }
        String said = answer.body().replaceAll("\\p{Cc}+", " ").strip();
        return Outcome.notSent(
                "The gateway refused the text: %s"
                        .formatted(said.length() > LONGEST ? said.substring(0, LONGEST) : said),
                "Correct what it says.");
    }
}
