package io.answerback.core.model.profile;

import java.util.List;

/// How modules come and go on a panel's bus, step by step, from the maker's manual.
///
/// @param learning how it learns a module
/// @param removing how it is made to forget one
/// @param temporary how a keypad is used that is not to be learned; empty for a panel that has no such mode
public record BusSteps(List<String> learning, List<String> removing, List<String> temporary) {
    /// A profile that does not say.
    public static final BusSteps UNKNOWN = new BusSteps(List.of(), List.of(), List.of());

    public BusSteps {
        learning = List.copyOf(learning == null ? List.of() : learning);
        removing = List.copyOf(removing == null ? List.of() : removing);
        temporary = List.copyOf(temporary == null ? List.of() : temporary);
    }
}
