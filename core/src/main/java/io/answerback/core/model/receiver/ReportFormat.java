package io.answerback.core.model.receiver;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Collectors;

/// The open formats in which an event can reach a receiver.
public enum ReportFormat {
    /// IP frames with event digits: SIA DC-09 with the data of SIA DC-05.
    IP_EVENTS("dc09-cid", "IP, event digits", null),
    /// IP frames with letters: SIA DC-09 with the data of SIA DC-03.
    IP_LETTERS("dc09-sia", "IP, letters", null),
    /// Sixteen digits in tones: SIA DC-05.
    TONES("contact-id", "tones", null),
    /// Blocks of letters by frequency-shift keying at 300 bits a second: SIA DC-03.
    BLOCKS("fsk-sia", "FSK, letters", null),
    /// Account of three digits and one of event, in two equal rounds.
    PULSE_3_1("pulse-3+1", "3+1", new PulseShape(3, 1, false, false)),
    /// Account of four digits and one of event, in two equal rounds.
    PULSE_4_1("pulse-4+1", "4+1", new PulseShape(4, 1, false, false)),
    /// Account of four digits and two of event, in two equal rounds.
    PULSE_4_2("pulse-4+2", "4+2", new PulseShape(4, 2, false, false)),
    /// 3+1, and a second pair of rounds with the zone.
    PULSE_3_1_EXTENDED("pulse-3+1x", "3+1 extended", new PulseShape(3, 1, true, false)),
    /// 4+1, and a second pair of rounds with the zone.
    PULSE_4_1_EXTENDED("pulse-4+1x", "4+1 extended", new PulseShape(4, 1, true, false)),
    /// 4+2 with the last digit of the zone, and a second pair of rounds with the whole of it, in two digits.
    PULSE_4_2_EXTENDED("pulse-4+2x", "4+2 extended", new PulseShape(4, 2, true, false)),
    /// 3+1 in one round with a parity digit.
    PULSE_3_1_PARITY("pulse-3+1p", "3+1 with parity", new PulseShape(3, 1, false, true)),
    /// 4+1 in one round with a parity digit.
    PULSE_4_1_PARITY("pulse-4+1p", "4+1 with parity", new PulseShape(4, 1, false, true)),
    /// 4+2 in one round with a parity digit.
    PULSE_4_2_PARITY("pulse-4+2p", "4+2 with parity", new PulseShape(4, 2, false, true));

    private final String id;
    private final String words;
    private final PulseShape shape;

    ReportFormat(String id, String words, PulseShape shape) {
        this.id = id;
        this.words = words;
        this.shape = shape;
    }

    /// What the command line calls it, such as "pulse-3+1x".
    public String id() {
        return id;
    }

    /// What it is called on screen, such as "3+1 extended".
    public String words() {
        return words;
    }

    /// How many digits its rounds have; empty for a format that is not of pulses.
    public Optional<PulseShape> shape() {
        return Optional.ofNullable(shape);
    }

    /// Whether it goes over IP; otherwise a line is dialled.
    public boolean overIp() {
        return this == IP_EVENTS || this == IP_LETTERS;
    }

    /// Fewest and most digits of the account that it can carry. SIA DC-09 and DC-03 take 3 to 16, SIA DC-05
    /// four.
    public boolean takesAccountOf(int digits) {
        if (overIp() || this == BLOCKS) {
            return digits >= 3 && digits <= 16;
        }
        return digits == accountDigits();
    }

    /// Digits of the account on a line; for IP and letters, where 3 to 16 are taken, the usual four.
    public int accountDigits() {
        return shape == null ? 4 : shape.accountDigits();
    }

    /// The format with this id; empty when there is none.
    public static Optional<ReportFormat> byId(String id) {
        return Arrays.stream(values()).filter(format -> format.id.equals(id)).findFirst();
    }

    /// The ids of all of them, with commas between.
    public static String ids() {
        return Arrays.stream(values()).map(ReportFormat::id).collect(Collectors.joining(", "));
    }
}
