package io.answerback.desktop.cable;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CoreColourTest {
    @ParameterizedTest
    @CsvSource({"red, red", "White 2, white", "blue/white, blue", "1, numbered", "-, numbered", "12 red, numbered"})
    void aCoreIsStyledByItsFirstWordOrAsNumbered(String colour, String style) {
        assertThat(CoreColour.style(colour)).isEqualTo(style);
    }
}
