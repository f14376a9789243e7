package io.answerback.core.model.id;

import io.answerback.core.model.common.Require;

/// The number of a point. Two points of a job never share one.
///
/// @param text the same as in the job file, such as "07"
public record PointId(String text) implements FedId, EndId, Comparable<PointId> {
    /// @throws IllegalArgumentException when it is missing or blank
    public PointId {
        text = Require.text(text, "point id");
    }

    /// By their texts, so that what is listed by id has one order.
    @Override
    public int compareTo(PointId other) {
        return text.compareTo(other.text);
    }

    /// The text alone, so that a sentence can name it.
    @Override
    public String toString() {
        return text;
    }
}
