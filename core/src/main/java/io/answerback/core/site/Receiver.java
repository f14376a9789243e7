package io.answerback.core.site;

import io.answerback.core.common.Require;
import io.answerback.core.id.ReceiverId;

/// A receiver at a monitoring station that takes IP frames.
///
/// @param id unique in the job, such as "A1"
/// @param name what the station calls it
/// @param host its address or name
/// @param port its port, 1 to 65535
/// @param receiverNumber the receiver number frames carry (R field), up to 6 hexadecimal digits; empty for none
/// @param linePrefix the line number frames carry (L field), 1 to 6 hexadecimal digits
public record Receiver(ReceiverId id, String name, String host, int port, String receiverNumber, String linePrefix) {
    /// @throws IllegalArgumentException when a name is blank, the port out of bounds or a number not
    ///     hexadecimal
    public Receiver {
        Require.given(id, "receiver id");
        name = Require.text(name, "name of receiver " + id);
        host = Require.text(host, "host of receiver " + id);
        Require.within(port, 1, 65535, "port of receiver " + id);
        receiverNumber = hexadecimal(receiverNumber, "[0-9A-Fa-f]{0,6}", "receiver number of " + id);
        linePrefix = hexadecimal(linePrefix, "[0-9A-Fa-f]{1,6}", "line number of receiver " + id);
    }

    private static String hexadecimal(String text, String pattern, String what) {
        String given = text == null ? "" : text.strip();
        if (!given.matches(pattern)) {
            throw new IllegalArgumentException(what + " is \"" + given + "\"; it must be up to 6 of 0-9 and A-F");
        }
        return given;
    }
}
