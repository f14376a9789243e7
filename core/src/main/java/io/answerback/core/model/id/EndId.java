package io.answerback.core.model.id;

/// What the far end of a cable comes to: the device of a point, a module, or a joint box.
public sealed interface EndId permits PointId, BoxId {
    /// The text of the id, without saying of what.
    String text();
}
