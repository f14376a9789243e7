package io.answerback.core.engine.memo;

import io.answerback.core.model.site.Parts;

/// Everything known about one state of a job: its parts, and the facts that follow from them.
public interface Facts extends Parts {
    /// The value of a fact.
    ///
    /// @throws IllegalStateException when the fact follows from itself
    <T> T of(Fact<T> fact);

    /// The value of a fact of one thing.
    ///
    /// @throws IllegalStateException when the fact follows from itself
    <K, T> T of(FactOf<K, T> fact, K key);
}
