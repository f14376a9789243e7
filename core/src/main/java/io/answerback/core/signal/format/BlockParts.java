package io.answerback.core.signal.format;

import io.answerback.core.model.common.Text;
import io.answerback.core.signal.format.FramePart.Kind;
import java.util.ArrayList;
import java.util.List;

/// The blocks of a report in letters as runs of bytes, each with what it means.
public final class BlockParts {
    private BlockParts() {}

    /// The runs of a report.
    ///
    /// @param what what the event is, in plain words
    public static List<FramePart> of(BlockReport report, String what) {
        List<FramePart> parts = new ArrayList<>();
        for (LineBlock block : report.blocks()) {
            byte[] bytes = block.bytes();
            boolean account = block.function() == LineBlock.ACCOUNT;
            parts.add(new FramePart(
                    Kind.GUARD,
                    hexadecimal(bytes[0]),
                    "header",
                    Text.of(
                                    "%d characters of data follow the next one; ",
                                    block.data().length())
                            + (block.acknowledged()
                                    ? "the receiver is asked to acknowledge."
                                    : "no acknowledgement is asked for.")));
            parts.add(new FramePart(
                    Kind.FORMAT,
                    String.valueOf(block.function()),
                    account ? "an account" : "events",
                    "What the data is."));
            parts.add(new FramePart(
                    account ? Kind.ACCOUNT : Kind.EVENT,
                    block.data(),
                    account ? "account" : what,
                    account ? "Which site this is." : "Area, two letters, and the zone or user."));
            parts.add(new FramePart(
                    Kind.GUARD,
                    hexadecimal(bytes[bytes.length - 1]),
                    "check",
                    "The exclusive-or of all bytes of the block, inverted."));
        }
        return List.copyOf(parts);
    }

    private static String hexadecimal(byte value) {
        return Text.of("%02X", value);
    }
}
