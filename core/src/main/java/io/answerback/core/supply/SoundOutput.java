package io.answerback.core.supply;

import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.profile.TerminalUse;
import java.util.List;

/// An output that makes sounders, strobes or speakers go, and what they ask of it.
///
/// @param module the module it is on
/// @param moduleName what that module is called
/// @param terminal the terminal, as printed
/// @param use what it makes go
/// @param limitMilliamps what it gives, in milliamps; 0 where that is not known
/// @param loads what hangs on it
public record SoundOutput(
        ModuleId module, String moduleName, String terminal, TerminalUse use, double limitMilliamps, List<Load> loads) {
    /// One thing that is made to go.
    ///
    /// @param part the module
    /// @param title what it is called
    /// @param milliamps what it takes from the output, in milliamps at 12 V
    /// @param inrushMilliamps what it takes for a moment when it starts; as much as later where no more is known
    public record Load(ModuleId part, String title, double milliamps, double inrushMilliamps) {}

    public SoundOutput {
        loads = List.copyOf(loads);
    }

    /// What all of them take from it, in milliamps at 12 V.
    public double milliamps() {
        return loads.stream().mapToDouble(Load::milliamps).sum();
    }

    /// Whether they take more than it is known to give.
    public boolean overloaded() {
        return limitMilliamps > 0 && milliamps() > limitMilliamps;
    }

    /// What all of them take for a moment when they start together, in milliamps at 12 V.
    public double inrushMilliamps() {
        return loads.stream().mapToDouble(Load::inrushMilliamps).sum();
    }

    /// Whether they take more than it is known to give only while they start.
    public boolean trippedByInrush() {
        return limitMilliamps > 0 && !overloaded() && inrushMilliamps() > limitMilliamps;
    }

    /// Its name with its module's, such as "Panel · SND".
    public String title() {
        return moduleName + " · " + terminal;
    }
}
