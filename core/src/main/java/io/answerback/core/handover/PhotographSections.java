package io.answerback.core.handover;

import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.service.Photograph;
import io.answerback.core.model.site.Job;
import io.answerback.core.paper.Table;
import java.util.List;

/// The photographs that lie in the folder of the pack, as a list.
record PhotographSections(Job job) {
    List<PackSection> sections() {
        List<Photograph> photographs = job.service().photographs();
        if (photographs.isEmpty()) {
            return List.of();
        }
        List<List<String>> rows = photographs.stream()
                .map(photograph -> List.of(
                        photograph.of(),
                        photograph.file(),
                        photograph
                                .takenAt()
                                .map(at -> at.toString().substring(0, 10))
                                .orElse("not kept"),
                        photograph.latitude().isPresent()
                                ? Text.of(
                                        "%.5f, %.5f",
                                        photograph.latitude().get(),
                                        photograph.longitude().orElse(0.0))
                                : "not kept"))
                .toList();
        return List.of(PackSection.of(
                "photographs",
                Mark.SOUND,
                Text.of("%d in the folder", rows.size()),
                new Table(
                        job.site().name() + ": photographs",
                        List.of("Of", "File", "Taken", "Where"),
                        List.of(2.0, 2.4, 1.0, 1.4),
                        rows,
                        List.of())));
    }
}
