package io.answerback.core.model.id;

import io.answerback.core.model.common.Require;

/// The name of a joint box, which the cables that meet there share.
///
/// @param text the same as in the job file, such as "J-1"
public record JointId(String text) implements BoxId, Comparable<JointId> {
    /// @throws IllegalArgumentException when it is missing or blank
    public JointId {
        text = Require.text(text, "joint box");
    }

    /// By their texts, so that what is listed by id has one order.
    @Override
    public int compareTo(JointId other) {
        return text.compareTo(other.text);
    }

    /// The text alone, so that a sentence can name it.
    @Override
    public String toString() {
        return text;
    }
}
