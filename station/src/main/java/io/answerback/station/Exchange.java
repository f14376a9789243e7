package io.answerback.station;

import io.answerback.core.model.receiver.Transport;
import java.net.InetSocketAddress;

/// How something reached the station and what went back, byte for byte.
///
/// @param transport how it travelled
/// @param caller who sent it
/// @param station where the station took it
/// @param sent what came, a character a byte
/// @param reply what went back, a character a byte; empty when nothing did
public record Exchange(
        Transport transport, InetSocketAddress caller, InetSocketAddress station, String sent, String reply) {}
