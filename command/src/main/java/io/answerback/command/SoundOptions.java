package io.answerback.command;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.receiver.ReceiverAbilities;
import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.signal.format.BlockReport;
import io.answerback.core.signal.format.LineBlock;
import io.answerback.core.signal.format.PulseTiming;
import io.answerback.core.signal.sound.CallScript;
import io.answerback.core.signal.sound.LineQuality;
import io.answerback.core.signal.sound.Synthesis;
import io.answerback.files.DataFiles;
import io.answerback.files.exchange.WavFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import picocli.CommandLine.Option;

/// How a signal sounds on a line.
final class SoundOptions {
    private static final int TONE_HANDSHAKE = 1400;
    private static final double BEFORE_MILLIS = 200;

    @Option(names = "--wav", paramLabel = "FILE", description = "writes the call as sound, 8 kHz, 16 bit")
    private Path wav;

    @Option(names = "--rate", description = "pulses a second: 10, 20 or 40 (default: 20)")
    private Integer rate;

    @Option(
            names = "--handshake",
            paramLabel = "HZ",
            description = "the call begins with the receiver's tone, 1400 or 2300, and ends with its acknowledgement")
    private Integer handshake;

    @Option(
            names = "--acknowledge",
            paramLabel = "HZ",
            description = "the tone that acknowledges pulses, 1400, 1800 or 2300 (default: that of --handshake)")
    private Integer acknowledge;

    @Option(names = "--dial", paramLabel = "NUMBER", description = "dials before: digits, *, # and commas for pauses")
    private String number;

    @Option(names = "--loop-disconnect", description = "dials by opening the loop ten times a second")
    private boolean loopDisconnect;

    @Option(names = "--level", paramLabel = "DB", description = "level of the tones (default: -10)")
    private Double level;

    @Option(names = "--noise", paramLabel = "DB", description = "how far noise lies under the tones (default: none)")
    private Double noise;

    @Option(names = "--twist", paramLabel = "DB", description = "how much stronger the higher tones are (default: 0)")
    private Double twist;

    /// Writes the sound where that is asked for.
    ///
    /// @return the file that was written; empty when none was asked for
    Optional<String> write(String format, String frame) throws IOException {
        if (wav == null) {
            if (handshake != null
                    || acknowledge != null
                    || number != null
                    || level != null
                    || noise != null
                    || twist != null) {
                throw new IllegalArgumentException("sound is written with --wav FILE; add it, or leave the rest out");
            }
            timing();
            return Optional.empty();
        }
        ReportFormat chosen = ReportFormat.byId(format)
                .filter(its -> !its.overIp())
                .orElseThrow(() -> new IllegalArgumentException(
                        format + " goes over IP and has no sound; leave out --wav, or use contact-id"));
        WavFile.write(wav, Synthesis.of(script(chosen, frame).call(), line(), new Random(0)));
        return Optional.of(wav.toString());
    }

    private LineQuality line() {
        LineQuality good = LineQuality.GOOD;
        return new LineQuality(
                level == null ? good.levelDecibels() : level,
                noise == null ? good.noiseDecibels() : noise,
                twist == null ? 0 : twist,
                0);
    }

    private CallScript script(ReportFormat format, String frame) {
        CallScript script = new CallScript().silence(BEFORE_MILLIS);
        if (number != null) {
            if (!number.matches("[0-9*#,]{1,32}")) {
                throw new IllegalArgumentException(
                        "number is \"" + number + "\"; write up to 32 digits, *, # and commas for pauses");
            }
            script.dial(number, loopDisconnect ? CallScript.Dialling.LOOP_DISCONNECT : CallScript.Dialling.TONES);
        }
        int tone = handshake == null ? 0 : checked(handshake, ReceiverAbilities.HANDSHAKES, "handshake");
        if (format == ReportFormat.BLOCKS) {
            List<LineBlock> blocks = BlockReport.of(frame).blocks();
            return tone == 0
                    ? script.blocks(blocks)
                    : script.handshakeOfBlocks().blocks(blocks).acknowledgeBlocks();
        }
        if (format == ReportFormat.TONES) {
            return ended(
                    tone == 0 ? script.tones(frame) : script.handshakeOfTones().tones(frame), TONE_HANDSHAKE, tone);
        }
        List<String> rounds = List.of(frame.split(" "));
        return ended(
                tone == 0
                        ? script.pulses(rounds, timing())
                        : script.handshakeOfPulses(tone).pulses(rounds, timing()),
                acknowledge == null
                        ? tone
                        : checked(acknowledge, ReceiverAbilities.ACKNOWLEDGEMENTS, "acknowledge tone"),
                tone);
    }

    private static CallScript ended(CallScript script, int hertz, int asked) {
        return asked == 0 ? script : script.acknowledge(hertz);
    }

    private static int checked(int hertz, List<Integer> known, String what) {
        if (!known.contains(hertz)) {
            throw new IllegalArgumentException(what + " is " + hertz + " Hz; it must be "
                    + Text.either(known.stream().map(String::valueOf).toList()));
        }
        return hertz;
    }

    private PulseTiming timing() {
        int perSecond = rate == null ? 20 : rate;
        return DataFiles.pulseTimings().stream()
                .filter(timing -> timing.pulsesPerSecond() == perSecond)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "rate is " + perSecond + " pulses a second; it must be 10, 20 or 40"));
    }
}
