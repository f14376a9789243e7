package io.answerback.desktop.part;

/// A small drawing for telling sorts apart at a glance; the words beside it say the same.
///
/// @param outline its lines as an SVG path on a square of 16, the middle at 0 0
/// @param size the side of its square, in pixels at 100 % text
public record Glyph(String outline, double size) implements Part {}
