package io.answerback.core.engine.memo;

/// Something with a value that follows from other facts: a fact, or a fact of one thing.
interface Computed {
    Object compute(Facts facts);

    /// A fact of one thing.
    record Of<K, T>(FactOf<K, T> fact, K key) implements Computed {
        @Override
        public Object compute(Facts facts) {
            return fact.compute(facts, key);
        }

        @Override
        public String toString() {
            return fact + " of " + key;
        }
    }
}
