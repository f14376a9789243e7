package io.answerback.core.work.materials;

import io.answerback.core.engine.memo.Fact;
import io.answerback.core.engine.memo.Facts;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/// Everything that is taken to a site, group by group.
///
/// @param materials each material, also those of which all is on site already
public record MaterialList(List<Material> materials) {
    /// The materials of a job.
    public static final Fact<MaterialList> FACT = Fact.of("materials", MaterialList::of);

    public MaterialList {
        materials = List.copyOf(materials);
    }

    private static MaterialList of(Facts facts) {
        return new MaterialList(Stream.of(
                        new CableMaterials(facts).materials(),
                        new DeviceMaterials(facts).materials(),
                        new ModuleMaterials(facts).materials(),
                        new Tools(facts).materials())
                .flatMap(List::stream)
                .sorted(Comparator.comparing(Material::group).thenComparing(Material::what))
                .toList());
    }

    /// What is to be loaded: everything of which something is taken.
    public List<Material> toTake() {
        return materials.stream().filter(material -> material.take() > 0).toList();
    }
}
