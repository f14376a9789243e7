package io.answerback.desktop.desk;

import io.answerback.core.cable.CableEnd;

/// What is looked at beside the selected point: a cable, a module or a joint box.
///
/// @param part a cable's label, or the name of a module or joint box; empty for the point's own
/// @param end which end of the cable
/// @param core the core of the cable by its colour; empty for none
public record Focus(String part, CableEnd end, String core) {
    /// Nothing but the point's own.
    public static final Focus NONE = new Focus("", CableEnd.NEAR, "");

    /// A part as a whole.
    public static Focus on(String part) {
        return new Focus(part, CableEnd.NEAR, "");
    }
}
