package io.answerback.core.model.id;

/// What a supply feeds: the device of a point, or a module. A point and a module may have the same text and are
/// still two.
public sealed interface FedId permits PointId, ModuleId {
    /// The text of the id, without saying of what.
    String text();
}
