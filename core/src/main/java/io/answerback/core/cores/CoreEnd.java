package io.answerback.core.cores;

/// A core of a cable.
///
/// @param cableId its cable
/// @param colour its colour
public record CoreEnd(String cableId, String colour) {}
