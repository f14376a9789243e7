package io.answerback.core.model.receiver;

import io.answerback.core.model.common.Require;

/// How a frame came to a receiver.
///
/// @param transport over which transport
/// @param encrypted whether it came encrypted
public record Carried(Transport transport, boolean encrypted) {
    /// @throws IllegalArgumentException when the transport is missing
    public Carried {
        Require.given(transport, "transport");
    }
}
