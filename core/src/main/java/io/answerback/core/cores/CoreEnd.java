package io.answerback.core.cores;

import io.answerback.core.id.CableId;

/// A core of a cable.
///
/// @param cableId its cable
/// @param colour its colour
public record CoreEnd(CableId cableId, String colour) {}
