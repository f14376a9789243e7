package io.answerback.cores;

/// The box end of one core.
///
/// @param cableId its cable
/// @param colour its colour
public record CoreEnd(String cableId, String colour) {}
