package io.answerback.core.check;

import io.answerback.core.cable.Cable;

/// Something the engineer should know or mend.
///
/// @param id stable as long as the finding stands: the rule and the part, such as "zone-off:15"
/// @param stop where it is mended
/// @param grade how much it matters
/// @param point the zone point or system point it belongs to; empty when it belongs to none
/// @param part the part to mend, such as an input's id; empty when it is the point itself
/// @param says what is wrong and by how much, as a headline
/// @param why why it matters
/// @param remedy what to do
public record Finding(
        String id, Stop stop, Grade grade, String point, String part, String says, String why, String remedy) {

    /// A finding about one point.
    static Finding of(String rule, Stop stop, Grade grade, String point, String says, String why, String remedy) {
        return new Finding(rule + ":" + point, stop, grade, point, "", says, why, remedy);
    }

    /// A finding about one cable. It belongs to the first point at the cable's far end.
    static Finding of(String rule, Grade grade, Cable cable, String says, String why, String remedy) {
        String point =
                cable.ends().points().isEmpty() ? "" : cable.ends().points().getFirst();
        return new Finding(rule + ":" + cable.id(), Stop.CABLE, grade, point, cable.id(), says, why, remedy);
    }
}
