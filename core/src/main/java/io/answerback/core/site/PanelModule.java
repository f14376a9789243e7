package io.answerback.core.site;

import io.answerback.core.common.Require;
import java.util.List;

/// A module of the panel on this site.
///
/// @param name what it is called here, unique in the job, such as "Expander 1"
/// @param kindId which of the profile's kinds it is
/// @param areas the areas that can be made to watch from it; empty for a module without keys
/// @param besideMetal whether it is mounted inside a steel box or close to metal
public record PanelModule(String name, String kindId, List<Integer> areas, boolean besideMetal) {
    /// @throws IllegalArgumentException when a name is blank or an area out of bounds
    public PanelModule {
        name = Require.text(name, "module name");
        kindId = Require.text(kindId, "kind of module " + name);
        areas = List.copyOf(areas == null ? List.of() : areas);
        for (int area : areas) {
            Require.within(area, 1, 99, "area of module " + name);
        }
    }

    /// A module that is mounted clear of metal.
    public PanelModule(String name, String kindId, List<Integer> areas) {
        this(name, kindId, areas, false);
    }

    /// The same module working other areas.
    public PanelModule withAreas(List<Integer> other) {
        return new PanelModule(name, kindId, other, besideMetal);
    }

    /// The same module inside a steel box or close to metal, or clear of it.
    public PanelModule withBesideMetal(boolean metal) {
        return new PanelModule(name, kindId, areas, metal);
    }
}
