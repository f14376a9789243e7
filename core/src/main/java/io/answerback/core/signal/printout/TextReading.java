package io.answerback.core.signal.printout;

import io.answerback.core.model.receiver.ReceiverAbilities;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.BadFrame;
import io.answerback.core.signal.format.ContactId;
import io.answerback.core.signal.format.EncryptionKey;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpFrames;
import io.answerback.core.signal.format.IpSignals;
import io.answerback.core.signal.format.PulseRounds;
import io.answerback.core.signal.format.SecretFrames;
import io.answerback.core.signal.printout.Printout.Kind;
import io.answerback.core.signal.printout.Printout.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Reads what was sent, as text, and says what a receiver prints for it. Never throws for what it reads: what
/// is wrong with it is among the problems.
///
/// @param receiver what the receiver can do
/// @param events the event table
/// @param signals reads the events in IP frames
/// @param key the key of encrypted frames; empty when there is none
public record TextReading(
        ReceiverAbilities receiver, EventTable events, IpSignals signals, Optional<EncryptionKey> key) {
    /// What is printed for one report.
    ///
    /// @param text a frame from LF to CR, sixteen digits, blocks of letters such as `#7316|Nri02/BA015`, or pulse
    ///     rounds with blanks between
    public Printout of(ReportFormat format, String text) {
        try {
            if (format.overIp()) {
                return frame(text);
            }
            if (format == ReportFormat.BLOCKS) {
                return printed(signals.ofBlocks(text.strip()).getFirst(), "letters");
            }
            return format.shape().isPresent()
                    ? new PulsePrinter(receiver, format.shape().get()).print(PulseRounds.accepted(text, format))
                    : printed(ContactId.decode(text), "");
        } catch (BadFrame refused) {
            return Printout.nothing(Kind.CANNOT_SEND, refused.getMessage());
        }
    }

    private Printout frame(String text) throws BadFrame {
        IpFrame frame = SecretFrames.encrypted(text)
                ? SecretFrames.decode(
                        text,
                        key.orElseThrow(() -> new BadFrame("the frame is encrypted; its key is needed to read it")))
                : IpFrames.decode(text);
        if (frame.id().equals(IpFrame.NULL)) {
            return new Printout(
                    List.of(new PrintedLine(frame.account(), "path test", "", false)), List.of(), List.of());
        }
        if (frame.answer()) {
            return new Printout(
                    List.of(new PrintedLine(frame.account(), "answer " + frame.id(), "", false)), List.of(), List.of());
        }
        return printed(signals.of(frame), frame.id().equals(IpFrame.LETTERS) ? "letters" : "");
    }

    private Printout printed(Signal signal, String how) {
        String words = (how.isEmpty() ? signal.event() + "  " : "") + events.words(signal);
        String where = PrintedLine.where(signal, events);
        List<Problem> problems = new ArrayList<>();
        if (events.find(signal.event()).isEmpty()) {
            problems.add(new Problem(Kind.NO_WORD, "event " + signal.event() + " is in no table"));
        }
        return new Printout(
                List.of(new PrintedLine(signal.account(), words, where, false)),
                List.of(ReadSignal.of(signal)),
                problems);
    }
}
