package io.answerback.core.signal.event;

import java.util.Optional;

/// Two letters of SIA DC-03 and what they stand for.
///
/// @param letters the two letters
/// @param words what they mean, in plain words
/// @param event the event code of SIA DC-05 that is nearest; empty when there is none
/// @param qualifier whether the event begins or ends
public record LetterCode(String letters, String words, Optional<String> event, Qualifier qualifier) {}
