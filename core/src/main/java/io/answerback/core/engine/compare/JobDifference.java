package io.answerback.core.engine.compare;

/// One part in which two states of a job differ.
///
/// @param part its name, such as "Point 07 Dock roller door 2" or "Cable C-17"
/// @param kind how it differs
public record JobDifference(String part, Kind kind) {
    /// How a part differs between two states.
    public enum Kind {
        /// It is in both, and not the same.
        DIFFERENT,
        /// It is in the first only.
        ONLY_FIRST,
        /// It is in the second only.
        ONLY_SECOND
    }
}
