package io.answerback.messages;

import io.answerback.messages.mail.ReceivedMail;
import io.answerback.messages.text.ReceivedText;
import tools.jackson.databind.json.JsonMapper;

/// What a stand-in took, as one line of JSON.
public final class MessageJson {
    private static final JsonMapper MAPPER = new JsonMapper();

    private MessageJson() {}

    /// A mail: `at, from, to, subject, text`.
    public static String line(ReceivedMail mail) {
        return MAPPER.createObjectNode()
                .put("at", mail.at().toString())
                .put("from", mail.shownFrom().isEmpty() ? mail.from() : mail.shownFrom())
                .put("to", mail.to())
                .put("subject", mail.subject())
                .put("text", mail.text())
                .toString();
    }

    /// A text: `at, to, text`.
    public static String line(ReceivedText text) {
        return MAPPER.createObjectNode()
                .put("at", text.at().toString())
                .put("to", text.to())
                .put("text", text.text())
                .toString();
    }
}
