package io.answerback.core.model.profile;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.SchemeKind;
import java.util.Comparator;
import java.util.List;

/// How a panel reads loops of one scheme, from its profile.
///
/// @param scheme the scheme these bands are for
/// @param endOfLineOhms the end-of-line value the panel expects, in ohms; 0 where the scheme has none
/// @param alarmOhms the value of the alarm contact the panel expects, in ohms; 0 where the scheme has none
/// @param secondOhms the value of the second contact the panel expects, in ohms; 0 where the scheme has none
/// @param unusedNeeds what an unused input of this scheme must be fitted with to stay quiet
/// @param bands the bands in rising order, all in one unit; at least one, none overlapping
public record SchemeBands(
        SchemeKind scheme,
        double endOfLineOhms,
        double alarmOhms,
        double secondOhms,
        UnusedTermination unusedNeeds,
        List<Band> bands) {
    /// @throws IllegalArgumentException when a value is negative, no band is given, two bands overlap, or they
    ///     are not all in one unit
    public SchemeBands {
        Require.given(scheme, "loop scheme");
        Require.within(endOfLineOhms, 0, 1e6, "end-of-line value in ohms");
        Require.within(alarmOhms, 0, 1e6, "alarm value in ohms");
        Require.within(secondOhms, 0, 1e6, "second contact's value in ohms");
        Require.given(unusedNeeds, "termination of unused inputs");
        bands = List.copyOf(bands).stream()
                .sorted(Comparator.comparingDouble(Band::low))
                .toList();
        if (bands.isEmpty()) {
            throw new IllegalArgumentException("the bands of " + scheme.words() + " are empty; give at least one");
        }
        for (int i = 1; i < bands.size(); i++) {
            requireApart(scheme, bands.get(i - 1), bands.get(i));
        }
    }

    private static void requireApart(SchemeKind scheme, Band lower, Band upper) {
        if (lower.unit() != upper.unit()) {
            throw new IllegalArgumentException(
                    Text.of("the bands of %s are partly in ohms, partly in volts; give all in one", scheme.words()));
        }
        if (upper.low() < lower.high()) {
            throw new IllegalArgumentException(Text.of(
                    "the bands of %s overlap at %s %s",
                    scheme.words(), upper.low(), upper.unit() == BandUnit.OHMS ? "ohms" : "volts"));
        }
    }

    /// Bands of a scheme without a second contact.
    public static SchemeBands of(
            SchemeKind scheme,
            double endOfLineOhms,
            double alarmOhms,
            UnusedTermination unusedNeeds,
            List<Band> bands) {
        return new SchemeBands(scheme, endOfLineOhms, alarmOhms, 0, unusedNeeds, bands);
    }

    /// What the bands are stated in.
    public BandUnit unit() {
        return bands.getFirst().unit();
    }
}
