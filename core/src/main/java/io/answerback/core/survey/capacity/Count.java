package io.answerback.core.survey.capacity;

/// How much of something is needed against how much there is.
///
/// @param what what is counted, such as "zones"
/// @param used how much is needed
/// @param of how much there is; 0 when the panel has none of it
public record Count(String what, int used, int of) {
    /// Whether there is not enough.
    public boolean over() {
        return used > of;
    }
}
