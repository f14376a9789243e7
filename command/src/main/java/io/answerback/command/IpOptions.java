package io.answerback.command;

import java.time.Instant;
import java.time.InstantSource;
import java.time.format.DateTimeParseException;
import java.util.Locale;
import picocli.CommandLine.Option;

/// What only an IP frame carries.
final class IpOptions {
    @Option(names = "--seq", description = "sequence, 1 to 9999 (default: 1)")
    private Integer sequence;

    @Option(names = "--time", description = "time, as 2026-05-12T09:41:07Z (default: now)")
    private String time;

    @Option(names = "--receiver", description = "receiver number, 1 to 6 hexadecimal digits (R field)")
    private String receiver;

    @Option(names = "--line", description = "line number, 1 to 6 hexadecimal digits (L field; default: 0)")
    private String line;

    @Option(names = "--name", description = "text for the operator (dc09-sia)")
    private String name;

    int sequence() {
        return sequence == null ? 1 : sequence;
    }

    String receiver() {
        return receiver == null ? "" : number("receiver", receiver);
    }

    String line() {
        return line == null ? "0" : number("line", line);
    }

    String name() {
        return name == null ? "" : name;
    }

    /// SIA DC-09 5.5.1: one to six hexadecimal digits.
    private static String number(String what, String typed) {
        if (!typed.matches("[0-9A-Fa-f]{1,6}")) {
            throw new IllegalArgumentException(
                    "%s number is \"%s\"; write 1 to 6 hexadecimal digits, such as 1A".formatted(what, typed));
        }
        return typed.toUpperCase(Locale.ROOT);
    }

    Instant time() {
        if (time == null) {
            return InstantSource.system().instant();
        }
        try {
            return Instant.parse(time);
        } catch (DateTimeParseException wrong) {
            throw new IllegalArgumentException("time is \"" + time + "\"; write it as 2026-05-12T09:41:07Z");
        }
    }

    /// For a format that goes over a line.
    ///
    /// @param named whether it carries a name
    void refuse(String format, boolean named) {
        if (sequence != null || time != null || receiver != null || line != null || name != null && !named) {
            throw new IllegalArgumentException(
                    format + " carries no sequence, time, receiver, line or name; leave them out, or use dc09-cid");
        }
    }
}
