package io.answerback.core.signal.format;

import io.answerback.core.model.common.Text;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Numbered;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.FramePart.Kind;
import java.util.ArrayList;
import java.util.List;

/// An IP frame as runs of bytes, each with what it means. Joined, the runs are the frame.
public final class IpFrameParts {
    private static final int BLOCK_DIGITS = 32;
    private static final String FIRST_BLOCK =
            "16 bytes in AES. They begin with random padding, so that the same event never" + " looks the same twice.";
    private static final String NEXT_BLOCK =
            "16 bytes in AES, mixed with the block before: data, then the time. Only who"
                    + " has the key can read them.";

    private final IpFrame frame;
    private final String text;
    private final List<FramePart> parts = new ArrayList<>();

    private IpFrameParts(IpFrame frame, String text) {
        this.frame = frame;
        this.text = text;
    }

    /// The runs of a frame in the clear.
    ///
    /// @param signals reads the event in it
    /// @throws BadFrame when the frame says that it carries an event and does not
    public static List<FramePart> of(IpFrame frame, IpSignals signals, EventTable events) throws BadFrame {
        IpFrameParts runs = new IpFrameParts(frame, IpFrames.encode(frame));
        runs.envelope("\"" + frame.id() + "\"", format(frame.id()));
        if (frame.id().equals(IpFrame.CONTACT_ID)) {
            runs.event(signals.of(frame), events);
        } else if (frame.id().equals(IpFrame.LETTERS)) {
            runs.letters(signals.of(frame), events);
        } else {
            runs.add(Kind.EVENT, "[" + frame.data() + "]", "no data", "Nothing happened: the frame only says so.");
        }
        runs.end();
        return List.copyOf(runs.parts);
    }

    /// The runs of an encrypted frame: what stands in the clear, and block by block what does not.
    ///
    /// @param frame what it carries
    /// @param secret its text as it was encrypted
    public static List<FramePart> ofSecret(IpFrame frame, String secret) {
        IpFrameParts runs = new IpFrameParts(frame, secret);
        runs.envelope("\"*" + frame.id() + "\"", "The asterisk says that the rest is encrypted. " + format(frame.id()));
        String digits = secret.substring(secret.indexOf('[') + 1, secret.length() - 1);
        runs.add(Kind.FORMAT, "[", "encrypted", "What follows is encrypted up to CR, and has no closing bracket.");
        int blocks = digits.length() / BLOCK_DIGITS;
        for (int i = 0; i < blocks; i++) {
            String block = digits.substring(i * BLOCK_DIGITS, (i + 1) * BLOCK_DIGITS);
            runs.add(Kind.EVENT, block, Text.of("block %d of %d", i + 1, blocks), i == 0 ? FIRST_BLOCK : NEXT_BLOCK);
        }
        runs.add(Kind.ENVELOPE, "CR", "end", "A carriage return closes the frame.");
        return List.copyOf(runs.parts);
    }

    private static String format(String id) {
        return switch (id) {
            case IpFrame.CONTACT_ID -> "Event digits inside an IP frame.";
            case IpFrame.LETTERS -> "Letters inside an IP frame.";
            case IpFrame.NULL -> "A path test: the communicator shows that it is there.";
            default -> "An answer of the station.";
        };
    }

    private void add(Kind kind, String run, String caption, String meaning) {
        parts.add(new FramePart(kind, run, caption, meaning));
    }

    private void envelope(String id, String format) {
        add(Kind.ENVELOPE, "LF", "start", "A line feed opens the frame.");
        add(Kind.GUARD, text.substring(1, 5), "check", "CRC-16 over the bytes from the first quote up to CR.");
        String bytes = Text.of("%d bytes from the first quote up to CR, in hexadecimal.", text.length() - 10);
        add(Kind.GUARD, text.substring(5, 9), "length", bytes);
        add(Kind.FORMAT, id, "format", format);
        add(
                Kind.ROUTE,
                frame.sequenceDigits(),
                "sequence",
                "Frame number; a resend keeps it, so the station lists it once.");
        if (!frame.receiver().isEmpty()) {
            add(Kind.ROUTE, "R" + frame.receiver(), "receiver", "The receiver number the station asked for.");
        }
        add(Kind.ROUTE, "L" + frame.line(), "line", "The line number the station asked for.");
        String account = frame.account().isEmpty() ? "A0" : "#" + frame.account();
        add(Kind.ACCOUNT, account, "account", "Which site this is.");
    }

    private void event(Signal signal, EventTable events) {
        again(signal);
        qualifier(signal, String.valueOf(signal.qualifier().digit()), "1 begins, 3 ends, 6 goes on.");
        add(Kind.EVENT, signal.event() + " ", events.words(signal), "The event code.");
        add(Kind.EVENT, signal.areaDigits() + " ", "area", "The area it happened in.");
        number(signal.zoneDigits() + "]", signal, events);
    }

    private void number(String run, Signal signal, EventTable events) {
        Numbered numbered = events.numbered(signal.event());
        add(Kind.EVENT, run, numbered.label(), numbered.meaning());
    }

    private void again(Signal signal) {
        add(Kind.EVENT, "[#" + signal.account() + "|", "account", "The account again, as the event's own.");
    }

    private void qualifier(Signal signal, String run, String meaning) {
        add(Kind.EVENT, run, signal.qualifier().words(), meaning);
    }

    private void letters(Signal signal, EventTable events) throws BadFrame {
        String data = frame.data().substring(frame.data().indexOf('|') + 1);
        SiaData read = SiaData.read(data);
        int slash = data.lastIndexOf('/', data.contains("^") ? data.indexOf('^') : data.length()) + 1;
        again(signal);
        add(Kind.EVENT, data.substring(0, 1), read.old() ? "old" : "new", "N for a new event, O for one told before.");
        add(Kind.EVENT, data.substring(1, slash), "area", "The area it happened in, behind ri.");
        add(
                Kind.EVENT,
                read.letters(),
                events.words(signal),
                "Two letters for what happened; the end of an event has letters of its own.");
        String rest = data.substring(slash + read.letters().length());
        String zone = rest.contains("^") ? rest.substring(0, rest.indexOf('^')) : rest;
        number(zone + (rest.contains("^") ? "" : "]"), signal, events);
        if (rest.contains("^")) {
            add(Kind.EVENT, rest.substring(zone.length()) + "]", "name", "The name, as text for the operator.");
        }
    }

    private void end() {
        if (!frame.extended().isEmpty()) {
            add(Kind.EVENT, frame.extended(), "further data", "What the sender adds, such as a position or a link.");
        }
        frame.sentAt()
                .ifPresent(at -> add(
                        Kind.TIME,
                        "_" + IpFrames.stamp(at),
                        "sent, UTC",
                        "The station takes it from 40 s late to 20 s early."));
        add(Kind.ENVELOPE, "CR", "end", "A carriage return closes the frame.");
    }
}
