package io.answerback.core.paper;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CoreInkTest {
    @ParameterizedTest
    @CsvSource({"red, C7332B", "white 2, FFFFFF", "' Blue/white ', 2B63B8", "GREY-1, 8C939B"})
    void theFirstWordIsTheColour(String colour, String ink) {
        assertThat(CoreInk.of(colour)).contains(ink);
    }

    /// Cores of some cables have numbers.
    @ParameterizedTest
    @ValueSource(strings = {"1", "12", "-", "", "2 red", "gold", "rot"})
    void whatHasNoKnownColourHasNoInk(String colour) {
        assertThat(CoreInk.of(colour)).isEmpty();
    }
}
