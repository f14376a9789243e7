package io.answerback.station;

import io.answerback.core.model.receiver.Transport;
import io.answerback.core.signal.format.EncryptionKey;
import java.util.Optional;

/// Where a frame is sent and how.
///
/// @param host address or name
/// @param port 1 to 65535
/// @param transport how it travels
/// @param key what it is encrypted with; empty for in the clear
public record Destination(String host, int port, Transport transport, Optional<EncryptionKey> key) {
    /// Over TCP in the clear.
    public static Destination of(String host, int port) {
        return new Destination(host, port, Transport.TCP, Optional.empty());
    }
}
