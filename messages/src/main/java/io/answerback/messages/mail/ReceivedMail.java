package io.answerback.messages.mail;

import java.time.Instant;

/// A mail that the stand-in took.
///
/// @param at when
/// @param from the sender that the connection named
/// @param to the address it is for
/// @param subject its subject; empty for none
/// @param text its text
/// @param shownFrom the sender that a reader sees
public record ReceivedMail(Instant at, String from, String to, String subject, String text, String shownFrom) {}
