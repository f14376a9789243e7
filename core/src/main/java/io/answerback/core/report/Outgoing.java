package io.answerback.core.report;

import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.BadFrame;
import io.answerback.core.signal.format.BlockParts;
import io.answerback.core.signal.format.BlockReport;
import io.answerback.core.signal.format.ContactId;
import io.answerback.core.signal.format.FramePart;
import io.answerback.core.signal.format.IpFrame;
import io.answerback.core.signal.format.IpFrameParts;
import io.answerback.core.signal.format.IpSignals;
import io.answerback.core.signal.format.PulseParts;
import io.answerback.core.signal.format.PulseReport;
import io.answerback.core.signal.format.PulseTiming;
import io.answerback.core.signal.format.ToneParts;
import io.answerback.core.signal.printout.Printer;
import io.answerback.core.signal.sound.Call;
import io.answerback.core.signal.sound.CallScript;
import java.time.Instant;
import java.util.List;

/// What is sent to one receiver for one event: a frame over IP, digits in tones, blocks of letters, or rounds of
/// pulses.
public sealed interface Outgoing {
    /// What it is, piece by piece, each with what it means.
    List<FramePart> parts();

    /// What it is, in one line: the data of a frame, digits, account and event in letters, or rounds with blanks
    /// between.
    default String text() {
        return switch (this) {
            case Frame its -> its.frame().data();
            case Tones its -> its.digits();
            case Blocks its -> its.report().text();
            case Pulses its -> its.report().text();
        };
    }

    /// An IP frame.
    record Frame(IpFrame frame, List<FramePart> parts) implements Outgoing {}

    /// Sixteen digits in tones.
    record Tones(String digits, List<FramePart> parts) implements Outgoing {}

    /// Blocks of letters on a line.
    record Blocks(BlockReport report, List<FramePart> parts) implements Outgoing {}

    /// Rounds of pulses.
    record Pulses(PulseReport report, PulseTiming timing, List<FramePart> parts) implements Outgoing {}

    /// What is sent.
    ///
    /// @param given the signal under the account of its area
    /// @param sequence sequence of an IP frame, 1 to 9999
    /// @param name text for the operator, for a format that carries it; empty for none
    /// @param at time stamp of an IP frame
    /// @throws IllegalArgumentException when the format cannot carry it, saying what cannot be carried
    static Outgoing of(Receiver receiver, Signal given, int sequence, String name, Instant at, ReportTables tables) {
        Printer printer = new Printer(receiver.reception(), tables.events(), tables.letters());
        Signal signal = printer.under(given);
        return switch (receiver.format()) {
            case IP_EVENTS ->
                frame(IpFrame.of(signal, sequence, receiver.receiverNumber(), receiver.linePrefix(), at), tables);
            case IP_LETTERS -> frame(letters(receiver, signal, sequence, name, at, tables), tables);
            case BLOCKS -> blocks(signal, name, tables);
            case TONES -> new Tones(ContactId.encode(signal), ToneParts.of(signal, tables.events()));
            case PULSE_3_1,
                    PULSE_4_1,
                    PULSE_4_2,
                    PULSE_3_1_EXTENDED,
                    PULSE_4_1_EXTENDED,
                    PULSE_4_2_EXTENDED,
                    PULSE_3_1_PARITY,
                    PULSE_4_1_PARITY,
                    PULSE_4_2_PARITY -> pulses(receiver, signal, printer, tables);
        };
    }

    private static IpFrame letters(
            Receiver receiver, Signal signal, int sequence, String name, Instant at, ReportTables tables) {
        String letters = letters(signal, tables);
        return IpFrame.ofLetters(signal, letters, name, sequence, receiver.receiverNumber(), receiver.linePrefix(), at);
    }

    private static String letters(Signal signal, ReportTables tables) {
        return tables.letters()
                .of(signal)
                .orElseThrow(
                        () -> new IllegalArgumentException("event " + signal.event() + " has no letters for this"));
    }

    private static Outgoing blocks(Signal signal, String name, ReportTables tables) {
        BlockReport report = BlockReport.of(signal, letters(signal, tables), name);
        return new Blocks(report, BlockParts.of(report, tables.events().words(signal)));
    }

    private static Outgoing frame(IpFrame frame, ReportTables tables) {
        try {
            return new Frame(frame, IpFrameParts.of(frame, new IpSignals(tables.letters()), tables.events()));
        } catch (BadFrame unread) {
            throw new IllegalArgumentException(unread.getMessage(), unread);
        }
    }

    private static Outgoing pulses(Receiver receiver, Signal signal, Printer printer, ReportTables tables) {
        ReportFormat format = receiver.format();
        char digit = printer.eventDigit(signal)
                .orElseThrow(() -> new IllegalArgumentException("event " + signal.event() + ", "
                        + signal.qualifier().words() + ", has no digit in pulses: the receiver never hears it"));
        PulseReport report = PulseReport.of(signal, format, digit);
        PulseTiming timing = tables.timing(receiver.reception().pulsesPerSecond());
        return new Pulses(report, timing, PulseParts.of(report, tables.events().words(signal)));
    }

    /// The call that brings it to a receiver on a line, dialling by tones.
    ///
    /// @throws IllegalArgumentException when it goes over IP
    static Call call(Outgoing report, Receiver receiver) {
        String number = receiver.reception().phone();
        CallScript script = new CallScript();
        if (!number.isEmpty()) {
            script.dial(number, CallScript.Dialling.TONES);
        }
        int handshake = receiver.reception().abilities().handshakeHertz();
        return switch (report) {
            case Frame frame -> throw new IllegalArgumentException("a frame over IP has no call");
            case Tones tones ->
                script.handshakeOfTones()
                        .tones(tones.digits())
                        .acknowledge(1400)
                        .call();
            case Blocks blocks ->
                script.handshakeOfBlocks()
                        .blocks(blocks.report().blocks())
                        .acknowledgeBlocks()
                        .call();
            case Pulses pulses ->
                script.handshakeOfPulses(handshake)
                        .pulses(pulses.report().rounds(), pulses.timing())
                        .acknowledge(receiver.reception().abilities().acknowledgeHertz())
                        .call();
        };
    }
}
