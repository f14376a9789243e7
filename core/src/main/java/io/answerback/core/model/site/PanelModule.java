package io.answerback.core.model.site;

import io.answerback.core.model.common.Require;
import io.answerback.core.model.id.ModuleId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/// A module of the panel on this site.
///
/// @param id what it is known by; unique in the job, and the same for as long as it is there
/// @param name what it is called here, such as "Expander 1"
/// @param kindId which of the profile's kinds it is
/// @param areas the areas that can be made to watch from it; empty for a module without keys
/// @param besideMetal whether it is mounted inside a steel box or close to metal
@RecordBuilder
public record PanelModule(ModuleId id, String name, String kindId, List<Integer> areas, boolean besideMetal)
        implements PanelModuleBuilder.With {
    /// @throws IllegalArgumentException when a name is blank or an area out of bounds
    public PanelModule {
        Require.given(id, "module id");
        name = Require.text(name, "name of module " + id);
        kindId = Require.text(kindId, "kind of module " + name);
        areas = List.copyOf(areas == null ? List.of() : areas);
        for (int area : areas) {
            Require.within(area, 1, 99, "area of module " + name);
        }
    }

    /// A new module, known by the name it begins with, that is mounted clear of metal.
    public static PanelModule called(String name, String kindId, List<Integer> areas) {
        return new PanelModule(new ModuleId(name), name, kindId, areas, false);
    }

    /// The word with the lowest number that makes it a name no module has and none is known by, such as "Keypad
    /// 2".
    public static String freeName(Parts job, String word) {
        int number = 1;
        while (taken(job, word + " " + number)) {
            number++;
        }
        return word + " " + number;
    }

    private static boolean taken(Parts job, String name) {
        return job.modules().stream()
                .anyMatch(module ->
                        module.name().equals(name) || module.id().text().equals(name));
    }
}
