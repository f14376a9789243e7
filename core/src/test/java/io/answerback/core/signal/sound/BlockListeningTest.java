package io.answerback.core.signal.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.signal.format.BlockReport;
import io.answerback.core.signal.format.LineBlock;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/// Blocks of letters that were played are heard again.
class BlockListeningTest {
    private static BlockReport report(int zone) {
        return BlockReport.of(new Signal("7316", Qualifier.NEW, "130", 2, zone), "BA", "Back door");
    }

    private static Recording heard(CallScript script, LineQuality line, long seed) {
        return Listening.to(Synthesis.of(script.call(), line, new Random(seed)), ReportFormat.BLOCKS);
    }

    private static CallScript call(List<LineBlock> blocks) {
        return new CallScript()
                .dial("5550142", CallScript.Dialling.TONES)
                .handshakeOfBlocks()
                .blocks(blocks)
                .acknowledgeBlocks()
                .silence(200);
    }

    @Test
    void aCallIsHeardCharacterByCharacterWithTheReceiversTones() {
        Recording heard = heard(call(report(7).blocks()), LineQuality.GOOD, 1);
        assertThat(heard.reports()).containsExactly("#7316|Nri02/BA007^Back door^");
        assertThat(heard.problems()).isEmpty();
        assertThat(heard.tones()).extracting(HeardTone::hertz).containsExactly(2225, 2225);
        HeardDigit second = heard.digits().get(1);
        assertThat(second.digit()).isEqualTo('#');
        assertThat(second.atMillis() - heard.digits().getFirst().atMillis()).isCloseTo(11000.0 / 300, within(0.6));
        assertThat(second.levelDecibels()).isCloseTo(-10, within(1.0));
    }

    @Property(tries = 60)
    void anyZoneIsHeardOnAnyLineThatIsTaken(
            @ForAll @IntRange(max = 999) int zone,
            @ForAll @IntRange(min = -30, max = -3) int level,
            @ForAll @IntRange(min = 15, max = 60) int noise,
            @ForAll @IntRange(min = -15, max = 15) int error,
            @ForAll long seed) {
        LineQuality line = new LineQuality(level, noise, 0, error / 10.0);
        Recording heard = heard(call(report(zone).blocks()), line, seed);
        assertThat(heard.reports()).containsExactly(report(zone).text());
    }

    @Test
    void severalCallsAreToldApartAndADamagedOneIsSaid() {
        List<LineBlock> onlyEvents = report(7).blocks().subList(1, 2);
        CallScript script = call(report(7).blocks()).silence(5000);
        Recording heard = heard(script.blocks(onlyEvents), LineQuality.GOOD, 1);
        assertThat(heard.reports()).containsExactly(report(7).text());
        assertThat(heard.problems()).containsExactly("block 1 has events, and no account came before it");
        assertThat(heard(new CallScript().silence(400), LineQuality.GOOD, 1).problems())
                .containsExactly("no blocks are heard");
    }

    /// Digits in tones are not taken for characters.
    @Test
    void anotherFormatIsNotReadAsBlocks() {
        CallScript tones =
                new CallScript().handshakeOfTones().tones("7316181302020071").acknowledge(1400);
        assertThat(heard(tones, LineQuality.GOOD, 1).reports()).isEmpty();
    }
}
