package io.answerback.core.report;

import io.answerback.core.common.Text;
import io.answerback.core.event.EventTable;
import io.answerback.core.event.Signal;
import io.answerback.core.report.FramePart.Kind;
import java.util.ArrayList;
import java.util.List;

/// A frame of `ADM-CID` as runs of bytes, each with what it means. Joined, the runs are the frame.
public final class IpFrameParts {
    private IpFrameParts() {}

    /// The runs of the frame that carries `signal`.
    ///
    /// @throws BadFrame when the frame does not carry an event
    public static List<FramePart> of(IpFrame frame, EventTable events) throws BadFrame {
        Signal signal = IpFrames.signal(frame);
        String text = IpFrames.encode(frame);
        List<FramePart> parts = new ArrayList<>();
        parts.add(new FramePart(Kind.ENVELOPE, "LF", "start", "A line feed opens the frame."));
        parts.add(new FramePart(
                Kind.GUARD, text.substring(1, 5), "check", "CRC-16 over the bytes from the first quote up to CR."));
        parts.add(new FramePart(Kind.GUARD, text.substring(5, 9), "length", length(text)));
        parts.add(
                new FramePart(Kind.FORMAT, "\"" + frame.id() + "\"", "format", "DTMF event codes inside an IP frame."));
        addRoute(parts, frame);
        addEvent(parts, signal, events);
        frame.sentAt()
                .ifPresent(at -> parts.add(new FramePart(
                        Kind.TIME,
                        "_" + IpFrames.stamp(at),
                        "sent, UTC",
                        "The station takes it from 40 s late to 20 s early.")));
        parts.add(new FramePart(Kind.ENVELOPE, "CR", "end", "A carriage return closes the frame."));
        return List.copyOf(parts);
    }

    private static String length(String text) {
        return Text.of("%d bytes from the first quote up to CR, in hexadecimal.", text.length() - 10);
    }

    private static void addRoute(List<FramePart> parts, IpFrame frame) {
        parts.add(new FramePart(
                Kind.ROUTE,
                frame.sequenceDigits(),
                "sequence",
                "Frame number; a resend keeps it, so the station lists it once."));
        if (!frame.receiver().isEmpty()) {
            parts.add(new FramePart(
                    Kind.ROUTE, "R" + frame.receiver(), "receiver", "The receiver number the station asked for."));
        }
        parts.add(new FramePart(Kind.ROUTE, "L" + frame.line(), "line", "The line number the station asked for."));
        parts.add(new FramePart(Kind.ACCOUNT, "#" + frame.account(), "account", "Which site this is."));
    }

    private static void addEvent(List<FramePart> parts, Signal signal, EventTable events) {
        parts.add(new FramePart(
                Kind.EVENT, "[#" + signal.account() + "|", "account", "The account again, as the event's own."));
        parts.add(new FramePart(
                Kind.EVENT,
                String.valueOf(signal.qualifier().digit()),
                signal.qualifier().words(),
                "1 begins, 3 ends, 6 goes on."));
        parts.add(new FramePart(Kind.EVENT, signal.event() + " ", events.words(signal.event()), "The event code."));
        parts.add(new FramePart(Kind.EVENT, signal.areaDigits() + " ", "area", "The area it happened in."));
        parts.add(new FramePart(Kind.EVENT, signal.zoneDigits() + "]", "zone", "The zone it happened at."));
    }
}
