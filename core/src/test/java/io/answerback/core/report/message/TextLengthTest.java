package io.answerback.core.report.message;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;

/// Parts of text messages, as the standard counts them.
class TextLengthTest {
    private static TextLength of(String text) {
        return TextLength.of(text);
    }

    @Test
    void aTextOfTheBasicAlphabetHas160LettersOrPartsOf153() {
        assertThat(of("a".repeat(160))).isEqualTo(new TextLength(true, 160, 1, ""));
        assertThat(of("a".repeat(161)).parts()).isEqualTo(2);
        assertThat(of("a".repeat(306)).parts()).isEqualTo(2);
        assertThat(of("a".repeat(307)).parts()).isEqualTo(3);
        assertThat(of("a".repeat(1000)).parts()).isEqualTo(7);
        assertThat(of("").parts()).isZero();
    }

    @Test
    void oneOtherLetterHalvesTheRoom() {
        TextLength wide = of("Tür 7 offen – später");
        assertThat(wide.basic()).isFalse();
        assertThat(wide.outside()).isEqualTo("–");
        assertThat(of("ł".repeat(70)).parts()).isEqualTo(1);
        assertThat(of("ł".repeat(71)).parts()).isEqualTo(2);
        assertThat(of("ł".repeat(134)).parts()).isEqualTo(2);
        assertThat(of("ł".repeat(135)).parts()).isEqualTo(3);
    }

    @Test
    void somePlainLettersTakeTwoPlaces() {
        assertThat(of("€")).isEqualTo(new TextLength(true, 2, 1, ""));
        assertThat(of("[]{}~^|\\").units()).isEqualTo(16);
        assertThat(of("a".repeat(159) + "€").parts()).isEqualTo(2);
        // the last place of a part stays free rather than splitting a letter of two
        assertThat(of("a".repeat(152) + "€" + "a".repeat(151)).parts()).isEqualTo(2);
        assertThat(of("a".repeat(152) + "€" + "a".repeat(152)).parts()).isEqualTo(3);
    }

    @Test
    void aLetterOfTwoUnitsIsNotSplitEither() {
        assertThat(of("😀".repeat(35)).parts()).isEqualTo(1);
        // 67 units hold 33 such letters
        assertThat(of("😀".repeat(66)).parts()).isEqualTo(2);
        assertThat(of("😀".repeat(67)).parts()).isEqualTo(3);
        assertThat(of("😀").outside()).isEqualTo("😀");
    }

    @Property(tries = 300)
    void partsAreAsManyAsTheLettersNeed(@ForAll @StringLength(max = 1000) String text) {
        TextLength length = of(text);
        int one = length.basic() ? 160 : 70;
        int more = length.basic() ? 153 : 67;
        if (length.units() <= one) {
            assertThat(length.parts()).isEqualTo(text.isEmpty() ? 0 : 1);
        } else {
            assertThat(length.parts())
                    .isBetween((length.units() + more - 1) / more, (length.units() + more - 2) / (more - 1));
        }
    }

    @Property(tries = 200)
    void longerTextsNeverNeedFewerParts(@ForAll @IntRange(min = 0, max = 900) int letters) {
        assertThat(of("x".repeat(letters + 1)).parts())
                .isGreaterThanOrEqualTo(of("x".repeat(letters)).parts());
    }
}
