package io.answerback.core.wiring.cores;

import io.answerback.core.model.id.PointId;
import java.util.Optional;

/// What the far end of a cable comes to.
///
/// @param pointId the first of its points; empty when it comes to a module or a joint box
/// @param name what it is called
public record CableDestination(Optional<PointId> pointId, String name) {
    /// Its number, where it has one, and its name.
    String words() {
        return pointId.map(id -> id + " " + name).orElse(name);
    }
}
