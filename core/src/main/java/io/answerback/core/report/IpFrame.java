package io.answerback.core.report;

import io.answerback.core.common.Require;
import io.answerback.core.common.Text;
import java.time.Instant;
import java.util.Optional;

/// One frame of SIA DC-09, sent or answered, taken apart.
///
/// @param id what the frame is: `ADM-CID`, `NULL`, or an answer `ACK`, `NAK`, `DUH`
/// @param sequence 1 to 9999, the same on a resend; 0 only in a `NAK`
/// @param receiver receiver number (R field), hexadecimal; empty when the frame has none
/// @param line line number (L field), hexadecimal
/// @param account 3 to 16 hexadecimal digits; empty in a `NAK`, which may have none
/// @param data what stands between the brackets
/// @param sentAt the time stamp, to the second; empty when the frame has none
public record IpFrame(
        String id, int sequence, String receiver, String line, String account, String data, Optional<Instant> sentAt) {
    /// The id of a frame that carries a DTMF event code.
    public static final String CONTACT_ID = "ADM-CID";
    /// The id of an empty supervision frame.
    public static final String NULL = "NULL";

    /// @throws IllegalArgumentException when the sequence is outside 0 to 9999 or a part is missing
    public IpFrame {
        id = Require.text(id, "frame id");
        Require.within(sequence, 0, 9999, "sequence");
        Require.given(receiver, "receiver number");
        Require.given(line, "line number");
        Require.given(account, "account");
        Require.given(data, "data");
        Require.given(sentAt, "time");
    }

    /// A frame of `ADM-CID` for a signal.
    ///
    /// @param sequence 1 to 9999
    /// @param receiver receiver number, hexadecimal; empty for none
    /// @param line line number, hexadecimal
    /// @param sentAt the time stamp
    public static IpFrame of(
            io.answerback.core.event.Signal signal, int sequence, String receiver, String line, Instant sentAt) {
        Require.within(sequence, 1, 9999, "sequence");
        String data = "#" + signal.account() + "|" + ContactId.body(signal);
        return new IpFrame(CONTACT_ID, sequence, receiver, line, signal.account(), data, Optional.of(sentAt));
    }

    /// Whether this is one of the three answers.
    public boolean answer() {
        return id.equals("ACK") || id.equals("NAK") || id.equals("DUH");
    }

    /// The sequence as it is sent: four digits.
    public String sequenceDigits() {
        return Text.of("%04d", sequence);
    }
}
