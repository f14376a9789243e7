package io.answerback.core.model.profile;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.device.SchemeKind;
import java.util.List;
import java.util.Optional;

/// How one sort of input measures a loop: it pulls the loop up through a resistor, and reads the voltage.
///
/// @param pullUpVolts the voltage that pulls each input up, in volts
/// @param pullUpOhms the resistance through which it does, in ohms
/// @param schemes how it reads each scheme it supports
public record InputModel(double pullUpVolts, double pullUpOhms, List<SchemeBands> schemes) {
    /// @throws IllegalArgumentException when a figure is out of bounds no scheme is given, or a band in volts
    ///     begins at the pull-up voltage or above
    public InputModel {
        Require.within(pullUpVolts, 0.5, 30, "pull-up in volts");
        Require.within(pullUpOhms, 10, 1e6, "pull-up in ohms");
        schemes = List.copyOf(Require.given(schemes, "loop schemes of an input"));
        for (SchemeBands bands : schemes) {
            requireWithinPullUp(bands, pullUpVolts);
        }
        if (schemes.isEmpty()) {
            throw new IllegalArgumentException("an input that reads no loop scheme is of no use; give at least one");
        }
    }

    private static void requireWithinPullUp(SchemeBands bands, double pullUpVolts) {
        double highest = bands.bands().getLast().low();
        if (bands.unit() == BandUnit.VOLTS && highest >= pullUpVolts) {
            throw new IllegalArgumentException(Text.of(
                    "a band of %s begins at %s V, and the input is pulled up to %s V only; check both",
                    bands.scheme().words(), highest, pullUpVolts));
        }
    }

    /// How it reads loops of `kind`; empty when it cannot.
    public Optional<SchemeBands> reads(SchemeKind kind) {
        return schemes.stream().filter(bands -> bands.scheme() == kind).findFirst();
    }

    /// Volts a meter shows across the input when it sees `ohms`: the divider V = Vp · R / (R + Rp).
    ///
    /// @param ohms loop resistance in ohms, 0 to positive infinity
    public double volts(double ohms) {
        return Double.isInfinite(ohms) ? pullUpVolts : pullUpVolts * ohms / (ohms + pullUpOhms);
    }

    /// The loop resistance in ohms that gives `volts` across the input: R = Rp · V / (Vp − V); positive
    /// infinity from the pull-up voltage on.
    public double ohms(double volts) {
        return volts >= pullUpVolts ? Double.POSITIVE_INFINITY : pullUpOhms * volts / (pullUpVolts - volts);
    }
}
