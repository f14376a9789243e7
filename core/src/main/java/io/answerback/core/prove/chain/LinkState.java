package io.answerback.core.prove.chain;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.site.Link;

/// One link as it stands.
///
/// @param link which
/// @param mark how it stands
/// @param figure what it comes to, short, such as "2 223 Ω"
/// @param line one line of words
public record LinkState(Link link, Mark mark, String figure, String line) {}
