package io.answerback.core.engine.edit;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.common.Text;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import java.util.Set;
import java.util.stream.Collectors;

/// How cables are labelled.
public final class CableLabels {
    private CableLabels() {}

    /// A label no cable of the job has: "C-" with the point's number where that is free, else with the lowest
    /// number above every label's.
    public static CableId free(Job job, PointId pointId) {
        Set<CableId> taken = job.cables().stream().map(Cable::id).collect(Collectors.toSet());
        CableId wanted = new CableId("C-" + pointId);
        return taken.contains(wanted) ? new CableId(Text.of("C-%02d", highest(taken) + 1)) : wanted;
    }

    private static int highest(Set<CableId> labels) {
        return labels.stream()
                .filter(label -> label.text().matches("C-\\d{1,6}"))
                .mapToInt(label -> Integer.parseInt(label.text().substring(2)))
                .max()
                .orElse(0);
    }
}
