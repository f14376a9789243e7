package io.answerback.core.model.id;

import io.answerback.core.model.common.Require;

/// The number of a cable, which its labels carry.
///
/// @param text the same as in the job file, such as "C-26"
public record CableId(String text) implements Comparable<CableId> {
    /// @throws IllegalArgumentException when it is missing or blank
    public CableId {
        text = Require.text(text, "cable id");
    }

    /// By their texts, so that what is listed by id has one order.
    @Override
    public int compareTo(CableId other) {
        return text.compareTo(other.text);
    }

    /// The text alone, so that a sentence can name it.
    @Override
    public String toString() {
        return text;
    }
}
