package io.answerback.job;

import java.util.Comparator;
import java.util.List;

/// How a panel reads loops of one scheme, from its profile.
///
/// @param scheme the scheme these bands are for
/// @param endOfLineOhms the end-of-line value the panel expects, in ohms; 0 for a closed loop
/// @param alarmOhms the value across the alarm contact the panel expects, in ohms; 0 where the scheme has none
/// @param unusedNeeds what an unused input of this scheme must be fitted with to stay quiet
/// @param bands the bands in rising order; at least one, none overlapping
public record SchemeBands(
        SchemeKind scheme, double endOfLineOhms, double alarmOhms, UnusedTermination unusedNeeds, List<Band> bands) {
    /// @throws IllegalArgumentException when a value is negative, no band is given, or two bands overlap
    public SchemeBands {
        Require.given(scheme, "loop scheme");
        Require.within(endOfLineOhms, 0, 1e6, "end-of-line value in ohms");
        Require.within(alarmOhms, 0, 1e6, "alarm value in ohms");
        Require.given(unusedNeeds, "termination of unused inputs");
        bands = List.copyOf(bands).stream()
                .sorted(Comparator.comparingDouble(Band::lowOhms))
                .toList();
        if (bands.isEmpty()) {
            throw new IllegalArgumentException("the bands of " + scheme.words() + " are empty; give at least one");
        }
        for (int i = 1; i < bands.size(); i++) {
            if (bands.get(i).lowOhms() < bands.get(i - 1).highOhms()) {
                throw new IllegalArgumentException("the bands of %s overlap at %s ohms"
                        .formatted(scheme.words(), bands.get(i).lowOhms()));
            }
        }
    }
}
