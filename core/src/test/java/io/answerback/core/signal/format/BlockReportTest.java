package io.answerback.core.signal.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import java.io.ByteArrayOutputStream;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/// Letters in blocks: header, function, data and check.
class BlockReportTest {
    private static final BlockReport BURGLARY =
            BlockReport.of(new Signal("7316", Qualifier.NEW, "130", 2, 7), "BA", "");

    private static byte[] bytes(BlockReport report) {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        report.blocks().forEach(block -> all.writeBytes(block.bytes()));
        return all.toByteArray();
    }

    /// By hand: 04 ^ 23 ^ 37 ^ 33 ^ 31 ^ 36 is 24, inverted DB; of the event it is 06, inverted F9. It has ten
    /// characters and asks for an acknowledgement, 40 + 0A.
    @Test
    void theAccountAndTheEventAreABlockEach() {
        assertThat(BURGLARY.text()).isEqualTo("#7316|Nri02/BA007");
        assertThat(BURGLARY.blocks().getFirst().bytes())
                .isEqualTo(HexFormat.of().parseHex("042337333136DB"));
        assertThat(BURGLARY.blocks().getLast().bytes())
                .isEqualTo(HexFormat.of().parseHex("4A4E726930322F4241303037F9"));
    }

    @Test
    void blocksAreReadAgainWithTheAccountBeforeThem() throws BadFrame {
        assertThat(BlockReport.texts(bytes(BURGLARY))).containsExactly(BURGLARY.text());
        assertThat(BlockReport.of(BURGLARY.text())).isEqualTo(BURGLARY);
        byte[] event = BURGLARY.blocks().getLast().bytes();
        assertThatThrownBy(() -> BlockReport.texts(event)).hasMessageContaining("no account came before it");
        assertThatThrownBy(() -> BlockReport.texts(Arrays.copyOf(bytes(BURGLARY), 12)))
                .hasMessage("block 2: the block has 5 bytes; its header says 13");
        assertThatThrownBy(() -> BlockReport.of("7316 BA")).hasMessageContaining("#7316|Nri02/BA015");
        assertThatThrownBy(() -> new LineBlock(true, 'N', "x".repeat(64))).hasMessageContaining("up to 63");
    }

    /// One changed bit anywhere is refused: in the header the length or the check is wrong, elsewhere the check.
    @Property(tries = 200)
    void oneWrongBitIsNeverRead(@ForAll @IntRange(max = 19) int at, @ForAll @IntRange(max = 6) int bit) {
        byte[] bytes = bytes(BURGLARY);
        bytes[at] ^= (byte) (1 << bit);
        assertThatThrownBy(() -> BlockReport.texts(bytes)).isInstanceOf(BadFrame.class);
    }

    @Property(tries = 300)
    void rubbishIsRefusedAndNothingElse(@ForAll byte[] rubbish) {
        try {
            List<String> read = BlockReport.texts(rubbish);
            assertThat(read).allMatch(text -> text.startsWith("#"));
        } catch (BadFrame refused) {
            assertThat(refused.getMessage()).startsWith("block ");
        }
    }
}
