package io.answerback.core.work.duration;

/// How much of a kind of work a job has.
///
/// @param kind the kind of work
/// @param all how much of it there is, in its unit
/// @param left how much of it is still to be done
public record WorkCount(WorkKind kind, double all, double left) {}
