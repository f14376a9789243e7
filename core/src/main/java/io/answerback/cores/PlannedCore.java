package io.answerback.cores;

import io.answerback.job.CoreUse;

/// One core of a cable.
///
/// @param colour its colour
/// @param use what it is for
/// @param landing where its box end goes
public record PlannedCore(String colour, CoreUse use, Landing landing) {}
