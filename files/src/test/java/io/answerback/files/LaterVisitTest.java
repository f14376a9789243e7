package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.ServiceEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.service.Crew;
import io.answerback.core.model.service.HandedOver;
import io.answerback.core.model.service.LeavingTick;
import io.answerback.core.model.service.LeftOut;
import io.answerback.core.model.service.PartUsed;
import io.answerback.core.model.service.Visit;
import io.answerback.core.model.service.VisitKind;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Measurement;
import io.answerback.core.model.site.Measurement.Measured;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.core.work.servicing.Drift;
import io.answerback.core.work.servicing.DueDate;
import io.answerback.core.work.servicing.DueDates;
import io.answerback.core.work.servicing.Leaving;
import io.answerback.core.work.servicing.LeavingCheck;
import io.answerback.core.work.servicing.ServicePlan;
import io.answerback.core.work.servicing.ServiceTask;
import io.answerback.core.work.servicing.ServiceTask.Why;
import io.answerback.core.work.servicing.ShownOnVisit;
import io.answerback.core.work.servicing.Trend;
import io.answerback.files.demo.DemoJobs;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// The first demo two years later: the visit before, what drifted since, and a service visit that plans itself.
class LaterVisitTest {
    private static final Instant FIRST = Instant.parse("2026-05-12T08:00:00Z");
    private static final Instant FIRST_END = Instant.parse("2026-05-12T16:00:00Z");
    private static final LocalDate LATER = LocalDate.of(2028, 5, 12);

    private static Job visited() {
        Job job =
                ServiceEdits.begin(VisitKind.INSTALL, "new system", "jk", FIRST).on(DemoJobs.job(1));
        job = ServiceEdits.used(new PartUsed("resistor 4k7", 2, "pieces")).on(job);
        job = ServiceEdits.leftOut(new LeftOut("Cover of 13 Roof hatch", "no ladder"))
                .on(job);
        return ServiceEdits.end(FIRST_END, List.of("length of C-11")).on(job);
    }

    private static Job reading(Job job, String day, double ohms) {
        List<Measurement> all = new ArrayList<>(job.measurements());
        all.add(new Measurement(
                new PointId("07"), Instant.parse(day + "T10:00:00Z"), Measured.LOOP_AT_REST, Optional.of(ohms), ""));
        return job.withMeasurements(all);
    }

    private static Assessment later(Job job) {
        return new Assessor(DataFiles.events()).on(LATER).assess(job);
    }

    private static List<ServiceTask> tasks(Assessment assessment, Why why) {
        return assessment.get(ServicePlan.FACT).stream()
                .filter(task -> task.why() == why)
                .toList();
    }

    @Test
    void theVisitPlansItself() {
        Job job = reading(reading(visited(), "2026-05-12", 2230), "2028-05-11", 2430);
        Assessment assessment = later(job);
        assertThat(tasks(assessment, Why.DUE))
                .extracting(ServiceTask::what)
                .contains("Replace or renew the battery of Panel", "Replace or renew the SIM of the communicator");
        assertThat(tasks(assessment, Why.DRIFTS))
                .extracting(ServiceTask::what)
                .contains("07 Dock roller door 2, loop at rest");
        assertThat(tasks(assessment, Why.STALE))
                .extracting(ServiceTask::what)
                .containsExactly("Show: 09 Cold room A door");
        assertThat(tasks(assessment, Why.LEFT_OUT))
                .extracting(ServiceTask::because)
                .containsExactly("no ladder");
        // a tenth of the thirteen that hold, rounded up
        assertThat(tasks(assessment, Why.IN_TURN)).hasSize(2);
        assertThat(assessment.get(ServicePlan.FACT))
                .extracting(ServiceTask::why)
                .isSortedAccordingTo(java.util.Comparator.naturalOrder());
    }

    @Test
    void whatDriftsSaysWhenItCrossesItsBand() {
        Trend trend =
                later(reading(reading(visited(), "2026-05-12", 2230), "2028-05-11", 2430)).get(Drift.FACT).stream()
                        .filter(its -> its.of().startsWith("07 "))
                        .findFirst()
                        .orElseThrow();
        // 200 Ω in two years
        assertThat(trend.perYear()).isBetween(95.0, 105.0);
        assertThat(trend.bound()).isPresent();
        double years = (trend.bound().orElseThrow() - 2430) / trend.perYear();
        LocalDate expected = LocalDate.of(2028, 5, 11).plusDays(Math.round(years * 365.25));
        assertThat(trend.crosses().orElseThrow()).isBetween(expected.minusDays(2), expected.plusDays(2));
    }

    @Test
    void theNextVisitIsReckonedFromTheLastOneOrAgreed() {
        Assessment byRules = later(visited());
        assertThat(byRules.get(DueDates.FACT))
                .filteredOn(due -> due.kind() == DueDate.Kind.VISIT)
                .extracting(DueDate::date)
                .startsWith(LocalDate.of(2026, 11, 12), LocalDate.of(2027, 5, 12));
        Job job = ServiceEdits.begin(VisitKind.SERVICE, "", "jk", FIRST_END.plusSeconds(86_400))
                .on(visited());
        job = ServiceEdits.nextDue(Optional.of(LocalDate.of(2027, 1, 4))).on(job);
        job = ServiceEdits.end(FIRST_END.plusSeconds(90_000), List.of()).on(job);
        assertThat(later(job).get(DueDates.FACT))
                .filteredOn(due -> due.kind() == DueDate.Kind.VISIT)
                .extracting(DueDate::date)
                .startsWith(LocalDate.of(2027, 1, 4));
    }

    @Test
    void beforeLeavingIsAskedAnewOnEveryVisit() {
        Job ticked = ServiceEdits.looked(new LeavingTick("covers", "jk", FIRST)).on(visited());
        assertThat(check(ticked, "covers").well()).isTrue();
        Job next = ServiceEdits.begin(VisitKind.SERVICE, "", "jk", FIRST_END.plusSeconds(1))
                .on(ticked);
        assertThat(check(next, "covers").well()).isFalse();
        assertThat(check(next, "sim").says()).startsWith("over since");
        assertThat(check(next, "codes").well()).isFalse();
    }

    private static LeavingCheck check(Job job, String id) {
        return later(job).get(Leaving.FACT).stream()
                .filter(its -> its.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /// The demo was walked on the afternoon of the first visit: thirteen lines that hold and one that went stale.
    @Test
    void whatWasShownBelongsToTheVisitOnWhichItWasShown() {
        Assessment assessment = later(visited());
        Visit first = assessment.job().service().last().orElseThrow();
        assertThat(ShownOnVisit.titles(first, assessment.job().acceptance(), assessment.get(AcceptancePlan.STATES)))
                .hasSize(14)
                .contains("09 Cold room A door", "Strobe of Sounder");
        Visit later = Visit.begun(2, VisitKind.SERVICE, "", "jk", FIRST_END.plusSeconds(1));
        assertThat(ShownOnVisit.titles(later, assessment.job().acceptance(), assessment.get(AcceptancePlan.STATES)))
                .isEmpty();
    }

    @Test
    void lateIsSaidEarly() {
        Job soon = ServiceEdits.crew(new Crew(1, 2, Optional.of(LATER))).on(DemoJobs.job(1));
        assertThat(later(soon).findings()).extracting(Finding::id).anyMatch(id -> id.startsWith("hand-over-late"));
        Job enough = ServiceEdits.crew(new Crew(2, 8, Optional.of(LATER.plusDays(10))))
                .on(DemoJobs.job(1));
        assertThat(later(enough).findings()).extracting(Finding::id).noneMatch(id -> id.startsWith("hand-over-late"));
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() ->
                        ServiceEdits.begin(VisitKind.SERVICE, "", "jk", FIRST).on(visited()))
                .hasMessageContaining("cannot begin before the latest one ended");
        assertThatThrownBy(() -> ServiceEdits.end(FIRST_END, List.of()).on(visited()))
                .hasMessageContaining("begin one first");
        assertThatThrownBy(() ->
                        Visit.begun(1, VisitKind.SERVICE, "", "jk", FIRST_END).ended(FIRST, List.of()))
                .hasMessageContaining("ends before it begins");
        assertThatThrownBy(() -> new HandedOver("code 4711", "the manager", "jk", FIRST))
                .hasMessageContaining("codes are kept nowhere");
    }

    @Test
    void visitsAreKeptInTheJobFile() throws Exception {
        Job job = ServiceEdits.begin(VisitKind.REPAIR, "wet joint", "änd", FIRST_END.plusSeconds(1))
                .on(visited());
        String text = JobCodec.write(JobDocument.of(job));
        assertThat(JobCodec.read(text, "job").job().service()).isEqualTo(job.service());
        assertThat(Edits.cableMetres(new io.answerback.core.model.id.CableId("C-09"), 3)
                        .on(job)
                        .service())
                .isSameAs(job.service());
    }
}
