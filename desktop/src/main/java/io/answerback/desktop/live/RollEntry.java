package io.answerback.desktop.live;

import io.answerback.station.Received;

/// One entry of the station's roll.
///
/// @param received what arrived
/// @param line the line the operator reads
/// @param outside whether it came from outside this application, as from a real communicator
public record RollEntry(Received received, String line, boolean outside) {}
