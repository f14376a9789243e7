package io.answerback.messages.text;

import java.time.Instant;

/// A text message that the stand-in took.
///
/// @param at when
/// @param to the number it is for
/// @param text its text
public record ReceivedText(Instant at, String to, String text) {}
