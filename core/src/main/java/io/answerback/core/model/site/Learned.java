package io.answerback.core.model.site;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.profile.ModuleSort;

/// Something the panel has learned is on its bus.
///
/// @param address at which address
/// @param sort what sort of module answers there
public record Learned(int address, ModuleSort sort) {
    /// @throws IllegalArgumentException when the sort is missing or the address out of bounds
    public Learned {
        Require.within(address, 0, 255, "address the panel has learned");
        Require.given(sort, "sort of module the panel has learned at address " + address);
    }
}
