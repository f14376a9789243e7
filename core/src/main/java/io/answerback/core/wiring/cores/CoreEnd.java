package io.answerback.core.wiring.cores;

import io.answerback.core.model.id.CableId;

/// A core of a cable.
///
/// @param cableId its cable
/// @param colour its colour
public record CoreEnd(CableId cableId, String colour) {}
