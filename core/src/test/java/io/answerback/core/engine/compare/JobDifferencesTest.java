package io.answerback.core.engine.compare;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import io.answerback.core.engine.compare.JobDifference.Kind;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.testing.SmallJob;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class JobDifferencesTest {
    private final Job job = SmallJob.job();

    @Test
    void equalJobsDoNotDiffer() {
        assertThat(JobDifferences.between(job, SmallJob.job())).isEmpty();
    }

    @Test
    void whatDiffersIsNamedOneByOne() {
        Job other = SetupEdits.decide(Decision.ENTRY_TIME, 1, "20")
                .on(PointEdits.name(new PointId("02"), "Back door")
                        .on(Edits.cableMetres(new CableId("C-03"), 7).on(job)));
        assertThat(JobDifferences.between(job, other))
                .containsExactly(
                        new JobDifference("Point 02 Store door", Kind.DIFFERENT),
                        new JobDifference("Cable C-03", Kind.DIFFERENT),
                        new JobDifference("Setting \"Time to reach the keypad\" of area 01", Kind.ONLY_SECOND));
    }

    @Test
    void whatIsInOneOnlyIsToldApart() {
        Job without = PointEdits.remove(List.of(new PointId("03"))).on(job);
        assertThat(JobDifferences.between(job, without))
                .contains(new JobDifference("Point 03 Desk button", Kind.ONLY_FIRST));
        assertThat(JobDifferences.between(without, job))
                .contains(new JobDifference("Point 03 Desk button", Kind.ONLY_SECOND));
    }

    /// A part that is not compared could differ without being listed.
    @Test
    void everyPartOfAJobIsCompared() {
        JavaClass comparison = new ClassFileImporter().importClass(JobDifferences.class);
        Set<String> asked = Stream.concat(
                        comparison.getMethodReferencesFromSelf().stream(), comparison.getMethodCallsFromSelf().stream())
                .map(access -> access.getTarget().getFullName())
                .collect(Collectors.toSet());
        for (Class<?> whole : List.of(Job.class, PanelProgramming.class)) {
            assertThat(whole.getRecordComponents())
                    .allMatch(part -> asked.contains(whole.getName() + "." + part.getName() + "()"));
        }
    }
}
