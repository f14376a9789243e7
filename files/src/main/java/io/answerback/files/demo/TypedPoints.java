package io.answerback.files.demo;

import io.answerback.core.model.profile.Conductor;
import io.answerback.core.model.site.Job;
import io.answerback.core.survey.EntryLine;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.core.survey.NewPoint;
import io.answerback.files.DataFiles;
import java.util.Optional;

/// Types the points of a demo job as an engineer would.
final class TypedPoints {
    private static final String USUAL_CONDUCTOR = "0.22 mm²";

    private TypedPoints() {}

    /// A job with the points of a data file, one a line.
    static Job typed(Job job, String file) {
        KindCatalogue kinds = DataFiles.kinds();
        Conductor conductor = DataFiles.conductors().stream()
                .filter(known -> known.name().equals(USUAL_CONDUCTOR))
                .findFirst()
                .orElseThrow();
        Job next = job;
        for (String line : DataFiles.lines(file)) {
            next = NewPoint.add(new EntryLine(kinds, next, Optional.empty()).read(line), conductor)
                    .on(next);
        }
        return next;
    }
}
