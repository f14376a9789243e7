package io.answerback.core.signal.format;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.answerback.core.signal.event.Signal;
import java.time.Instant;
import java.util.Optional;

/// One frame of SIA DC-09, sent or answered, taken apart.
///
/// @param id what the frame is: `ADM-CID`, `SIA-DCS`, `NULL`, or an answer `ACK`, `NAK`, `DUH`
/// @param sequence 1 to 9999, the same on a resend; 0 only in a `NAK`
/// @param receiver receiver number (R field), hexadecimal; empty when the frame has none
/// @param line line number (L field), hexadecimal
/// @param account 3 to 16 hexadecimal digits; empty in a `NAK`, which may have none
/// @param data what stands between the brackets
/// @param extended further data in brackets of their own, with the brackets; empty when there are none
/// @param sentAt the time stamp, to the second; empty when the frame has none
public record IpFrame(
        String id,
        int sequence,
        String receiver,
        String line,
        String account,
        String data,
        String extended,
        Optional<Instant> sentAt) {
    /// The id of a frame that carries a DTMF event code.
    public static final String CONTACT_ID = "ADM-CID";
    /// The id of a frame that carries letters.
    public static final String LETTERS = "SIA-DCS";
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
        Require.given(extended, "extended data");
        Require.given(sentAt, "time");
    }

    /// A frame without extended data.
    public IpFrame(
            String id,
            int sequence,
            String receiver,
            String line,
            String account,
            String data,
            Optional<Instant> sentAt) {
        this(id, sequence, receiver, line, account, data, "", sentAt);
    }

    /// A frame of `ADM-CID` for a signal.
    ///
    /// @param sequence 1 to 9999
    /// @param receiver receiver number, hexadecimal; empty for none
    /// @param line line number, hexadecimal
    /// @param sentAt the time stamp
    public static IpFrame of(Signal signal, int sequence, String receiver, String line, Instant sentAt) {
        Require.within(sequence, 1, 9999, "sequence");
        String data = "#" + signal.account() + "|" + ContactId.body(signal);
        return new IpFrame(CONTACT_ID, sequence, receiver, line, signal.account(), data, Optional.of(sentAt));
    }

    /// A frame of `SIA-DCS` for a signal.
    ///
    /// @param letters the two letters of the event
    /// @param name what is sent as text beside it; empty for none
    public static IpFrame ofLetters(
            Signal signal, String letters, String name, int sequence, String receiver, String line, Instant sentAt) {
        Require.within(sequence, 1, 9999, "sequence");
        String data = "#" + signal.account() + "|" + SiaData.of(signal, letters, name);
        return new IpFrame(LETTERS, sequence, receiver, line, signal.account(), data, Optional.of(sentAt));
    }

    /// A frame of `NULL`, with which a communicator shows that it is there.
    public static IpFrame ofNothing(String account, int sequence, String receiver, String line, Instant sentAt) {
        Require.within(sequence, 1, 9999, "sequence");
        if (!account.matches("[0-9A-F]{3,16}")) {
            throw new IllegalArgumentException("account is \"" + account + "\"; it must be 3 to 16 of 0-9 and A-F");
        }
        return new IpFrame(NULL, sequence, receiver, line, account, "", Optional.of(sentAt));
    }

    /// Whether this is one of the three answers.
    public boolean answer() {
        return id.equals("ACK") || id.equals("NAK") || id.equals("DUH");
    }

    /// The sequence as it is sent: four digits.
    public String sequenceDigits() {
        return Text.of("%04d", sequence);
    }

    /// The same frame with another sequence.
    public IpFrame numbered(int other) {
        return new IpFrame(id, other, receiver, line, account, data, extended, sentAt);
    }

    /// The same frame with another time stamp.
    public IpFrame at(Instant other) {
        return new IpFrame(id, sequence, receiver, line, account, data, extended, Optional.of(other));
    }
}
