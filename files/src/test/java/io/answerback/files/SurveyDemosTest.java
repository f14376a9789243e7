package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.device.ContactForm;
import io.answerback.core.model.device.KindFamily;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Job;
import io.answerback.core.survey.KindCatalogue;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.survey.capacity.CapacityOption;
import io.answerback.core.survey.capacity.CapacityOptions;
import io.answerback.core.survey.takeover.FoundLoop;
import io.answerback.files.demo.DemoJobs;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class SurveyDemosTest {
    private static Assessment assess(Job job) {
        return new Assessor(DataFiles.events()).assess(job);
    }

    private static Stream<String> atSurvey(Job job) {
        return assess(job).findings().stream()
                .filter(finding -> finding.stop() == Stop.SURVEY && finding.grade() != Grade.NOTE)
                .map(Finding::id);
    }

    @Test
    void thePotteryHasTheFaultsLeftInOnPurpose() {
        assertThat(atSurvey(DemoJobs.job(2))).containsExactlyInAnyOrder("window-glass:2", "departure:school:DELAYS");
        assertThat(assess(DemoJobs.job(2)).progress(Stop.SURVEY).done()).isEqualTo(6);
    }

    @Test
    void theGalleryHasFarMorePointsThanInputs() {
        assertThat(atSurvey(DemoJobs.job(3)))
                .containsExactlyInAnyOrder(
                        "inputs-short",
                        "window-glass:2",
                        "departure:supervision",
                        "departure:scheme:03",
                        "departure:scheme:04",
                        "series-hides:03",
                        "series-hides:04",
                        "found-unlike-planned:05");
    }

    @Test
    void theConverterOfTheRightBandClosesTheGallerysGap() {
        var facts = assess(DemoJobs.job(3));
        assertThat(facts.get(CapacityOptions.FACT).ways())
                .extracting(CapacityOption::says)
                .containsExactly("Converter, 12 inputs");
        assertThat(facts.get(CapacityOptions.FACT).ruledOut())
                .extracting(out -> out.kind().id())
                .containsExactly("converter-6");
        Job fitted = CapacityEdits.fit(
                        "converter",
                        facts.get(CapacityOptions.FACT).ways().getFirst().modules())
                .on(DemoJobs.job(3));
        Job wired = CapacityEdits.giveInputs().on(fitted);
        assertThat(assess(wired).progress(Stop.SURVEY).done()).isEqualTo(13);
        // the two-wire smoke loop can go to input 12 of the converter only
        assertThat(wired.inputOf(new PointId("08")).orElseThrow().number()).isEqualTo(12);
    }

    @Test
    void theGallerysReadingsSayWhatIsThere() {
        FoundLoop old = FoundLoop.of(DemoJobs.job(3), new PointId("03"));
        assertThat(old.form()).contains(ContactForm.NORMALLY_CLOSED);
        assertThat(old.noResistor()).isTrue();
        assertThat(FoundLoop.of(DemoJobs.job(3), new PointId("05")).resistorOhms())
                .contains(4700.0);
    }

    @Test
    void theKindsSurveyorsNeedAreThere() {
        List<PointKind> kinds = DataFiles.kinds().entries().stream()
                .map(KindCatalogue.Entry::kind)
                .toList();
        assertThat(kinds).extracting(PointKind::family).contains(KindFamily.values());
        assertThat(kinds)
                .filteredOn(PointKind::twoWire)
                .extracting(PointKind::id)
                .containsExactly("smoke-two-wire");
        assertThat(kinds)
                .filteredOn(kind -> kind.family() == KindFamily.MOVEMENT && !kind.radio())
                .allSatisfy(kind -> {
                    assertThat(kind.polarity()).isTrue();
                    assertThat(kind.powering().orElseThrow().warmUpSeconds()).isPositive();
                });
        assertThat(DataFiles.kinds()
                        .namedIn("loading bay roller door")
                        .orElseThrow()
                        .entry()
                        .usualType())
                .isEqualTo(ZoneType.IMMEDIATE);
    }

    @Test
    void everyDemoComesBackFromItsFile() throws BrokenFile {
        for (int number = 1; number <= DemoJobs.COUNT; number++) {
            Job job = DemoJobs.job(number);
            assertThat(JobCodec.read(JobCodec.write(JobDocument.of(job)), "demo")
                            .job())
                    .isEqualTo(job);
        }
    }
}
