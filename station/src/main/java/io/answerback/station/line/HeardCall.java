package io.answerback.station.line;

import io.answerback.core.model.receiver.ReportFormat;
import io.answerback.core.signal.sound.Recording;
import io.answerback.core.signal.sound.Sound;
import java.time.Instant;

/// A call that was heard.
///
/// @param at when it was over
/// @param sound the call, at the rate of a line
/// @param format in which it was read
/// @param recording what is in it
public record HeardCall(Instant at, Sound sound, ReportFormat format, Recording recording) {}
