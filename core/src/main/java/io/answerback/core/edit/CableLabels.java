package io.answerback.core.edit;

import io.answerback.core.cable.Cable;
import io.answerback.core.common.Text;
import io.answerback.core.site.Job;
import java.util.Set;
import java.util.stream.Collectors;

/// How cables are labelled.
public final class CableLabels {
    private CableLabels() {}

    /// A label no cable of the job has: "C-" with the point's number where that is free, else with the lowest
    /// number above every label's.
    public static String free(Job job, String pointId) {
        Set<String> taken = job.cables().stream().map(Cable::id).collect(Collectors.toSet());
        String wanted = "C-" + pointId;
        return taken.contains(wanted) ? Text.of("C-%02d", highest(taken) + 1) : wanted;
    }

    private static int highest(Set<String> labels) {
        return labels.stream()
                .filter(label -> label.matches("C-\\d{1,6}"))
                .mapToInt(label -> Integer.parseInt(label.substring(2)))
                .max()
                .orElse(0);
    }
}
