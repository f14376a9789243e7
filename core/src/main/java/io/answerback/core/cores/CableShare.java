package io.answerback.core.cores;

import java.util.List;

/// What one cable is to carry.
///
/// @param needs a need for each of its cores, what it can least do without first
/// @param loops the points whose loops run through it, those behind a joint box included
record CableShare(List<CoreNeed> needs, List<String> loops) {}
