package io.answerback.station;

import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.Answer;
import java.net.InetSocketAddress;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/// What the station received as one line of JSON.
public final class ReceivedJson {
    private static final JsonMapper MAPPER = new JsonMapper();

    private ReceivedJson() {}

    /// The line, without a line feed: `at, account, event, qualifier, area, zone, answer, problems` and what
    /// came.
    public static String line(Received received) {
        ObjectNode line = MAPPER.createObjectNode();
        line.put("at", received.at().toString());
        line.put("account", received.signal().map(Signal::account).orElse(null));
        line.put("event", received.signal().map(Signal::event).orElse(null));
        line.put(
                "qualifier",
                received.signal().map(signal -> signal.qualifier().digit() + "").orElse(null));
        line.put("area", received.signal().map(Signal::areaDigits).orElse(null));
        line.put("zone", received.signal().map(Signal::zoneDigits).orElse(null));
        line.put("answer", received.answer().map(Answer::name).orElse("none"));
        received.problems().forEach(line.putArray("problems")::add);
        line.put("what", received.what());
        line.put("encrypted", received.encrypted());
        line.put("by", received.exchange().map(its -> its.transport().name()).orElse(""));
        line.put("from", received.exchange().map(its -> from(its.caller())).orElse(""));
        line.put("text", received.text());
        return line.toString();
    }

    private static String from(InetSocketAddress caller) {
        return caller.getAddress().getHostAddress() + ":" + caller.getPort();
    }
}
