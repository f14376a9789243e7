package io.answerback.files;

import java.time.Instant;

/// Something that was done to a job, a line of its log.
///
/// @param at when
/// @param by who, as initials; may be empty
/// @param what what, in words
public record LogLine(Instant at, String by, String what) {}
