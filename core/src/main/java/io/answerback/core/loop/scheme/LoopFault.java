package io.answerback.core.loop.scheme;

import io.answerback.core.model.common.Require;

/// One thing the matter with a loop.
///
/// @param kind what
/// @param value its value, in ohms or in metres from the panel as the kind says; 0 where it has none
public record LoopFault(FaultKind kind, double value) {
    /// Nothing the matter.
    public static final LoopFault NONE = of(FaultKind.SOUND);

    /// @throws IllegalArgumentException when the kind is missing or the value negative
    public LoopFault {
        Require.given(kind, "kind of fault");
        Require.within(value, 0, 1e9, "value of a fault");
    }

    /// A fault without a value.
    public static LoopFault of(FaultKind kind) {
        return new LoopFault(kind, 0);
    }

    /// The cores touching this far from the panel, in metres.
    public static LoopFault shortAt(double metres) {
        return new LoopFault(FaultKind.SHORT, metres);
    }
}
