package io.answerback.desktop.present;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.id.ReceiverId;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Job;
import io.answerback.core.report.JobSignals;
import io.answerback.core.report.ReceiverPrintouts;
import io.answerback.core.signal.format.FramePart;
import io.answerback.core.signal.sound.Call;
import io.answerback.core.survey.NewJob;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import java.time.Instant;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class ReportPresentationTest {
    private static final Instant AT = Instant.parse("2026-05-12T09:41:07Z");

    private final Job job = DemoJobs.job(1);

    private static ReportPresentation of(Job job, String point, String receiver) {
        Assessment assessment = new Assessor(DataFiles.events()).assess(job);
        return ReportPresentation.of(
                job,
                assessment.point(new PointId(point)).orElseThrow(),
                job.receiver(new ReceiverId(receiver)),
                DataFiles.reporting(),
                AT);
    }

    private static ReportPresentation of(Job job, String point) {
        return of(job, point, "A1");
    }

    private static String bytes(ReportPresentation report) {
        return report.outgoing().orElseThrow().parts().stream()
                .map(FramePart::text)
                .collect(Collectors.joining());
    }

    @Test
    void aWiredPointShowsItsZoneAndItsFrame() {
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
        assertThat(report.told()).isEqualTo(Told.ALWAYS);
        assertThat(report.call()).isEmpty();
    }

    @Test
    void aReceiverOnALineShowsItsRoundsItsCallAndTheMisprintWithWhatWouldMendIt() {
        ReportPresentation report = of(job, "07", "B");
        assertThat(bytes(report)).isEqualTo("0423".repeat(2) + "333F".repeat(2));
        assertThat(report.printout().orElseThrow().lines()).hasSize(2);
        assertThat(report.call().orElseThrow().steps())
                .extracting(Call.Step::says)
                .containsExactly(
                        "seizes the line", "dials 7 digits", "rings", "hears 2300 Hz", "0423", "333F", "acknowledged");
        assertThat(report.remedies()).isNotEmpty().allSatisfy(remedy -> {
            Job mended = remedy.edit().on(job);
            assertThat(ReceiverPrintouts.of(
                                    JobSignals.of(mended),
                                    mended.receiver(new ReceiverId("B")).orElseThrow(),
                                    DataFiles.events())
                            .misleading())
                    .hasSize(remedy.after());
        });
    }

    @Test
    void aZoneThatIsOffSaysWhyNothingLeaves() {
        ReportPresentation report = of(Edits.zoneType(15, ZoneType.NOT_USED).on(job), "07");
        assertThat(report.outgoing()).isEmpty();
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
        assertThat(report.receiver()).isEmpty();
        assertThat(report.nothing()).isEqualTo("Nothing leaves yet: system, no account.");
    }
}
