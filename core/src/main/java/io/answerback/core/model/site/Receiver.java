package io.answerback.core.model.site;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.receiver.Reception;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.model.receiver.Told;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.function.UnaryOperator;

/// A receiver at a monitoring station. The order of receivers in a job is the order in which they are tried.
///
/// @param id unique in the job, such as "A1"
/// @param name what the station calls it
/// @param host its address or name; empty while it is not known, or where a line is dialled
/// @param port its port, 1 to 65535; 0 while it is not known, or where a line is dialled
/// @param receiverNumber the receiver number frames carry (R field), up to 6 hexadecimal digits; empty for none
/// @param linePrefix the line number frames carry (L field), 1 to 6 hexadecimal digits
/// @param reception what it can do, and how the job reports to it
@RecordBuilder
public record Receiver(
        ReceiverId id,
        String name,
        String host,
        int port,
        String receiverNumber,
        String linePrefix,
        Reception reception)
        implements ReceiverBuilder.With {
    /// @throws IllegalArgumentException when a name is blank, the port out of bounds or a number not
    ///     hexadecimal
    public Receiver {
        Require.given(id, "receiver id");
        name = Require.text(name, "name of receiver " + id);
        host = host == null ? "" : host.strip();
        if (!host.matches("[A-Za-z0-9._:\\-]{0,253}")) {
            throw new IllegalArgumentException(
                    "host of receiver " + id + " is \"" + host + "\"; write an address or a name, such as 192.0.2.10");
        }
        Require.within(port, 0, 65535, "port of receiver " + id);
        receiverNumber = hexadecimal(receiverNumber, "[0-9A-Fa-f]{0,6}", "receiver number of " + id);
        linePrefix = hexadecimal(linePrefix, "[0-9A-Fa-f]{1,6}", "line number of receiver " + id);
        Require.given(reception, "reporting settings of receiver " + id);
    }

    private static String hexadecimal(String text, String pattern, String what) {
        String given = text == null ? "" : text.strip();
        if (!given.matches(pattern)) {
            throw new IllegalArgumentException(what + " is \"" + given + "\"; it must be up to 6 of 0-9 and A-F");
        }
        return given;
    }

    /// A receiver of IP frames with event digits.
    ///
    /// @param told when it is told, of whatever happens
    public static Receiver overIp(
            ReceiverId id, String name, String host, int port, String receiverNumber, String linePrefix, Told told) {
        return new Receiver(id, name, host, port, receiverNumber, linePrefix, Reception.OVER_IP.toldOfEverything(told));
    }

    /// The format that is sent to it.
    public ReportFormat format() {
        return reception.format();
    }

    /// Whether it is known where to send: an address and a port, or a number to dial.
    public boolean reachable() {
        return format().overIp()
                ? !host.isEmpty() && port > 0
                : !reception.phone().isEmpty();
    }

    /// Where it is reached, in one line; empty while that is not known.
    public String address() {
        if (!reachable()) {
            return "";
        }
        return format().overIp() ? host + ":" + port : reception.phone();
    }

    /// The same with other numbers for the R and the L field.
    public Receiver withNumbers(String otherReceiver, String otherLine) {
        return new Receiver(id, name, host, port, otherReceiver, otherLine, reception);
    }

    /// The same with other reporting settings.
    public Receiver withReception(UnaryOperator<Reception> change) {
        return new Receiver(id, name, host, port, receiverNumber, linePrefix, change.apply(reception));
    }
}
