package io.answerback.core.model.id;

import io.answerback.core.model.common.Require;

/// What a module is known by, whatever it is called. Two modules of a job never share one.
///
/// @param text the same as in the job file, such as "Expander 1"
public record ModuleId(String text) implements FedId, BoxId, Comparable<ModuleId> {
    /// @throws IllegalArgumentException when it is missing or blank
    public ModuleId {
        text = Require.text(text, "module id");
    }

    /// By their texts, so that what is listed by id has one order.
    @Override
    public int compareTo(ModuleId other) {
        return text.compareTo(other.text);
    }

    /// The text alone, so that a sentence can name it.
    @Override
    public String toString() {
        return text;
    }
}
