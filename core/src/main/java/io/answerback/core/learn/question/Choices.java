package io.answerback.core.learn.question;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

/// What may be answered: what is right among others, in no order.
final class Choices {
    private Choices() {}

    /// Some of all, what is right among them.
    ///
    /// @param most how many there are at most
    static List<String> of(List<String> all, String right, int most, Random random) {
        List<String> others = new ArrayList<>(
                all.stream().distinct().filter(other -> !other.equals(right)).toList());
        Collections.shuffle(others, random);
        List<String> choices = new ArrayList<>(List.of(right));
        others.stream().limit(most - 1L).forEach(choices::add);
        Collections.shuffle(choices, random);
        return choices;
    }
}
