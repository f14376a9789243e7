package io.answerback.core.signal.format;

import io.answerback.core.model.common.Text;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.HexFormat;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Frames of SIA DC-09 to and from text: `LF crc 0LLL "ID" seq Rrcvr Lpref #acct [data][more]_HH:MM:SS,MM-DD-YYYY
/// CR`. For those that are encrypted see [SecretFrames].
///
/// One character is one byte (Latin-1). The check and the length cover the text from the first quote up to CR.
public final class IpFrames {
    private static final Pattern ENVELOPE =
            Pattern.compile("\n([0-9A-Fa-f]{4})0([0-9A-Fa-f]{3})(\".*)\r", Pattern.DOTALL);
    private static final String HEAD =
            "\"([A-Z0-9-]{1,24})\"(\\d{4})(?:R([0-9A-Fa-f]{1,6}))?L([0-9A-Fa-f]{1,6}?)(?:#([0-9A-Fa-f]{3,16})|A0)?\\[";
    private static final Pattern BODY = Pattern.compile(HEAD + "([^\\[\\]]*)\\](.*)", Pattern.DOTALL);
    private static final Pattern TIME = Pattern.compile("_(\\d\\d:\\d\\d:\\d\\d,\\d\\d-\\d\\d-\\d{4})");
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("HH:mm:ss,MM-dd-uuuu", Locale.ROOT).withZone(ZoneOffset.UTC);
    private static final HexFormat HEX = HexFormat.of().withUpperCase();

    private IpFrames() {}

    /// The frame as text from LF to CR.
    public static String encode(IpFrame frame) {
        return enveloped(head(frame, frame.id()) + tail(frame));
    }

    /// A body with its check and length, from LF to CR.
    static String enveloped(String body) {
        return "\n" + HEX.toHexDigits((short) Crc16.of(body)) + HEX.toHexDigits((short) body.length()) + body + "\r";
    }

    /// What stands before the data: id, sequence, receiver, line, account and the bracket.
    static String head(IpFrame frame, String id) {
        return "\"" + id + "\"" + frame.sequenceDigits()
                + (frame.receiver().isEmpty() ? "" : "R" + frame.receiver())
                + "L" + frame.line()
                + (frame.account().isEmpty() ? "A0" : "#" + frame.account()) + "[";
    }

    /// The data and what stands behind it.
    static String tail(IpFrame frame) {
        return frame.data() + "]" + frame.extended()
                + frame.sentAt().map(at -> "_" + stamp(at)).orElse("");
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
        return parsed(body(text));
    }

    /// The body of a frame whose check and length are right.
    static String body(String text) throws BadFrame {
        Matcher envelope = ENVELOPE.matcher(text);
        if (!envelope.matches()) {
            throw new BadFrame(
                    "not a frame: it must be LF, four digits of check, 0 and three of length, a quote, and CR at the end");
        }
        String body = envelope.group(3);
        checkLength(body, Integer.parseInt(envelope.group(2), 16));
        checkCrc(body, envelope.group(1).toUpperCase(Locale.ROOT));
        return body;
    }

    /// A body in the clear, taken apart.
    static IpFrame parsed(String body) throws BadFrame {
        if (body.startsWith("\"*")) {
            throw new BadFrame("the frame is encrypted; its key is needed to read it");
        }
        Matcher fields = BODY.matcher(body);
        if (!fields.matches()) {
            throw unlike(body);
        }
        String behind = fields.group(7);
        int end = endOfExtended(behind);
        String stamp = behind.substring(end);
        Matcher time = TIME.matcher(stamp);
        if (!stamp.isEmpty() && !time.matches()) {
            throw unlike(body);
        }
        return frame(fields, behind.substring(0, end), stamp.isEmpty() ? Optional.empty() : time(time.group(1)));
    }

    private static BadFrame unlike(String body) {
        return new BadFrame("check and length are right, but " + printable(body)
                + " is not \"ID\", sequence, receiver, line, account, [data], time");
    }

    /// Where brackets with further data end, each behind the other. A scan and not a pattern, since a pattern calls
    /// itself once a bracket and thousands of them would be too many.
    private static int endOfExtended(String behind) {
        int at = 0;
        while (at < behind.length() && behind.charAt(at) == '[') {
            int close = behind.indexOf(']', at);
            int open = behind.indexOf('[', at + 1);
            if (close < 0 || open >= 0 && open < close) {
                return at;
            }
            at = close + 1;
        }
        return at;
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

    private static IpFrame frame(Matcher fields, String extended, Optional<Instant> sentAt) {
        return new IpFrame(
                fields.group(1),
                Integer.parseInt(fields.group(2)),
                Optional.ofNullable(fields.group(3)).orElse(""),
                fields.group(4),
                Optional.ofNullable(fields.group(5)).orElse("").toUpperCase(Locale.ROOT),
                fields.group(6),
                extended,
                sentAt);
    }

    private static Optional<Instant> time(String stamp) throws BadFrame {
        try {
            return Optional.of(LocalDateTime.parse(stamp, STAMP).toInstant(ZoneOffset.UTC));
        } catch (DateTimeException wrong) {
            throw new BadFrame("time is " + stamp + "; it must be HH:MM:SS,MM-DD-YYYY");
        }
    }

    /// Text with LF and CR as `\n` and `\r` and other control characters as `\xHH`, fit for one line.
    public static String printable(String text) {
        StringBuilder line = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); i++) {
            char next = text.charAt(i);
            switch (next) {
                case '\n' -> line.append("\\n");
                case '\r' -> line.append("\\r");
                default -> {
                    if (next < ' ' || next > '~') {
                        line.append("\\x").append(next > 0xFF ? HEX.toHexDigits(next) : HEX.toHexDigits((byte) next));
                    } else {
                        line.append(next);
                    }
                }
            }
        }
        return line.toString();
    }
}
