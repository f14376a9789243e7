package io.answerback.core.model.id;

import io.answerback.core.model.common.Require;

/// What a person who is told of events is known by.
///
/// @param text the same as in the job file, such as "P1"
public record PersonId(String text) implements Comparable<PersonId> {
    /// @throws IllegalArgumentException when it is missing or blank
    public PersonId {
        text = Require.text(text, "person id");
    }

    /// By their texts, so that what is listed by id has one order.
    @Override
    public int compareTo(PersonId other) {
        return text.compareTo(other.text);
    }

    /// The text alone, so that a sentence can name it.
    @Override
    public String toString() {
        return text;
    }
}
