package io.answerback.core.signal.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class ContactIdTest {
    @Test
    void theStandardsExampleEndsIn8() {
        // account 1234, type 18, new 131, area 01, zone 015: the digits add up to 52 with 0 as 10; 52 + 8 = 60
        assertThat(ContactId.encode(new Signal("1234", Qualifier.NEW, "131", 1, 15)))
                .isEqualTo("1234181131010158");
    }

    @Test
    void aNeeded15IsFAndANeeded10Is0() {
        assertThat(ContactId.checkDigit("F")).isEqualTo('F');
        assertThat(ContactId.checkDigit("5")).isEqualTo('0');
    }

    @Test
    void accountsTheFormatCannotCarryAreRefused() {
        assertThatThrownBy(() -> ContactId.encode(new Signal("12A4", Qualifier.NEW, "130", 1, 1)))
                .hasMessageContaining("A has no tone");
        assertThatThrownBy(() -> ContactId.encode(new Signal("12345", Qualifier.NEW, "130", 1, 1)))
                .hasMessageContaining("four of 0-9 and B-F");
    }

    @Test
    void damagedMessagesSayWhatIsWrong() {
        assertThatThrownBy(() -> ContactId.decode("123418113101015")).hasMessage("has 15 digits; the format has 16");
        assertThatThrownBy(() -> ContactId.decode("1234181131010157"))
                .hasMessage("check digit is 7; the other digits need 8");
        assertThatThrownBy(() -> ContactId.decode("123417113101015" + ContactId.checkDigit("123417113101015")))
                .hasMessage("message type is 17; it must be 18 or 98");
    }

    @Property
    void whatWasEncodedIsReadBack(@ForAll("signals") Signal signal) throws BadFrame {
        assertThat(ContactId.decode(ContactId.encode(signal))).isEqualTo(signal);
    }

    @Property
    void oneWrongDigitIsAlwaysNoticed(
            @ForAll("signals") Signal signal, @ForAll @IntRange(max = 15) int place, @ForAll("digits") char digit) {
        String right = ContactId.encode(signal);
        String wrong = right.substring(0, place) + digit + right.substring(place + 1);
        if (!wrong.equals(right)) {
            assertThatThrownBy(() -> ContactId.decode(wrong)).isInstanceOf(BadFrame.class);
        }
    }

    @Provide
    Arbitrary<Character> digits() {
        return Arbitraries.of('0', '1', '2', '3', '4', '5', '6', '7', '8', '9', 'B', 'C', 'D', 'E', 'F');
    }

    @Provide
    Arbitrary<Signal> signals() {
        return Combinators.combine(
                        digits().list()
                                .ofSize(4)
                                .map(list -> list.stream().map(String::valueOf).reduce("", String::concat)),
                        Arbitraries.of(Qualifier.values()),
                        Arbitraries.integers().between(100, 699).map(String::valueOf),
                        Arbitraries.integers().between(0, 99),
                        Arbitraries.integers().between(0, 999))
                .as(Signal::new);
    }
}
