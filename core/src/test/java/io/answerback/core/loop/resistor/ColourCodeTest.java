package io.answerback.core.loop.resistor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ColourCodeTest {
    private static List<BandColour> bands(String words) {
        return Arrays.stream(words.split(" "))
                .map(word -> BandColour.valueOf(word.toUpperCase(Locale.ROOT)))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        // first digit from the left, as the standard's examples have it
        "red red red gold, 2200, 5",
        "yellow violet red gold, 4700, 5",
        "yellow violet black brown brown, 4700, 1",
        "red red black brown brown, 2200, 1",
        "brown black black gold, 10, 5",
        "green blue gold silver, 5.6, 10",
        "orange white black red brown red, 39000, 1",
        "brown black orange orange violet, 103000, 0.1"
    })
    void readsBandsFromTheLeft(String words, double ohms, double tolerance) {
        MarkedResistor read = ColourCode.read(bands(words)).likely().orElseThrow();
        assertThat(read.ohms()).isCloseTo(ohms, within(ohms * 1e-9));
        assertThat(read.tolerancePercent()).isEqualTo(tolerance);
    }

    @Test
    void aGoldBandAtTheLeftSaysItLiesTheOtherWay() {
        var read = ColourCode.read(bands("gold red red red"));
        assertThat(read.likely().orElseThrow().ohms()).isEqualTo(2200);
        assertThat(read.ambiguous()).isFalse();
    }

    @Test
    void twoReadingsThatAreBothMadeAreAmbiguous() {
        // 120 Ω ±1 % from the left, 1k1 … from the right: brown red black black brown = 120; turned brown black black
        // red brown = 10 k
        var read = ColourCode.read(bands("brown red black black brown"));
        assertThat(read.likely().orElseThrow().ohms()).isEqualTo(120);
        assertThat(read.other().orElseThrow().ohms()).isEqualTo(10_000);
    }

    @Test
    void aValueThatIsMadeWinsOverOneThatIsNot() {
        // from the left 13 × 100 Ω ±2 %; from the right 22 × 1000 Ω ±1 %: both are made
        assertThat(ColourCode.read(bands("brown orange red red")).ambiguous()).isTrue();
        // from the left 17 × 100 Ω, which nobody makes; from the right 22 × 10^7 Ω ±1 %
        assertThat(ColourCode.read(bands("brown violet red red"))
                        .likely()
                        .orElseThrow()
                        .ohms())
                .isEqualTo(2.2e8);
    }

    @Test
    void bandsThatMeanNothingSaySo() {
        assertThat(ColourCode.read(bands("gold gold red silver")).likely()).isEmpty();
        assertThatThrownBy(() -> ColourCode.read(bands("red red red"))).hasMessageContaining("4 to 6 bands, not 3");
    }

    @Test
    void aValueIsWrittenInAsFewBandsAsSayIt() {
        assertThat(ColourCode.bands(2200, 1)).isEqualTo(bands("red red black brown brown"));
        assertThat(ColourCode.fourBands(2200, 1)).isEqualTo(bands("red red red brown"));
        assertThat(ColourCode.fourBands(4990, 1)).isEmpty();
        assertThat(ColourCode.bands(2200, 5)).isEqualTo(bands("red red red gold"));
        assertThat(ColourCode.bands(4990, 1)).isEqualTo(bands("yellow white white brown brown"));
        assertThat(ColourCode.bands(5.6, 5)).isEqualTo(bands("green blue gold gold"));
        assertThat(ColourCode.bands(2200, 3)).isEmpty();
        assertThat(ColourCode.bands(1234.5, 1)).isEmpty();
        assertThat(ColourCode.bands(0, 1)).isEmpty();
    }

    /// Whatever is written can be read back, whichever way the resistor lies.
    @Property
    void whatIsWrittenIsReadBackFromEitherEnd(
            @ForAll @IntRange(min = 0, max = 95) int index, @ForAll @IntRange(min = 0, max = 4) int decade) {
        double ohms = PreferredValues.E96.digits().get(index) * Math.pow(10, decade);
        List<BandColour> written = ColourCode.bands(ohms, 1);
        List<BandColour> turned = new ArrayList<>(written);
        Collections.reverse(turned);
        for (List<BandColour> seen : List.of(written, turned)) {
            var read = ColourCode.read(seen);
            assertThat(Stream.of(read.likely(), read.other()).flatMap(Optional::stream))
                    .anyMatch(way -> Math.abs(way.ohms() - ohms) < ohms * 1e-9);
        }
    }

    @Test
    void theSeriesAreThoseOfTheStandard() {
        assertThat(PreferredValues.E96.digits())
                .contains(100, 102, 499, 976)
                .hasSize(96)
                .doesNotContain(500, 220);
        assertThat(PreferredValues.E24.nearest(4710)).isEqualTo(4700);
        assertThat(PreferredValues.E24.nearest(0.95)).isEqualTo(0.91);
        assertThat(PreferredValues.E12.holds(2200)).isTrue();
        assertThat(PreferredValues.E12.holds(2400)).isFalse();
        assertThat(PreferredValues.E12.between(900, 2500)).containsExactly(1000.0, 1200.0, 1500.0, 1800.0, 2200.0);
    }

    @Test
    void aValueIsMadeOfWhatThereIs() {
        // nearest to 3k7: 1k + 2k2 = 3k2, off by 500 Ω; 2k2 twice is off by 700 Ω, 4k7 alone by 1000 Ω
        // 3k2 (13.5 %), 4k7 alone 27 %, 2k2+2k2 18.9 %
        List<FromStock> ways = FromStock.make(3700, List.of(1000.0, 2200.0, 4700.0), 2);
        assertThat(ways.getFirst()).isEqualTo(new FromStock(1000, 2200, FromStock.Joined.SERIES));
        assertThat(ways.getFirst().errorShare(3700)).isCloseTo(500.0 / 3700, within(1e-12));
        // 2k35 is 4k7 twice side by side
        assertThat(FromStock.make(2350, List.of(1000.0, 2200.0, 4700.0), 1).getFirst())
                .isEqualTo(new FromStock(4700, 4700, FromStock.Joined.PARALLEL));
        assertThat(FromStock.make(2200, List.of(1000.0, 2200.0, 4700.0), 1)
                        .getFirst()
                        .how())
                .isEqualTo(FromStock.Joined.ALONE);
        assertThatThrownBy(() -> FromStock.make(0, List.of(1.0), 1)).hasMessageContaining("wanted value");
    }
}
