package io.answerback.core.model.id;

/// A box in which cables begin: a module, or a joint box.
public sealed interface BoxId extends EndId permits ModuleId, JointId {}
