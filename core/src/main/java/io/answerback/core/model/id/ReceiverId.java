package io.answerback.core.model.id;

import io.answerback.core.model.common.Require;

/// What a receiver at the monitoring station is known by.
///
/// @param text the same as in the job file, such as "A1"
public record ReceiverId(String text) implements Comparable<ReceiverId> {
    /// @throws IllegalArgumentException when it is missing or blank
    public ReceiverId {
        text = Require.text(text, "receiver id");
    }

    /// By their texts, so that what is listed by id has one order.
    @Override
    public int compareTo(ReceiverId other) {
        return text.compareTo(other.text);
    }

    /// The text alone, so that a sentence can name it.
    @Override
    public String toString() {
        return text;
    }
}
