package io.answerback.command;

import io.answerback.messages.MessageJson;
import io.answerback.messages.text.TextGateway;
import java.io.IOException;
import java.time.InstantSource;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/// The stand-in for a gateway of text messages without a window: a line of JSON a text, until it is ended.
@Command(
        name = "texts",
        description = "gateway for text messages that stands in for a provider's, on this computer only",
        footer = {
            "",
            "It takes an HTTP POST to /messages with a JSON object: to, a number with + and the",
            "country code, and text. It answers 202 when it has taken it."
        },
        mixinStandardHelpOptions = true)
final class TextsVerb implements Callable<Integer> {
    @Option(names = "--port", defaultValue = "8025", description = "0 for any free one (default: ${DEFAULT-VALUE})")
    private int port;

    @Option(names = "--json", description = "accepted for likeness; it always answers in JSON lines")
    private boolean json;

    @Override
    public Integer call() throws IOException, InterruptedException {
        ListeningPort.require(port);
        try (TextGateway gateway =
                TextGateway.open(port, InstantSource.system(), text -> Json.line(MessageJson.line(text)))) {
            Json.line(Json.object().put("listening", gateway.port()).toString());
            new CountDownLatch(1).await();
        }
        return 0;
    }
}
