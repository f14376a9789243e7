package io.answerback.core.model.id;

import io.answerback.core.model.common.Require;

/// What an input of the panel or of an expander is known by.
///
/// @param text the same as in the job file, such as "X1.7"
public record InputId(String text) implements Comparable<InputId> {
    /// @throws IllegalArgumentException when it is missing or blank
    public InputId {
        text = Require.text(text, "input id");
    }

    /// By their texts, so that what is listed by id has one order.
    @Override
    public int compareTo(InputId other) {
        return text.compareTo(other.text);
    }

    /// The text alone, so that a sentence can name it.
    @Override
    public String toString() {
        return text;
    }
}
