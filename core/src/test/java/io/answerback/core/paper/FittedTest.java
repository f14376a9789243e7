package io.answerback.core.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/// Words on one line; letters are half as wide as high.
class FittedTest {
    private static final Measure HALF = (words, size, strong) -> words.length() * size / 2;

    @Test
    void wordsThatHaveRoomStayAsTheyAre() {
        assertThat(Fitted.of("Panel", 12.5, 5, 3, true, HALF)).isEqualTo(new Fitted("Panel", 5));
    }

    /// Ten letters of 4 mm are 20 mm wide.
    @Test
    void wordsAreSmallerBeforeTheyAreCut() {
        Fitted fitted = Fitted.of("0123456789", 20, 5, 3, false, HALF);
        assertThat(fitted.words()).isEqualTo("0123456789");
        assertThat(fitted.size()).isCloseTo(4, within(1e-9));
    }

    @Test
    void whatDoesNotFitAtTheSmallestSizeIsCut() {
        Fitted fitted = Fitted.of("The store door behind the house", 21, 5, 3, false, HALF);
        assertThat(fitted.size()).isCloseTo(3, within(1e-9));
        assertThat(fitted.words()).isEqualTo("The store doo…");
        assertThat(Fitted.of("The store   door", 15, 3, 3, false, HALF).words()).isEqualTo("The store…");
    }

    @Property
    void whateverItIsItFits(
            @ForAll @IntRange(min = 1, max = 900) int letters, @ForAll @DoubleRange(min = 3, max = 200) double room) {
        Fitted fitted = Fitted.of("x".repeat(letters), room, 5, 2, false, HALF);
        assertThat(HALF.width(fitted.words(), fitted.size(), false)).isLessThanOrEqualTo(room + 1e-9);
        assertThat(fitted.size()).isBetween(2 - 1e-9, 5.0);
        assertThat(fitted.words()).isNotEmpty();
    }

    @Test
    void aTitleBeginsAtTheMarginAndEndsBeforeTheOther() {
        PaperElement.Text title = Fitted.title("Brinewell ".repeat(30), 14, 297, HALF);
        assertThat(title.x()).isEqualTo(14);
        assertThat(title.strong()).isTrue();
        assertThat(title.x() + HALF.width(title.words(), title.size(), true)).isLessThanOrEqualTo(297 - 14);
        assertThat(Fitted.title("Panel", 14, 297, HALF).size()).isEqualTo(5.2);
    }
}
