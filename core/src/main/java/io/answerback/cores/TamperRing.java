package io.answerback.cores;

import java.util.List;

/// The tamper ring of one box: from one terminal through every cover in turn to the other.
///
/// @param joined the cables it goes through, in order
/// @param leftOut the cables it should go through and does not
public record TamperRing(List<String> joined, List<String> leftOut) {
    public TamperRing {
        joined = List.copyOf(joined);
        leftOut = List.copyOf(leftOut);
    }

    /// Whether any cover is to be watched by it.
    public boolean wanted() {
        return !joined.isEmpty() || !leftOut.isEmpty();
    }
}
