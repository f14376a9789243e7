package io.answerback.desktop.live;

/// What signals and messages are sent by.
///
/// @param practice the practice station and the panel that sends to it
/// @param keys the keys of stations
/// @param messages mails and texts
public record Sending(PracticeSession practice, StoredKeys keys, MessageSession messages) {}
