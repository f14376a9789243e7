package io.answerback.files.demo;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.site.Job;
import io.answerback.files.DataFiles;
import java.time.LocalDate;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// A demo that is opened months later stands as it did on its own day: nothing in it is overdue for that.
class DemoDayTest {
    private static final LocalDate OWN = LocalDate.of(2026, 6, 2);

    private static Assessment assessed(Job job, LocalDate today) {
        return new Assessor(DataFiles.events()).on(today).assess(job);
    }

    @ParameterizedTest
    @CsvSource({"1, 2026-12-01", "2, 2027-03-15", "3, 2029-02-28"})
    void whatWasDueSoonIsDueSoonAndEveryFindingIsTheSame(int number, LocalDate today) {
        Assessment own = assessed(DemoJobs.job(number), OWN);
        Assessment later = assessed(DemoJobs.job(number, today), today);
        assertThat(later.findings())
                .extracting(Finding::id)
                .isEqualTo(own.findings().stream().map(Finding::id).toList());
        for (Stop stop : Stop.values()) {
            assertThat(later.progress(stop)).isEqualTo(own.progress(stop));
        }
    }
}
