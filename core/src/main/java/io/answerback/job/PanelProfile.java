package io.answerback.job;

import java.util.List;
import java.util.Optional;

/// What a make of panel expects and does, as far as the sums need it. Filled in from the maker's manual.
///
/// @param id the profile's file name without its ending
/// @param name the profile's name on screen
/// @param pullUpVolts the voltage that pulls each input up, in volts
/// @param pullUpOhms the resistance through which it does, in ohms
/// @param entrySeconds entry time the panel is set to, in seconds
/// @param schemes how the panel reads each scheme it supports
public record PanelProfile(
        String id, String name, double pullUpVolts, double pullUpOhms, int entrySeconds, List<SchemeBands> schemes) {
    /// @throws IllegalArgumentException when a name is blank, a figure out of bounds or no scheme is given
    public PanelProfile {
        id = Require.text(id, "panel profile id");
        name = Require.text(name, "panel profile name");
        Require.within(pullUpVolts, 0.5, 30, "pull-up in volts");
        Require.within(pullUpOhms, 10, 1e6, "pull-up in ohms");
        Require.within(entrySeconds, 0, 300, "entry time in seconds");
        schemes = List.copyOf(schemes);
        if (schemes.isEmpty()) {
            throw new IllegalArgumentException("panel profile " + name + " reads no loop scheme; give at least one");
        }
    }

    /// How this panel reads loops of `kind`; empty when it cannot.
    public Optional<SchemeBands> reads(SchemeKind kind) {
        return schemes.stream().filter(bands -> bands.scheme() == kind).findFirst();
    }

    /// Volts a meter shows across an input that sees `ohms`: the pull-up divider, V = Vp · R / (R + Rp).
    ///
    /// @param ohms loop resistance in ohms, 0 to positive infinity
    public double inputVolts(double ohms) {
        return Double.isInfinite(ohms) ? pullUpVolts : pullUpVolts * ohms / (ohms + pullUpOhms);
    }
}
