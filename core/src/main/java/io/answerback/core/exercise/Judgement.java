package io.answerback.core.exercise;

/// What an answer is worth.
///
/// @param right whether it is right
/// @param solution what is right
/// @param says why, and what a slip like this would cause on site
public record Judgement(boolean right, String solution, String says) {}
