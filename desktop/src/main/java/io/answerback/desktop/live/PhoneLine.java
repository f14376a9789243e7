package io.answerback.desktop.live;

import java.time.Instant;

/// A line on a phone of the practice.
///
/// @param number whose phone
/// @param typed whether its owner typed it; else it arrived
/// @param text what stands there
/// @param at when
public record PhoneLine(String number, boolean typed, String text, Instant at) {}
