package io.answerback.core.cores;

/// What the far end of a cable comes to.
///
/// @param pointId the first of its points; empty when it comes to a module or a joint box
/// @param name what it is called
public record CableDestination(String pointId, String name) {
    /// Its number, where it has one, and its name.
    String words() {
        return pointId.isEmpty() ? name : pointId + " " + name;
    }
}
