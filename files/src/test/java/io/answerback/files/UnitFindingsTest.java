package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.UnitEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.visit.NextVisit;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.unit.Attachment;
import io.answerback.files.demo.DemoJobs;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// What is found of the communicators of the demos.
class UnitFindingsTest extends UnitsOfDemos {
    @Test
    void thePotteryAndTheGalleryHaveTheFaultsThatWereLeftIn() {
        assertThat(found(DemoJobs.job(2)))
                .contains("capture-number", "capture-delay", "unit-two-supplies")
                .doesNotContain("capture-line-check", "capture-format", "capture-account");
        assertThat(found(DemoJobs.job(3)))
                .contains(
                        "network-address:MASK 1",
                        "mail-cannot-be-sent:SECURITY",
                        "unit-administrator",
                        "user-numbers-apart:1",
                        "user-numbers-apart:2");
    }

    @Test
    void aSimThatRunsOutIsFoundOnceItIsNear() {
        assertThat(found(DemoJobs.job(1), LocalDate.parse("2026-04-01"))).doesNotContain("sim-runs-out");
        assertThat(found(DemoJobs.job(1), LocalDate.parse("2026-05-12"))).contains("sim-runs-out");
        assertThat(grade(DemoJobs.job(1), LocalDate.parse("2026-06-20"))).contains(Grade.WRONG);
    }

    private static Optional<Grade> grade(Job job, LocalDate today) {
        return findings(job, today)
                .filter(finding -> finding.id().equals("sim-runs-out"))
                .map(Finding::grade)
                .findFirst();
    }

    private static List<String> found(Job job) {
        return found(job, LocalDate.parse("2026-05-12"));
    }

    private static List<String> found(Job job, LocalDate today) {
        return findings(job, today).map(Finding::id).toList();
    }

    private static java.util.stream.Stream<Finding> findings(Job job, LocalDate today) {
        Assessment assessment = new Assessor(DataFiles.events()).on(today).assess(job);
        return assessment.findings().stream();
    }

    @Test
    void eachConditionIsFoundAndGoesAwayWithItsRemedy() {
        Job plug = UnitEdits.fitting(
                        "way", its -> its.withWay(Attachment.PLUG_ON).withJumper("outside"))
                .on(UnitEdits.profile(DataFiles.unit("unit-g")).on(DemoJobs.job(1)));
        assertThat(found(plug)).contains("unit-jumper", "unit-uncounted");
        Job counted = UnitEdits.addModule().on(plug);
        assertThat(found(counted)).doesNotContain("unit-uncounted");
        assertThat(counted.panel().profile().module("plug-communicator")).isPresent();
        assertThat(found(UnitEdits.fitting("jumper", its -> its.withJumper("on board"))
                        .on(plug)))
                .doesNotContain("unit-jumper");
        Job port = UnitEdits.fitting(
                        "way", its -> its.withWay(Attachment.SERIAL_PORT).withPortType("printer"))
                .on(plug);
        assertThat(found(port)).contains("unit-port-type");
        assertThat(found(UnitEdits.fitting("port", its -> its.withPortType("unit G"))
                        .on(port)))
                .doesNotContain("unit-port-type");
    }

    @Test
    void theKeySwitchThatItsOutputWorksHasToBeOfItsKind() {
        Job none = UnitEdits.fitting("way", its -> its.withWay(Attachment.INPUTS_AND_OUTPUTS))
                .on(UnitEdits.profile(DataFiles.unit("unit-h")).on(DemoJobs.job(1)));
        assertThat(found(none)).contains("unit-key-switch");
        int free = none.inputs().stream()
                .filter(input -> input.pointId().isEmpty())
                .findFirst()
                .orElseThrow()
                .zone();
        Job held = Edits.zoneType(free, ZoneType.KEY_SWITCH_HELD).on(none);
        assertThat(found(held)).contains("unit-key-switch-kind").doesNotContain("unit-key-switch");
        Job pulse = Edits.zoneType(free, ZoneType.KEY_SWITCH).on(none);
        assertThat(found(pulse)).doesNotContain("unit-key-switch", "unit-key-switch-kind");
    }

    @Test
    void theNextVisitIsDueWhenTheSimRunsOut() {
        assertThat(NextVisit.due(DemoJobs.job(1), ZoneOffset.UTC)).contains(LocalDate.parse("2026-06-14"));
    }

    @Test
    void aPathThatIsOnBeforeTheAccountIsLiveIsFound() {
        Job early = UnitEdits.service("account", its -> its.withAccountLive(Optional.of(false)))
                .on(DemoJobs.job(1));
        assertThat(found(DemoJobs.job(1))).doesNotContain("unit-enabled-early");
        assertThat(found(early)).contains("unit-enabled-early");
        assertThat(found(UnitEdits.sim(
                                "code",
                                its -> its.withCodeOff(Optional.of(false)).withAccessPoint(""))
                        .on(early)))
                .contains("sim-locked", "access-point-unknown");
        assertThat(found(UnitEdits.service("remote", its -> its.withRemoteOpen(true))
                        .on(early)))
                .contains("remote-access-open");
    }
}
