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
/// @param capacity how much it takes
/// @param radioBand the radio band it hears, such as "band P"; empty when it has no radio
/// @param modules the kinds of module it can have; the first is its own board
public record PanelProfile(
        String id,
        String name,
        double pullUpVolts,
        double pullUpOhms,
        int entrySeconds,
        List<SchemeBands> schemes,
        Capacity capacity,
        String radioBand,
        List<ModuleKind> modules) {
    /// @throws IllegalArgumentException when a name is blank, a figure out of bounds, no scheme is given, or
    ///     the
    ///     first module is not the board
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
        Require.given(capacity, "capacity of panel profile " + name);
        radioBand = radioBand == null ? "" : radioBand.strip();
        modules = List.copyOf(Require.given(modules, "modules of panel profile " + name));
        if (modules.isEmpty() || modules.getFirst().sort() != ModuleSort.BOARD) {
            throw new IllegalArgumentException("the first module of panel profile " + name + " must be its board");
        }
    }

    /// The panel's own board.
    public ModuleKind board() {
        return modules.getFirst();
    }

    /// The kind of module with this id; empty when the panel has none.
    public Optional<ModuleKind> module(String kindId) {
        return modules.stream().filter(kind -> kind.id().equals(kindId)).findFirst();
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
