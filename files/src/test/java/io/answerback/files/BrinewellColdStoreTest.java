package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.prove.proof.ProofState;
import io.answerback.files.demo.DemoJobs;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

class BrinewellColdStoreTest {
    private final Assessment assessment = new Assessor(DataFiles.events()).assess(DemoJobs.job(1));

    @Test
    void itsFaultsAreTheOnesLeftInOnPurpose() {
        assertThat(assessment.findings().stream()
                        .filter(finding -> finding.grade() != Grade.NOTE)
                        .map(Finding::id))
                .containsExactlyInAnyOrder(
                        "loop-tight:07",
                        "outside-ring:C-20",
                        "cable-unlabelled:C-14",
                        "volts-short:20",
                        "reading-off:10:at-rest",
                        "learned-but-absent:3",
                        "zone-off:15",
                        "zone-without-area:20",
                        "unused-input:Panel.8",
                        "code-still-the-makers:engineer-code 0",
                        "code-still-the-makers:remote-code 0",
                        "code-still-the-makers:unit:password 0",
                        "code-still-the-makers:user-code 2",
                        "code-still-the-makers:user-code 3",
                        "way-in-too-slow:01",
                        "decided-without-reason:QUICK_SET 0",
                        "user-numbers-apart:2",
                        "receiver-misprints:B:cannot-send",
                        "data-beyond-plan:CELLULAR",
                        "receiver-misprints:B:false-account",
                        "restore-untold:B",
                        "proof-stale:09");
    }

    @Test
    void itIsMidWay() {
        assertThat(assessment.points()).hasSize(28);
        assertThat(assessment.progress(Stop.PROVE).done()).isEqualTo(13);
        assertThat(assessment.point(new PointId("09")).orElseThrow().proof())
                .isInstanceOfSatisfying(
                        ProofState.Stale.class,
                        stale -> assertThat(stale.why()).isEqualTo("cable length was 48 m, now 62 m"));
    }

    @Test
    void everyZoneTypeSendsAnEventTheTableKnows() {
        assertThat(Arrays.stream(ZoneType.values())
                        .map(ZoneType::event)
                        .filter(event -> !event.isEmpty())
                        .filter(event -> DataFiles.events().find(event).isEmpty()))
                .isEmpty();
        assertThat(DataFiles.conductors()).hasSize(11);
    }
}
