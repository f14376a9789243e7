package io.answerback.core.work.materials;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Parts;
import io.answerback.core.paper.Measure;
import io.answerback.core.paper.Paper;
import io.answerback.core.paper.Table;
import io.answerback.core.paper.TableSetter;
import java.util.List;

/// The list of materials on paper and as a table.
public final class MaterialPaper {
    private MaterialPaper() {}

    /// The list on pages.
    public static Paper of(Parts job, List<Material> materials, Measure measure) {
        return TableSetter.set(table(job, materials), measure);
    }

    /// The list as a table, with a box to tick on paper.
    public static Table table(Parts job, List<Material> materials) {
        return new Table(
                job.site().name() + ": what to take",
                List.of("Loaded", "Group", "What", "Take", "Unit", "As", "Needed", "There", "From"),
                List.of(0.6, 1.2, 2.4, 0.7, 0.7, 1.3, 0.7, 0.7, 2.0),
                materials.stream()
                        .map(material -> List.of(
                                job.service().loaded().contains(material.id()) ? "x" : "[  ]",
                                material.group().title(),
                                material.what(),
                                Text.of("%.0f", material.take()),
                                material.unit(),
                                material.packed(),
                                Text.of("%.0f", material.needed()),
                                Text.of("%.0f", material.there()),
                                material.why()))
                        .toList(),
                List.of());
    }
}
