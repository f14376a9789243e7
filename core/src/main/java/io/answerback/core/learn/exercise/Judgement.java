package io.answerback.core.learn.exercise;

import java.util.List;
import java.util.Optional;

/// What an answer is worth.
///
/// @param right whether it is right
/// @param unsafe what was done before it was safe, each as a sentence
/// @param solution what is right
/// @param says why, and what a slip like this would cause on site
/// @param reckoning the way to it against the best way; empty where nothing had to be done on site
public record Judgement(
        boolean right, List<String> unsafe, String solution, String says, Optional<Reckoning> reckoning) {

    public Judgement {
        unsafe = List.copyOf(unsafe);
    }

    /// A judgement where nothing had to be done on site.
    public Judgement(boolean right, String solution, String says) {
        this(right, List.of(), solution, says, Optional.empty());
    }

    /// Whether it is right and nobody was put in danger on the way.
    public boolean passed() {
        return right && unsafe.isEmpty();
    }
}
