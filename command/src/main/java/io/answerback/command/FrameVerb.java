package io.answerback.command;

import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.signal.event.EventClass;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.BlockReport;
import io.answerback.core.signal.format.ContactId;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpFrames;
import io.answerback.core.signal.format.PulseReport;
import io.answerback.core.signal.format.SecretFrames;
import io.answerback.files.BrokenFile;
import io.answerback.files.DataFiles;
import java.io.IOException;
import java.security.SecureRandom;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import tools.jackson.databind.node.ObjectNode;

/// One signal in one format.
@Command(name = "frame", description = "one signal in one format", mixinStandardHelpOptions = true)
final class FrameVerb implements Callable<Integer> {
    private static final String SUPERVISION = "dc09-null";

    @Option(
            names = "--format",
            required = true,
            description =
                    "dc09-cid, dc09-sia, dc09-null, contact-id, fsk-sia, pulse-3+1, pulse-4+1, pulse-4+2, with x behind"
                            + " for extended or p for parity")
    private String format;

    @Option(names = "--account", required = true, description = "3 to 16 hexadecimal digits")
    private String account;

    @Option(
            names = "--event",
            description = "three digits, such as 130; for pulses also one event digit of 0-9 and B-F")
    private String event;

    @Option(names = "--qualifier", defaultValue = "1", description = "1 or new, 3 or restore, 6 or still")
    private String qualifier;

    @Option(names = "--area", defaultValue = "0", description = "0 to 99")
    private int area;

    @Option(names = "--zone", defaultValue = "0", description = "0 to 999")
    private int zone;

    @ArgGroup(exclusive = false, heading = "IP frames only:%n")
    private IpOptions ip = new IpOptions();

    @Mixin
    private KeyOption key;

    @ArgGroup(exclusive = false, heading = "Sound:%n")
    private SoundOptions sound = new SoundOptions();

    @Option(names = "--json", description = "answer as one JSON document")
    private boolean json;

    private final EventTable events = DataFiles.events();

    @Override
    public Integer call() throws BrokenFile, IOException {
        String frame = format.equals(SUPERVISION) ? nothing() : event();
        ObjectNode report = Json.object().put("format", format).put("frame", frame);
        sound.write(format, frame).ifPresent(file -> report.put("wav", file));
        System.out.println(json ? Json.text(report) : IpFrames.printable(frame));
        return 0;
    }

    private String nothing() throws BrokenFile {
        if (event != null || zone != 0 || area != 0) {
            throw new IllegalArgumentException(
                    "dc09-null carries no event, area or zone; leave them out, or use dc09-cid or dc09-sia");
        }
        return text(IpFrame.ofNothing(
                account.toUpperCase(Locale.ROOT), ip.sequence(), ip.receiver(), ip.line(), ip.time()));
    }

    private String event() throws BrokenFile {
        ReportFormat chosen = ReportFormat.byId(format)
                .orElseThrow(() -> new IllegalArgumentException(
                        "format is \"" + format + "\"; there are " + ReportFormat.ids() + ", " + SUPERVISION));
        if (event == null) {
            throw new IllegalArgumentException("say the event with --event, such as 130");
        }
        if (!chosen.overIp()) {
            ip.refuse(format, chosen == ReportFormat.BLOCKS);
            key.refuse(format);
        }
        if (chosen.shape().isPresent() && event.matches("[0-9B-F]")) {
            return PulseReport.of(signal("130"), chosen, event.charAt(0)).text();
        }
        EventClass row = events.find(event)
                .orElseThrow(() -> new IllegalArgumentException(
                        "event is \"%s\", which is in no table; write one of the table's three digits, such as 130"
                                .formatted(event)));
        Signal signal = signal(event);
        return switch (chosen) {
            case IP_EVENTS -> text(IpFrame.of(signal, ip.sequence(), ip.receiver(), ip.line(), ip.time()));
            case IP_LETTERS ->
                text(IpFrame.ofLetters(
                        signal, letters(signal), ip.name(), ip.sequence(), ip.receiver(), ip.line(), ip.time()));
            case BLOCKS -> BlockReport.of(signal, letters(signal), ip.name()).text();
            case TONES -> ContactId.encode(signal);
            case PULSE_3_1,
                    PULSE_4_1,
                    PULSE_4_2,
                    PULSE_3_1_EXTENDED,
                    PULSE_4_1_EXTENDED,
                    PULSE_4_2_EXTENDED,
                    PULSE_3_1_PARITY,
                    PULSE_4_1_PARITY,
                    PULSE_4_2_PARITY ->
                PulseReport.of(signal, chosen, digit(row, signal)).text();
        };
    }

    private Signal signal(String code) {
        return new Signal(account, qualifier(), code, area, zone);
    }

    private static String letters(Signal signal) {
        return DataFiles.letters()
                .of(signal)
                .orElseThrow(() -> new IllegalArgumentException("event " + signal.event() + " has no letters for its "
                        + signal.qualifier().words()));
    }

    private String text(IpFrame frame) throws BrokenFile {
        return key.one()
                .map(its -> SecretFrames.encode(frame, its, new SecureRandom()))
                .orElseGet(() -> IpFrames.encode(frame));
    }

    private static char digit(EventClass row, Signal signal) {
        if (signal.qualifier() != Qualifier.RESTORE) {
            return row.pulse().digit();
        }
        return row.pulse()
                .restore()
                .orElseThrow(() -> new IllegalArgumentException("event " + row.code()
                        + " has no digit for its restore in pulses; write one event digit, such as --event E"));
    }

    private Qualifier qualifier() {
        return switch (qualifier.toLowerCase(Locale.ROOT)) {
            case "new" -> Qualifier.NEW;
            case "restore" -> Qualifier.RESTORE;
            case "still" -> Qualifier.STILL_PRESENT;
            default -> Qualifier.of(qualifier.length() == 1 ? qualifier.charAt(0) : '?');
        };
    }
}
