package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.SettingValue;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Panel;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.core.setup.Intent;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.survey.takeover.TakeOverEdits;
import io.answerback.files.demo.DemoJobs;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// A vibration detector that opens for 200 ms, on a panel that takes 300 ms and on one that can be told.
class KnockAndPulseTest {
    private static final PointId POINT = new PointId("19");

    private final Job fixed = PointEdits.change(
                    "kind",
                    List.of(POINT),
                    point -> point.withKind(
                            DataFiles.kinds().byId("vibration").orElseThrow().kind()))
            .on(DemoJobs.job(1));
    private final int zone = fixed.inputOf(POINT).orElseThrow().zone();
    /// The same panel with the settings of another, so that both are decided.
    private final Job told = fixed.withPanel(new Panel(
            fixed.panel().name(),
            DataFiles.profile("sample-b")
                    .withSetup(DataFiles.profile("sample-d").setup())));

    private static Optional<Finding> found(Job job, String id) {
        return new Assessor(DataFiles.events())
                .assess(job).findings().stream()
                        .filter(finding -> finding.id().equals(id))
                        .findFirst();
    }

    @Test
    void aPulseThatTheInputIsTooSlowForIsFound() {
        assertThat(found(DemoJobs.job(1), "pulse-missed:19")).isEmpty();
        assertThat(found(fixed, "pulse-missed:19").orElseThrow().why())
                .isEqualTo("Its contact opens for 200 ms; the input responds after 300 ms.");
        assertThat(found(fixed, "single-knock:19")).isPresent();
    }

    @Test
    void whereItIsDecidedHalfThePulseAndASecondKnockAreUsual() {
        Intent intent = new Intent(told);
        assertThat(intent.of(Decision.ZONE_RESPONSE, zone)).contains(new SettingValue.Amount(100));
        assertThat(intent.of(Decision.ZONE_DOUBLE_KNOCK, zone)).contains(new SettingValue.Switch(true));
        assertThat(OperationRules.of(told).zones().get(zone).doubleKnock()).isTrue();
        assertThat(found(told, "pulse-missed:19")).isEmpty();
        assertThat(found(told, "single-knock:19")).isEmpty();
        assertThat(AcceptancePlan.of(told, DataFiles.events())
                        .line("point:19")
                        .orElseThrow()
                        .order())
                .contains("wice within 30 s: ");
        Job slow = SetupEdits.decide(Decision.ZONE_RESPONSE, zone, "250").on(told);
        assertThat(found(slow, "pulse-missed:19")).isPresent();
        Job once = SetupEdits.decide(Decision.ZONE_DOUBLE_KNOCK, zone, "no").on(told);
        assertThat(found(once, "single-knock:19")).isPresent();
    }

    /// One knock on each device would be taken for one device that was knocked twice.
    @Test
    void eachDeviceOfASharedLoopIsKnockedTwice() {
        Job shared = TakeOverEdits.addContact(
                        POINT, "Side window", told.existingPoint(POINT).kind())
                .on(told);
        assertThat(AcceptancePlan.of(shared, DataFiles.events())
                        .line("point:19")
                        .orElseThrow()
                        .steps())
                .hasSize(2)
                .allSatisfy(step -> assertThat(step).contains(": twice within 30 s: "));
    }
}
