package io.answerback.desktop.part;

import io.answerback.core.engine.finding.Mark;

/// A mark: a status by its shape, with its words on hover and for screen readers.
///
/// @param says whose mark it is and what it says, such as "Loop: tight"
/// @param radius in pixels at 100 % text
public record Marked(Mark mark, String says, double radius) implements Part {}
