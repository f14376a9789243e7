package io.answerback.core.report;

import io.answerback.core.common.Text;
import io.answerback.core.event.Signal;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Frames of SIA DC-09 to and from text: `LF crc 0LLL "ID" seq Rrcvr Lpref #acct [data]_HH:MM:SS,MM-DD-YYYY
/// CR`.
///
/// One character is one byte (Latin-1). The check and the length cover the text from the first quote up to CR.
public final class IpFrames {
    private static final Pattern HEAD = Pattern.compile("\n([0-9A-Fa-f]{4})0([0-9A-Fa-f]{3})(\".*)\r", Pattern.DOTALL);
    private static final Pattern BODY = Pattern.compile(
            "\"([A-Z*-]+)\"(\\d{4})(?:R([0-9A-Fa-f]{1,6}))?L([0-9A-Fa-f]{1,6})(?:#([0-9A-Fa-f]{3,16})|A0)?"
                    + "\\[([^\\[\\]]*)\\](?:_(\\d\\d:\\d\\d:\\d\\d,\\d\\d-\\d\\d-\\d{4}))?");
    private static final Pattern EVENT_DATA =
            Pattern.compile("#([0-9A-Fa-f]{3,16})\\|([0-9A-Fa-f]{4}) (\\d\\d) (\\d{3})");
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("HH:mm:ss,MM-dd-uuuu", Locale.ROOT).withZone(ZoneOffset.UTC);

    private IpFrames() {}

    /// The frame as text from LF to CR.
    public static String encode(IpFrame frame) {
        String body = body(frame);
        return Text.of("\n%04X0%03X%s\r", Crc16.of(body), body.length(), body);
    }

    /// The part of the frame that check and length cover.
    static String body(IpFrame frame) {
        String account = frame.account().isEmpty() ? "A0" : "#" + frame.account();
        return Text.of(
                "\"%s\"%s%sL%s%s[%s]%s",
                frame.id(),
                frame.sequenceDigits(),
                frame.receiver().isEmpty() ? "" : "R" + frame.receiver(),
                frame.line(),
                account,
                frame.data(),
                frame.sentAt().map(at -> "_" + stamp(at)).orElse(""));
    }

    /// A time as frames carry it, in UTC.
    static String stamp(Instant at) {
        return STAMP.format(at);
    }

    /// Takes a frame apart.
    ///
    /// @param text from LF to CR
    /// @throws BadFrame when it is not such a frame: the message names the check, length or field and what was
    ///     expected
    public static IpFrame decode(String text) throws BadFrame {
        Matcher head = HEAD.matcher(text);
        if (!head.matches()) {
            throw new BadFrame(
                    "not a frame: it must be LF, four digits of check, 0 and three of length, a quote, and CR at the end");
        }
        String body = head.group(3);
        checkLength(body, Integer.parseInt(head.group(2), 16));
        checkCrc(body, head.group(1).toUpperCase(Locale.ROOT));
        Matcher fields = BODY.matcher(body);
        if (!fields.matches()) {
            throw new BadFrame("check and length are right, but " + printable(body)
                    + " is not \"ID\", sequence, receiver, line, account, [data], time");
        }
        return frame(fields);
    }

    private static void checkLength(String body, int said) throws BadFrame {
        if (said != body.length()) {
            throw new BadFrame(Text.of(
                    "length says %d bytes (%03X); there are %d (%03X)", said, said, body.length(), body.length()));
        }
    }

    private static void checkCrc(String body, String said) throws BadFrame {
        String right = Text.of("%04X", Crc16.of(body));
        if (!said.equals(right)) {
            throw new BadFrame(Text.of("check says %s; the bytes give %s", said, right));
        }
    }

    private static IpFrame frame(Matcher fields) throws BadFrame {
        return new IpFrame(
                fields.group(1),
                Integer.parseInt(fields.group(2)),
                Optional.ofNullable(fields.group(3)).orElse(""),
                fields.group(4),
                Optional.ofNullable(fields.group(5)).orElse("").toUpperCase(Locale.ROOT),
                fields.group(6),
                time(fields.group(7)));
    }

    private static Optional<Instant> time(String stamp) throws BadFrame {
        if (stamp == null) {
            return Optional.empty();
        }
        try {
            return Optional.of(LocalDateTime.parse(stamp, STAMP).toInstant(ZoneOffset.UTC));
        } catch (DateTimeException wrong) {
            throw new BadFrame("time is " + stamp + "; it must be HH:MM:SS,MM-DD-YYYY");
        }
    }

    /// The signal inside an `ADM-CID` frame.
    ///
    /// @throws BadFrame when the frame is of another kind or its data is not an event
    public static Signal signal(IpFrame frame) throws BadFrame {
        if (!frame.id().equals(IpFrame.CONTACT_ID)) {
            throw new BadFrame("frames of kind " + frame.id() + " are not served here; send ADM-CID");
        }
        Matcher data = EVENT_DATA.matcher(frame.data());
        if (!data.matches()) {
            throw new BadFrame("data is [" + printable(frame.data()) + "]; it must be [#account|Qxyz gg ccc]");
        }
        String account = data.group(1).toUpperCase(Locale.ROOT);
        if (!account.equals(frame.account())) {
            throw new BadFrame("data names account " + account + ", the frame " + frame.account());
        }
        return ContactId.parts(account, data.group(2).toUpperCase(Locale.ROOT) + data.group(3) + data.group(4));
    }

    /// Text with LF and CR as `\n` and `\r` and other control characters as `\xHH`, fit for one line.
    public static String printable(String text) {
        StringBuilder line = new StringBuilder();
        text.chars()
                .forEach(next -> line.append(
                        switch (next) {
                            case '\n' -> "\\n";
                            case '\r' -> "\\r";
                            default -> next < ' ' || next > '~' ? Text.of("\\x%02X", next) : Character.toString(next);
                        }));
        return line.toString();
    }
}
