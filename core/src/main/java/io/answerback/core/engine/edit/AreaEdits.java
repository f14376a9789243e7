package io.answerback.core.engine.edit;

import io.answerback.core.model.common.Text;
import io.answerback.core.model.site.Area;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import java.util.ArrayList;
import java.util.List;

/// Edits to the areas of a site. All refuse what cannot be with [IllegalArgumentException] when applied.
public final class AreaEdits {
    private AreaEdits() {}

    /// Another name for an area.
    public static Edit name(int number, String name) {
        return new Edit(
                "name of area " + number,
                job -> job.withAreas(job.areas().stream()
                        .map(area -> area.number() == number ? area.withName(name) : area)
                        .toList()));
    }

    /// Another area, after the others.
    public static Edit add(int number, String name) {
        return new Edit("area " + number, job -> {
            List<Area> areas = new ArrayList<>(job.areas());
            areas.add(new Area(number, name, ""));
            return job.withAreas(areas);
        });
    }

    /// Takes away an area in which nothing is watched; no module works it then.
    public static Edit remove(int number) {
        return new Edit("removal of area " + number, job -> {
            requireEmpty(job, number);
            return job.withAreas(job.areas().stream()
                            .filter(area -> area.number() != number)
                            .toList())
                    .withModules(job.modules().stream()
                            .map(module -> module.withAreas(module.areas().stream()
                                    .filter(area -> area != number)
                                    .toList()))
                            .toList());
        });
    }

    private static void requireEmpty(Job job, int number) {
        long points = job.points().stream()
                .filter(point ->
                        point.surveyed().area().filter(area -> area == number).isPresent())
                .count();
        if (points > 0) {
            throw new IllegalArgumentException(
                    Text.of("area %d has %d points; move them to another area first", number, points));
        }
    }
}
