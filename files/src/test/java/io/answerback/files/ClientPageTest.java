package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.handover.Pack;
import io.answerback.core.handover.PackSection;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.site.Job;
import io.answerback.core.setup.CodeUnchanged;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.work.servicing.DueDate;
import io.answerback.core.work.servicing.DueDates;
import io.answerback.files.demo.DemoJobs;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// What the client of a site reads, from what the panel does there.
class ClientPageTest {
    private static final LocalDate DAY = LocalDate.of(2026, 7, 1);

    private static Pack pack(Job job) {
        return Pack.of(new Assessor(DataFiles.events()).on(DAY).assess(job), DataFiles.events(), DAY);
    }

    private static List<List<String>> rows(Job job, String section) {
        return pack(job).sections().stream()
                .filter(its -> its.id().equals(section))
                .map(PackSection::tables)
                .flatMap(List::stream)
                .flatMap(table -> table.rows().stream())
                .toList();
    }

    private static String says(Job job, String what) {
        return rows(job, "your-alarm-system").stream()
                .filter(row -> row.getFirst().equals(what))
                .findFirst()
                .orElseThrow()
                .getLast();
    }

    @Test
    void onlyADoorThatStartsTheEntryTimeIsAWayIn() {
        Job job = DemoJobs.job(1);
        assertThat(says(job, "To unset Offices")).startsWith("Come in by Office entrance.");
        assertThat(says(job, "To unset Dock"))
                .isEqualTo(
                        "Before you open any of its doors, enter your code at Keypad 2: each of them alarms at once.");
        assertThat(says(job, "To set Dock")).contains("Leave it, and enter your code at Keypad 2");
    }

    @Test
    void anAreaThatFollowsIsSetAndUnsetWithTheOthers() {
        Job job = SetupEdits.decide(Decision.AREA_FOLLOWS, 3, "1,2").on(DemoJobs.job(1));
        assertThat(says(job, "To unset Cold rooms and plant"))
                .isEqualTo("It is unset by itself once Offices or Dock is.");
        assertThat(says(job, "To set Cold rooms and plant"))
                .isEqualTo("It is set by itself once Offices and Dock are.");
    }

    @Test
    void whichCodesAreTheMakersIsNotInWhatTheClientKeeps() {
        Job job = DemoJobs.job(1);
        List<String> codes = new Assessor(DataFiles.events())
                .assess(job).findings().stream()
                        .filter(CodeUnchanged::isAbout)
                        .filter(finding -> finding.grade() == Grade.WRONG)
                        .map(finding -> finding.says())
                        .toList();
        assertThat(codes).isNotEmpty();
        List<String> printed = pack(job).sections().stream()
                .flatMap(section -> section.tables().stream())
                .flatMap(table -> table.rows().stream())
                .flatMap(List::stream)
                .toList();
        assertThat(printed).doesNotContainAnyElementsOf(codes).noneMatch(cell -> cell.contains("Code of a user"));
        assertThat(printed).contains("Not every code has been changed yet");
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void everyDemoHasItsVisitsOnTheCalendar(int demo) {
        Job job = DemoJobs.job(demo);
        List<DueDate> due = new Assessor(DataFiles.events()).assess(job).get(DueDates.FACT);
        assertThat(DueDates.from(due, job.practice(), DAY))
                .filteredOn(date -> date.kind() == DueDate.Kind.VISIT)
                .hasSize(4);
        assertThat(rows(job, "due-dates")).anyMatch(row -> row.contains("service visit"));
    }
}
