package io.answerback.core.assess;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.finding.Stop;

/// How far the work at one stop has come.
///
/// @param stop which
/// @param done how many points are done there
/// @param of how many there are
/// @param mark how the stop stands as a whole
public record StopProgress(Stop stop, int done, int of, Mark mark) {}
