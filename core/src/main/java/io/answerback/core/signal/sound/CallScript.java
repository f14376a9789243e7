package io.answerback.core.signal.sound;

import io.answerback.core.signal.format.LineBlock;
import io.answerback.core.signal.format.PulseReport;
import io.answerback.core.signal.format.PulseTiming;
import io.answerback.core.signal.sound.Segment.Side;
import java.util.ArrayList;
import java.util.List;

/// Writes a call down, step by step.
///
/// Times of tones are those of SIA DC-05: handshake 1400 Hz and 2300 Hz of 100 ms each with 100 ms between, 250
/// to 300 ms until the first digit, digits of 50 ms with 50 ms between, and 1400 Hz of at least 750 ms as
/// acknowledgement. Times of pulses are data; see [PulseTiming]. Blocks of letters are those of SIA DC-03 at
/// 300 bits a second.
public final class CallScript {
    private static final double DIAL_TMARK_HERTZ = 425;
    private static final double DIAL_TONE_MILLIS = 400;
    private static final double DIALLED_MILLIS = 70;
    private static final double COMMA_MILLIS = 1000;
    private static final double RING_MILLIS = 1000;
    private static final double BREAK_MILLIS = 60;
    private static final double MAKE_MILLIS = 40;
    private static final double BETWEEN_DIALLED_MILLIS = 700;
    private static final double TONE_MILLIS = 50;
    private static final double HANDSHAKE_MILLIS = 100;
    private static final double BEFORE_DIGITS_MILLIS = 275;
    private static final double PULSE_HANDSHAKE_MILLIS = 500;
    private static final double KISS_OFF_MILLIS = 800;
    private static final double BEFORE_BLOCK_MILLIS = 100;
    private static final double AFTER_BLOCK_MILLIS = 20;
    private static final int LOW_TONE = 1400;
    private static final int HIGH_TONE = 2300;

    private final List<Segment> segments = new ArrayList<>();

    /// How the number is dialled.
    public enum Dialling {
        /// By pairs of tones.
        TONES,
        /// By opening the loop ten times a second.
        LOOP_DISCONNECT
    }

    private void add(Side from, String step, char digit, double millis, double... hertz) {
        List<Double> tones = new ArrayList<>();
        for (double one : hertz) {
            tones.add(one);
        }
        segments.add(new Segment(from, step, digit, List.copyOf(tones), millis));
    }

    /// So much silence, in milliseconds, that belongs to no step.
    public CallScript silence(double millis) {
        add(Side.LINE, "", ' ', millis);
        return this;
    }

    /// Lifts the line and dials a number, and the exchange rings.
    ///
    /// @param number digits, `*`, `#`, and commas for pauses
    public CallScript dial(String number, Dialling how) {
        add(Side.LINE, "seizes the line", ' ', DIAL_TONE_MILLIS, DIAL_TMARK_HERTZ);
        long digits = number.chars().filter(next -> next != ',').count();
        String step = "dials " + digits + " digits";
        for (char next : number.toCharArray()) {
            if (next == ',') {
                add(Side.PANEL, step, ' ', COMMA_MILLIS);
            } else if (how == Dialling.TONES) {
                dialTones(step, next);
            } else if (Character.isDigit(next)) {
                dialPulses(step, next);
            }
        }
        add(Side.LINE, "rings", ' ', RING_MILLIS, DIAL_TMARK_HERTZ);
        add(Side.LINE, "", ' ', BEFORE_DIGITS_MILLIS);
        return this;
    }

    private void dialTones(String step, char digit) {
        char hexadecimal = digit == '*' ? 'B' : digit == '#' ? 'C' : digit;
        if (hexadecimal == '+') {
            return;
        }
        add(Side.PANEL, step, ' ', DIALLED_MILLIS, DtmfDigit.hertz(hexadecimal));
        add(Side.PANEL, step, ' ', DIALLED_MILLIS);
    }

    private void dialPulses(String step, char digit) {
        int pulses = digit == '0' ? 10 : digit - '0';
        for (int i = 0; i < pulses; i++) {
            add(Side.PANEL, step, ' ', BREAK_MILLIS);
            add(Side.PANEL, step, ' ', MAKE_MILLIS);
        }
        add(Side.PANEL, step, ' ', BETWEEN_DIALLED_MILLIS);
    }

    /// The receiver asks for digits in tones.
    public CallScript handshakeOfTones() {
        add(Side.RECEIVER, "hears 1400 and 2300 Hz", ' ', HANDSHAKE_MILLIS, LOW_TONE);
        add(Side.RECEIVER, "hears 1400 and 2300 Hz", ' ', HANDSHAKE_MILLIS);
        add(Side.RECEIVER, "hears 1400 and 2300 Hz", ' ', HANDSHAKE_MILLIS, HIGH_TONE);
        return silence(BEFORE_DIGITS_MILLIS);
    }

    /// The receiver asks for pulses.
    ///
    /// @param hertz its tone: 1400 or 2300
    public CallScript handshakeOfPulses(int hertz) {
        add(Side.RECEIVER, "hears " + hertz + " Hz", ' ', PULSE_HANDSHAKE_MILLIS, hertz);
        return silence(BEFORE_DIGITS_MILLIS);
    }

    /// Sends digits in tones.
    ///
    /// @throws IllegalArgumentException when a digit has no tones
    public CallScript tones(String digits) {
        for (char digit : digits.toCharArray()) {
            add(Side.PANEL, digits, digit, TONE_MILLIS, DtmfDigit.hertz(digit));
            add(Side.PANEL, digits, digit, TONE_MILLIS);
        }
        return silence(BEFORE_DIGITS_MILLIS);
    }

    /// Sends rounds of pulses.
    ///
    /// @throws IllegalArgumentException when a character is not one of 0-9 and B-F
    public CallScript pulses(List<String> rounds, PulseTiming timing) {
        for (int i = 0; i < rounds.size(); i++) {
            round(rounds.get(i), timing);
            silence(i + 1 < rounds.size() ? timing.roundGapMillis() : BEFORE_DIGITS_MILLIS);
        }
        return this;
    }

    private void round(String round, PulseTiming timing) {
        for (int place = 0; place < round.length(); place++) {
            char digit = round.charAt(place);
            int pulses = PulseReport.pulses(digit);
            for (int pulse = 1; pulse <= pulses; pulse++) {
                boolean last = pulse == pulses;
                boolean end = last && place == round.length() - 1;
                add(Side.PANEL, round, digit, timing.onMillis(), timing.dataHertz());
                if (!end) {
                    add(Side.PANEL, round, last ? ' ' : digit, last ? timing.digitGapMillis() : timing.offMillis());
                }
            }
        }
    }

    /// The receiver asks for blocks.
    public CallScript handshakeOfBlocks() {
        add(Side.RECEIVER, "hears " + Modem.RECEIVER_HERTZ + " Hz", ' ', PULSE_HANDSHAKE_MILLIS, Modem.RECEIVER_HERTZ);
        return silence(BEFORE_DIGITS_MILLIS);
    }

    /// Sends blocks of letters, with mark before, between and after them.
    public CallScript blocks(List<LineBlock> blocks) {
        for (LineBlock block : blocks) {
            add(Side.PANEL, block.text(), ' ', BEFORE_BLOCK_MILLIS, Modem.MARK_HERTZ);
            for (byte next : block.bytes()) {
                character(block.text(), next);
            }
            add(Side.PANEL, block.text(), ' ', AFTER_BLOCK_MILLIS, Modem.MARK_HERTZ);
        }
        return silence(BEFORE_DIGITS_MILLIS);
    }

    private void character(String step, byte value) {
        for (boolean bit : Modem.bits(value)) {
            add(Side.PANEL, step, ' ', Modem.BIT_MILLIS, bit ? Modem.MARK_HERTZ : Modem.SPACE_HERTZ);
        }
    }

    /// The receiver acknowledges blocks.
    public CallScript acknowledgeBlocks() {
        return acknowledge(Modem.RECEIVER_HERTZ);
    }

    /// The receiver acknowledges.
    ///
    /// @param hertz its tone: 1400, or for pulses also 1800 or 2300
    public CallScript acknowledge(int hertz) {
        add(Side.RECEIVER, "acknowledged", ' ', KISS_OFF_MILLIS, hertz);
        return this;
    }

    /// The call as it was written down.
    public Call call() {
        return new Call(segments);
    }
}
