package io.answerback.core.signal.format;

import io.answerback.core.model.common.Text;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/// One block of letters as a line carries it (SIA DC-03): a header with the count of data, a character that
/// says what the data is, the data, and a check that is the exclusive-or of all bytes before it, inverted.
///
/// @param acknowledged whether the receiver is asked to acknowledge it
/// @param function what the data is: `#` for an account, `N` for new events, `O` for old ones
/// @param data 0 to 63 printable characters
public record LineBlock(boolean acknowledged, char function, String data) {
    /// Bytes of a block without data: header, function, check.
    public static final int SHORTEST_BYTES = 3;

    /// The function of a block that names the account.
    public static final char ACCOUNT = '#';

    private static final int LENGTH_BITS = 0x3F;
    private static final int ACKNOWLEDGE_BIT = 0x40;
    private static final int NO_SUM = 0xFF;

    /// @throws IllegalArgumentException when the data is too long, or a character cannot be sent
    public LineBlock {
        if (data.length() > LENGTH_BITS) {
            throw new IllegalArgumentException(
                    Text.of("a block carries up to %d characters; there are %d", LENGTH_BITS, data.length()));
        }
        if (!(function + data).matches("[ -~]*")) {
            throw new IllegalArgumentException(
                    "a block carries letters, digits and signs, not \"" + IpFrames.printable(function + data) + "\"");
        }
    }

    /// The bytes in the order in which they are sent: header, function, data, check.
    public byte[] bytes() {
        byte[] text = text().getBytes(StandardCharsets.US_ASCII);
        byte[] before = new byte[text.length + 1];
        before[0] = (byte) (data.length() | (acknowledged ? ACKNOWLEDGE_BIT : 0));
        System.arraycopy(text, 0, before, 1, text.length);
        byte[] bytes = Arrays.copyOf(before, before.length + 1);
        bytes[before.length] = (byte) check(before);
        return bytes;
    }

    /// How many bytes the block has that begins with a header.
    static int bytesAfter(byte header) {
        return (header & LENGTH_BITS) + SHORTEST_BYTES;
    }

    /// Takes the bytes of one block apart.
    ///
    /// @throws BadFrame when there are fewer than its header says, the check is wrong, or a byte is not
    ///     printable
    public static LineBlock of(byte[] bytes) throws BadFrame {
        int length = bytes.length == 0 ? SHORTEST_BYTES : bytesAfter(bytes[0]);
        if (bytes.length != length) {
            throw new BadFrame(Text.of("the block has %d bytes; its header says %d", bytes.length, length));
        }
        byte[] before = Arrays.copyOf(bytes, length - 1);
        int said = bytes[length - 1] & NO_SUM;
        if (said != check(before)) {
            throw new BadFrame(Text.of("the check is %02X; the other bytes need %02X", said, check(before)));
        }
        String text = new String(before, 1, before.length - 1, StandardCharsets.ISO_8859_1);
        try {
            return new LineBlock((bytes[0] & ACKNOWLEDGE_BIT) != 0, text.charAt(0), text.substring(1));
        } catch (IllegalArgumentException unprintable) {
            throw new BadFrame(unprintable.getMessage());
        }
    }

    private static int check(byte[] bytes) {
        int sum = NO_SUM;
        for (byte next : bytes) {
            sum ^= next & NO_SUM;
        }
        return sum;
    }

    /// Its function and its data, such as `Nri02/BA015`.
    public String text() {
        return function + data;
    }
}
