package io.answerback.benchmarks;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.SystemPoint;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/// What is wrong with the findings of a job, whatever the job is: two of one name, words that are missing, a
/// point that is not there, words that a program left unfinished, and an edit that is said to mend and does not.
final class FindingFaults {
    /// What stands in words when something was put into them that is none: a missing figure, a value as Java
    /// shows it, a place that was not filled in.
    private static final Pattern UNFINISHED =
            Pattern.compile("\\bnull\\b|NaN|Infinity|Optional[\\[.]|\\w\\[\\w+=|%[sdc]|(?<!\\w)-0 ");

    private FindingFaults() {}

    /// The faults of an assessment, each in a sentence.
    ///
    /// @param assessor assesses the mended jobs
    static List<String> of(Assessor assessor, Assessment assessment) {
        List<String> faults = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        Map<String, Assessment> tried = new HashMap<>();
        for (Finding finding : assessment.findings()) {
            if (!ids.add(finding.id())) {
                faults.add("two findings are called " + finding.id());
            }
            if (finding.says().isBlank()
                    || finding.why().isBlank()
                    || finding.remedy().isBlank()) {
                faults.add(finding.id() + " lacks words");
            }
            Stream.of(finding.says(), finding.why(), finding.remedy())
                    .filter(words -> UNFINISHED.matcher(words).find())
                    .forEach(words -> faults.add("%s says \"%s\"".formatted(finding.id(), words)));
            finding.point()
                    .filter(point -> !there(assessment.job(), point))
                    .ifPresent(point -> faults.add(finding.id() + " is of " + point + ", which is not there"));
            // findings of many points share one edit, which is tried once
            finding.mend()
                    .map(edit -> tried.computeIfAbsent(
                            edit.name(assessment.job()),
                            name -> assessor.assess(edit.on(assessment.job()), assessment)))
                    .filter(mended -> stands(finding, mended))
                    .ifPresent(mended -> faults.add(finding.id() + " stands after it was mended: " + finding.says()));
        }
        return faults;
    }

    private static boolean there(Job job, PointId point) {
        return job.point(point).isPresent() || SystemPoint.of(point).isPresent();
    }

    private static boolean stands(Finding finding, Assessment mended) {
        return mended.findings().stream()
                .anyMatch(
                        other -> other.id().equals(finding.id()) && other.says().equals(finding.says()));
    }
}
