package io.answerback.desktop.present;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.edit.Edits;
import io.answerback.core.format.FramePart;
import io.answerback.core.id.PointId;
import io.answerback.core.practice.PracticeQuestion;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.site.Job;
import io.answerback.core.survey.NewJob;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import java.time.Instant;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class ReportPresentationTest {
    private static final Instant AT = Instant.parse("2026-05-12T09:41:07Z");

    private final Job job = DemoJobs.job(1);

    private static ReportPresentation of(Job job, String point) {
        Assessment assessment = new Assessor(DataFiles.events()).assess(job);
        return ReportPresentation.of(job, assessment.point(new PointId(point)).orElseThrow(), DataFiles.events(), AT);
    }

    private static String bytes(ReportPresentation report) {
        return report.frame().stream().map(FramePart::text).collect(Collectors.joining());
    }

    @Test
    void aWiredPointShowsItsZoneItsFrameAndItsTones() {
        ReportPresentation report = of(job, "07");
        assertThat(report.about()).isEqualTo("07 Dock roller door 2: open, its area set");
        assertThat(report.programming()).hasValueSatisfying(zone -> {
            assertThat(zone.input()).isEqualTo("Expander 1 · 7");
            assertThat(zone.zone()).isEqualTo(15);
            assertThat(zone.area().orElseThrow().number()).isEqualTo(2);
            assertThat(zone.areas()).isEqualTo(job.areas());
        });
        assertThat(report.nothing()).isEmpty();
        assertThat(bytes(report))
                .contains("ADM-CID")
                .contains("#7316|1130 02 015")
                .contains("09:41:07,05-12-2026");
        assertThat(report.tones().orElseThrow().digits()).matches("7316 18 1130 02 015 [0-9A-F]");
    }

    @Test
    void receiversStandInTheOrderInWhichTheyAreTried() {
        assertThat(of(job, "07").tried())
                .extracting(ReportPresentation.Tried::name)
                .containsExactlyElementsOf(job.routeReceivers().stream()
                        .map(receiver -> receiver.name())
                        .toList());
    }

    @Test
    void aZoneThatIsOffSaysWhyNothingLeaves() {
        ReportPresentation report = of(Edits.zoneType(15, ZoneType.NOT_USED).on(job), "07");
        assertThat(report.frame()).isEmpty();
        assertThat(report.tones()).isEmpty();
        assertThat(report.nothing()).startsWith("Nothing leaves yet: ").contains("15");
    }

    @Test
    void aPointOfThePanelHasNoZoneToProgram() {
        ReportPresentation report = of(job, "mains");
        assertThat(report.programming()).isEmpty();
        assertThat(bytes(report)).contains("1301");
    }

    @Test
    void aFreshJobHasNobodyToTry() {
        var rules = DataFiles.rules().getFirst();
        Job fresh = NewJob.of(
                "Harbour Hall",
                "",
                rules,
                rules.option(PracticeQuestion.WORDING),
                DataFiles.profiles().getFirst());
        ReportPresentation report = of(fresh, "mains");
        assertThat(report.tried()).isEmpty();
        assertThat(report.nothing()).isEqualTo("Nothing leaves yet: system, no account.");
    }
}
