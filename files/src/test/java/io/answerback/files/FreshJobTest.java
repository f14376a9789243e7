package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.assess.CoverageQuestion;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.PanelProgramming;
import io.answerback.core.model.site.Receiver;
import io.answerback.core.survey.NewJob;
import io.answerback.files.demo.DemoJobs;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/// A job on which nothing was done yet: what is missing is not wrong before its work has begun.
class FreshJobTest {
    private static Job fresh(PanelProfile profile) {
        return NewJob.of("Wharf office", "", DataFiles.rules().getFirst(), PracticeOption.SET_UNSET, profile);
    }

    private static Assessment assessed(Job job) {
        return new Assessor(DataFiles.events()).assess(job);
    }

    static List<PanelProfile> profiles() {
        return DataFiles.profiles();
    }

    @ParameterizedTest
    @MethodSource("profiles")
    void nothingIsWrongWithAJobThatHasJustBegun(PanelProfile profile) {
        Assessment assessment = assessed(fresh(profile));
        assertThat(assessment.findings()).extracting(Finding::grade).containsOnly(Grade.NOTE);
        assertThat(assessment.stops()).extracting(stop -> stop.mark()).containsOnly(Mark.NOT_DONE);
        assertThat(assessment.points().stream().flatMap(point -> point.chain().links().stream()))
                .noneMatch(link -> link.mark() == Mark.WRONG);
    }

    @ParameterizedTest
    @MethodSource("profiles")
    void noQuestionIsAnsweredBeforeThereIsAnythingItIsAbout(PanelProfile profile) {
        assertThat(CoverageQuestion.of(assessed(fresh(profile))))
                .isNotEmpty()
                .noneMatch(CoverageQuestion::arises)
                .allMatch(question -> question.findings().isEmpty());
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void aQuestionThatIsAnsweredNoArises(int demo) {
        assertThat(CoverageQuestion.of(assessed(DemoJobs.job(demo))))
                .filteredOn(question -> !question.findings().isEmpty())
                .isNotEmpty()
                .allMatch(CoverageQuestion::arises);
    }

    @Test
    void aRouteWithoutAReceiverIsWrongOnceOneIsThere() {
        Job job = fresh(DataFiles.profile("sample-b"));
        assertThat(grade(job, "no-receiver:ip")).contains(Grade.NOTE);
        Receiver station = Receiver.overIp(new ReceiverId("A1"), "Station", "203.0.113.7", 4711, "", "0", Told.NEVER);
        Job told = new Job(
                job.site(),
                job.practice(),
                job.panel(),
                job.modules(),
                job.areas(),
                job.points(),
                job.cables(),
                job.inputs(),
                job.zones(),
                job.communicator(),
                List.of(station),
                job.proofs(),
                job.measurements(),
                job.power(),
                job.bus(),
                job.radio(),
                job.setup(),
                job.acceptance(),
                job.service());
        assertThat(grade(told, "no-receiver:ip")).contains(Grade.WRONG);
    }

    @Test
    void aCodeOfTheMakerIsWrongOnceAnythingIsTyped() {
        Job job = fresh(DataFiles.profile("sample-b"));
        String id = "code-still-the-makers:engineer-code 0";
        assertThat(grade(job, id)).contains(Grade.NOTE);
        PanelProgramming.Typed entry =
                new PanelProgramming.Typed("exit-time", 0, "45", Instant.parse("2026-07-01T08:00:00Z"), 1, "");
        Job typed = job.withSetup(job.setup().with(entry));
        assertThat(grade(typed, id)).contains(Grade.WRONG);
    }

    private static Optional<Grade> grade(Job job, String id) {
        return assessed(job).findings().stream()
                .filter(finding -> finding.id().equals(id))
                .map(Finding::grade)
                .findFirst();
    }
}
