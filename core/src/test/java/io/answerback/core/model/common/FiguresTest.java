package io.answerback.core.model.common;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FiguresTest {
    @ParameterizedTest
    @CsvSource({"470,470R", "2200,2k2", "4700,4k7", "10000,10k", "1000000,1M", "0,0R", "2.2,2R2"})
    void resistorsAreSaidInTheLetterCode(double ohms, String said) {
        assertThat(Figures.resistor(ohms)).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({
        "2k2,2200",
        "4.7k,4700",
        "'4,7 k',4700",
        "470R,470",
        "470,470",
        "62 m,62",
        "'62,5',62.5",
        "−25 °C,-25",
        "1M,1000000",
        "5 %,5"
    })
    void figuresAreReadAsEngineersWriteThem(String written, double value) {
        assertThat(FigureReader.read(written, "value").understood()).contains(value);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  ", "two", "2k2k", "--5", "1e9", "NaN", "2 2"})
    void whatIsNoFigureIsRefusedByName(String written) {
        assertThat(FigureReader.read(written, "cable length"))
                .isInstanceOfSatisfying(
                        Typed.Refused.class,
                        refused -> assertThat(refused.why()).contains("cable length"));
    }

    @Property
    void whatIsSaidCanBeReadBack(
            @ForAll @IntRange(min = 1, max = 999) int digits, @ForAll @IntRange(max = 3) int decade) {
        double ohms = digits * Math.pow(10, decade);
        assertThat(FigureReader.read(Figures.resistor(ohms), "ohms").understood())
                .contains(ohms);
    }

    @ParameterizedTest
    @CsvSource({"2222.6,2\u2009223 Ω", "0.2,0.2 Ω", "11.4,11 Ω", "Infinity,open"})
    void ohmsAreRoundedToTheOhm(double ohms, String said) {
        assertThat(Figures.ohms(ohms)).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({"588.95,588 m", "3.99,3.9 m", "3954.3,3.9 km"})
    void limitsAreNeverRoundedUp(double metres, String said) {
        assertThat(Figures.metres(metres)).isEqualTo(said);
    }
}
