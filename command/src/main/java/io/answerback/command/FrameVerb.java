package io.answerback.command;

import io.answerback.core.event.Qualifier;
import io.answerback.core.event.Signal;
import io.answerback.core.report.ContactId;
import io.answerback.core.report.IpFrame;
import io.answerback.core.report.IpFrames;
import io.answerback.files.DataFiles;
import java.time.Instant;
import java.time.InstantSource;
import java.time.format.DateTimeParseException;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/// One signal in one format.
@Command(name = "frame", description = "one signal in one format", mixinStandardHelpOptions = true)
final class FrameVerb implements Callable<Integer> {
    @Option(names = "--format", required = true, description = "contact-id or dc09-cid")
    private String format;

    @Option(names = "--account", required = true, description = "3 to 16 hexadecimal digits")
    private String account;

    @Option(names = "--event", required = true, description = "three digits, such as 130")
    private String event;

    @Option(names = "--qualifier", required = true, description = "1 or new, 3 or restore, 6 or still")
    private String qualifier;

    @Option(names = "--area", required = true, description = "0 to 99")
    private int area;

    @Option(names = "--zone", required = true, description = "0 to 999")
    private int zone;

    @Option(names = "--seq", description = "sequence of an IP frame, 1 to 9999 (default: 1)")
    private Integer sequence;

    @Option(names = "--time", description = "time of an IP frame, as 2026-05-12T09:41:07Z (default: now)")
    private String time;

    @Option(names = "--receiver", description = "receiver number of an IP frame, 1 to 6 hexadecimal digits (R field)")
    private String receiver;

    @Option(
            names = "--line",
            description = "line number of an IP frame, 1 to 6 hexadecimal digits (L field; default: 0)")
    private String line;

    @Option(names = "--json", description = "answer as one JSON document")
    private boolean json;

    @Override
    public Integer call() {
        if (DataFiles.events().find(event).isEmpty()) {
            throw new IllegalArgumentException(
                    "event is \"%s\", which is in no table; write one of the table's three digits, such as 130"
                            .formatted(event));
        }
        Signal signal = new Signal(account, qualifier(), event, area, zone);
        String frame = switch (format) {
            case "contact-id" -> withoutIpFields(ContactId.encode(signal));
            case "dc09-cid" -> IpFrames.encode(ipFrame(signal));
            default ->
                throw new IllegalArgumentException("format is \"" + format + "\"; there are contact-id and dc09-cid");
        };
        String printable = IpFrames.printable(frame);
        System.out.println(json ? Json.text(Json.object().put("format", format).put("frame", frame)) : printable);
        return 0;
    }

    private IpFrame ipFrame(Signal signal) {
        String its = receiver == null ? "" : number("receiver", receiver);
        String onLine = line == null ? "0" : number("line", line);
        return IpFrame.of(signal, sequence == null ? 1 : sequence, its, onLine, time());
    }

    /// SIA DC-09 5.5.1: one to six hexadecimal digits.
    private static String number(String what, String typed) {
        if (!typed.matches("[0-9A-Fa-f]{1,6}")) {
            throw new IllegalArgumentException(
                    "%s number is \"%s\"; write 1 to 6 hexadecimal digits, such as 1A".formatted(what, typed));
        }
        return typed.toUpperCase(Locale.ROOT);
    }

    private String withoutIpFields(String frame) {
        if (sequence != null || time != null || receiver != null || line != null) {
            throw new IllegalArgumentException(
                    "contact-id carries no sequence, time, receiver or line; leave them out, or use dc09-cid");
        }
        return frame;
    }

    private Qualifier qualifier() {
        return switch (qualifier.toLowerCase(Locale.ROOT)) {
            case "new" -> Qualifier.NEW;
            case "restore" -> Qualifier.RESTORE;
            case "still" -> Qualifier.STILL_PRESENT;
            default -> Qualifier.of(qualifier.length() == 1 ? qualifier.charAt(0) : '?');
        };
    }

    private Instant time() {
        if (time == null) {
            return InstantSource.system().instant();
        }
        try {
            return Instant.parse(time);
        } catch (DateTimeParseException wrong) {
            throw new IllegalArgumentException("time is \"" + time + "\"; write it as 2026-05-12T09:41:07Z");
        }
    }
}
