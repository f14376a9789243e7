package io.answerback.core.model.common;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;

/// What is typed wrongly is a value that says why.
class TypedTest {
    @Test
    void aRefusalGoesThroughEveryStepAndNothingIsMadeOfIt() {
        Typed<LocalDate> day = FigureReader.read("soon", "days").then(days -> {
            throw new AssertionError("nothing can be made of a refusal");
        });
        assertThat(day.understood()).isEmpty();
        assertThat(day.orAlso(", or never"))
                .isEqualTo(new Typed.Refused<>("days is \"soon\"; write a number, such as 62, 4.7k or 2k2, or never"));
        assertThatThrownBy(day::orThrow).hasMessageStartingWith("days is \"soon\"");
    }

    @Test
    void whatAGuardRefusesWasTypedWrongly() {
        Typed<Double> metres =
                FigureReader.read("12000 m", "length").then(its -> Require.within(its, 0, 10_000, "length"));
        assertThat(metres).isEqualTo(new Typed.Refused<>("length is 12000; it must be from 0 to 10000"));
        assertThat(FigureReader.read("62 m", "length")
                        .then(its -> Require.within(its, 0, 10_000, "length"))
                        .orThrow())
                .isEqualTo(62.0);
    }

    @Test
    void whatIsNoWrongTypingIsThrown() {
        Typed<Double> figure = new Typed.Read<>(1.0);
        assertThatThrownBy(() -> figure.then(its -> {
                    throw new IllegalStateException("a broken program");
                }))
                .isInstanceOf(IllegalStateException.class);
    }
}
