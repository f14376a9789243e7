package io.answerback.core.wiring.cores;

import io.answerback.core.model.common.Figures;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.profile.Terminal;
import java.util.List;

/// A resistor or a link between two terminals of a place.
///
/// @param from the first terminal, by its place on the strip from 0
/// @param to the second terminal
/// @param ohms its value as marked, in ohms; 0 for a link
/// @param what what it is for, such as "end-of-line resistor"
public record FittedPart(int from, int to, double ohms, String what) {
    /// Its value as it is said at the bench, such as "4k7", or "link".
    public String value() {
        return ohms == 0 ? "link" : Figures.resistor(ohms);
    }

    /// The part in words, such as "4k7 (end-of-line resistor) from cover out to alarm in".
    public String words(List<Terminal> strip) {
        String ends =
                Text.of("from %s to %s", TerminationWords.terminal(strip, from), TerminationWords.terminal(strip, to));
        return ohms == 0 ? "a link " + ends : Text.of("%s (%s) %s", value(), what, ends);
    }
}
