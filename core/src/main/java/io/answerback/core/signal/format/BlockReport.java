package io.answerback.core.signal.format;

import io.answerback.core.signal.event.Signal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// One event in letters on a line: a block with the account, and one with the event, which the receiver is asked to
/// acknowledge (SIA DC-03).
///
/// @param blocks the blocks in the order in which they are sent
public record BlockReport(List<LineBlock> blocks) {
    private static final String BETWEEN = "|";

    public BlockReport {
        blocks = List.copyOf(blocks);
    }

    /// The blocks of a signal.
    ///
    /// @param letters its two letters
    /// @param name text that goes with it; empty for none
    /// @throws IllegalArgumentException when a block cannot carry it
    public static BlockReport of(Signal signal, String letters, String name) {
        String event = SiaData.of(signal, letters, name);
        return new BlockReport(List.of(
                new LineBlock(false, LineBlock.ACCOUNT, signal.account()),
                new LineBlock(true, event.charAt(0), event.substring(1))));
    }

    /// The blocks that are written as [#text] writes them.
    ///
    /// @throws IllegalArgumentException when it is written otherwise
    public static BlockReport of(String text) {
        int bar = text.indexOf(BETWEEN);
        if (bar < 2 || text.charAt(0) != LineBlock.ACCOUNT || bar + 1 == text.length()) {
            throw new IllegalArgumentException(
                    "blocks are \"" + IpFrames.printable(text) + "\"; they must be like #7316|Nri02/BA015");
        }
        return new BlockReport(List.of(
                new LineBlock(false, LineBlock.ACCOUNT, text.substring(1, bar)),
                new LineBlock(true, text.charAt(bar + 1), text.substring(bar + 2))));
    }

    /// The reports in what was heard: each block of events with the account that stands before it, as [#text] writes
    /// them.
    ///
    /// @param bytes blocks one after the other
    /// @throws BadFrame when a block is damaged, or events come before an account; the message says which block
    public static List<String> texts(byte[] bytes) throws BadFrame {
        List<String> reports = new ArrayList<>();
        String account = "";
        int number = 0;
        for (LineBlock block : blocks(bytes)) {
            number++;
            if (block.function() == LineBlock.ACCOUNT) {
                account = block.text();
            } else if (account.isEmpty()) {
                throw new BadFrame("block " + number + " has events, and no account came before it");
            } else {
                reports.add(account + BETWEEN + block.text());
            }
        }
        return List.copyOf(reports);
    }

    private static List<LineBlock> blocks(byte[] bytes) throws BadFrame {
        List<LineBlock> blocks = new ArrayList<>();
        int at = 0;
        while (at < bytes.length) {
            int end = Math.min(bytes.length, at + LineBlock.bytesAfter(bytes[at]));
            try {
                blocks.add(LineBlock.of(Arrays.copyOfRange(bytes, at, end)));
            } catch (BadFrame damaged) {
                throw new BadFrame("block " + (blocks.size() + 1) + ": " + damaged.getMessage());
            }
            at = end;
        }
        return blocks;
    }

    /// The account and the event as IP frames write them, such as `#7316|Nri02/BA015`.
    public String text() {
        return String.join(BETWEEN, blocks.stream().map(LineBlock::text).toList());
    }
}
