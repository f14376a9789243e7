package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.site.Job;
import io.answerback.core.prove.acceptance.AcceptanceLine;
import io.answerback.core.prove.acceptance.AcceptancePlan;
import io.answerback.core.prove.acceptance.Expected;
import io.answerback.core.prove.acceptance.LiveWalk;
import io.answerback.core.prove.acceptance.WalkNote;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.signal.event.Qualifier;
import io.answerback.core.signal.event.Signal;
import io.answerback.core.survey.takeover.TakeOverEdits;
import io.answerback.files.demo.DemoJobs;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// Each device of a shared loop is shown by itself.
class SharedLoopTest {
    private static final String LINE = "point:07";

    private static Job shared() {
        Job job = DemoJobs.job(1);
        PointId point = new PointId("07");
        return TakeOverEdits.addContact(
                        point,
                        "Dock wicket door",
                        job.point(point).orElseThrow().kind())
                .on(job);
    }

    private static AcceptancePlan plan(Job job) {
        return AcceptancePlan.of(job, DataFiles.events());
    }

    private static AcceptanceLine line(Job job) {
        return plan(job).line(LINE).orElseThrow();
    }

    private static Signal signal(Expected expected) {
        return new Signal(
                expected.account(), expected.qualifier(), expected.event(), expected.area(), expected.number());
    }

    @Test
    void everyDeviceHasAStepAndSignalsOfItsOwn() {
        AcceptanceLine line = line(shared());
        assertThat(line.title()).endsWith("each of 2");
        assertThat(line.steps()).hasSize(2);
        assertThat(line.steps().get(1)).contains("Dock wicket door");
        assertThat(line.expects())
                .extracting(Expected::qualifier)
                .containsExactly(Qualifier.NEW, Qualifier.RESTORE, Qualifier.NEW, Qualifier.RESTORE);
        assertThat(line.minutes()).isEqualTo(2 * line(DemoJobs.job(1)).minutes());
    }

    @Test
    void oneDeviceThatAnswersDoesNotShowTheOther() {
        AcceptancePlan plan = plan(shared());
        LiveWalk walk = LiveWalk.of(plan).at(Optional.of(LINE));
        List<WalkNote.Kind> notes = new ArrayList<>();
        for (Expected expected : plan.line(LINE).orElseThrow().expects()) {
            assertThat(walk.shown()).doesNotContain(LINE);
            LiveWalk.Step step = walk.arrives(signal(expected), 0);
            notes.add(step.note().kind());
            walk = step.walk();
        }
        assertThat(walk.shown()).contains(LINE);
        assertThat(notes)
                .containsExactly(WalkNote.Kind.BEGUN, WalkNote.Kind.BEGUN, WalkNote.Kind.BEGUN, WalkNote.Kind.SHOWN);
    }

    /// Walking to the next device may take as long as it takes; a restore may not.
    @Test
    void onlyARestoreIsOverdue() {
        AcceptancePlan plan = plan(shared());
        LiveWalk walk = LiveWalk.of(plan).at(Optional.of(LINE));
        List<Expected> expects = plan.line(LINE).orElseThrow().expects();
        walk = walk.arrives(signal(expects.get(0)), 0).walk();
        assertThat(walk.overdue(LiveWalk.RESTORE_MILLIS + 1)).isPresent();
        walk = walk.arrives(signal(expects.get(1)), 0).walk();
        assertThat(walk.overdue(LiveWalk.RESTORE_MILLIS + 1)).isEmpty();
    }

    @Test
    void aZoneThatIsLeftOutAfterAnAlarmIsSetAgainBetween() {
        Job once = SetupEdits.decide(Decision.MOST_ALARMS, 0, "1").on(shared());
        assertThat(line(once).order()).contains("set the area again after every 1");
        assertThat(line(SetupEdits.decide(Decision.MOST_ALARMS, 0, "3").on(shared()))
                        .order())
                .doesNotContain("set the area again");
    }
}
