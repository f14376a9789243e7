package io.answerback.core.learn.exercise;

import io.answerback.core.model.common.Require;

/// Something that can be done on site in an exercise.
///
/// @param id its name in commands
/// @param words what is done, as an order
/// @param minutes what it costs, in minutes
/// @param sort what it is for
public record WorkStep(String id, String words, double minutes, Sort sort) {
    private static final double LONGEST_MINUTES = 600;

    /// What a step is for.
    public enum Sort {
        /// It makes what follows safe.
        SAFETY("Make it safe"),
        /// It brings about what makes a fault show itself.
        BRING_ABOUT("Bring the fault about"),
        /// It shows something.
        LOOK("Look and measure"),
        /// It changes something.
        CHANGE("Put right"),
        /// It tells something that a colleague would know.
        HINT("Ask a colleague");

        private final String words;

        Sort(String words) {
            this.words = words;
        }

        /// What such steps are headed with.
        public String words() {
            return words;
        }
    }

    /// @throws IllegalArgumentException when a word is blank or the minutes are outside 0 to 600
    public WorkStep {
        Require.text(id, "name of a step");
        Require.text(words, "words of a step");
        Require.within(minutes, 0, LONGEST_MINUTES, "minutes of a step");
        Require.given(sort, "sort of a step");
    }
}
