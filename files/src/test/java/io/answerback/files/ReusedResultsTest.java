package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.edit.BusEdits;
import io.answerback.core.edit.LearningEdits;
import io.answerback.core.edit.PowerEdits;
import io.answerback.core.edit.PracticeEdits;
import io.answerback.core.edit.RadioEdits;
import io.answerback.core.edit.SetupEdits;
import io.answerback.core.practice.RuleFigure;
import io.answerback.core.practice.School;
import io.answerback.core.profile.Decision;
import io.answerback.core.profile.ModuleSort;
import io.answerback.core.site.Battery;
import io.answerback.core.site.Edit;
import io.answerback.core.site.Input;
import io.answerback.core.site.Job;
import io.answerback.core.site.PanelModule;
import io.answerback.files.demo.DemoJobs;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Results taken over from an earlier state of a job are those that are computed from nothing, whatever was
/// edited in set-up, bus, radio, power and practice between.
class ReusedResultsTest {
    private static final int EDITS = 60;

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void takenOverIsAsFromNothing(int demo) {
        Job job = DemoJobs.job(demo);
        Assessor assessor = new Assessor(DataFiles.events()).on(LocalDate.parse("2026-05-12"));
        Assessment running = assessor.assess(job);
        List<Edit> edits = edits(job);
        Random random = new Random(demo);
        for (int i = 0; i < EDITS; i++) {
            Edit edit = edits.get(random.nextInt(edits.size()));
            try {
                job = edit.on(job);
            } catch (IllegalArgumentException notHere) {
                continue;
            }
            running = assessor.assess(job, running);
            Assessment fresh = assessor.assess(job);
            assertThat(running.findings()).as(edit.name()).isEqualTo(fresh.findings());
            assertThat(running.points()).as(edit.name()).isEqualTo(fresh.points());
            assertThat(running.stops()).as(edit.name()).isEqualTo(fresh.stops());
        }
    }

    private static List<Edit> edits(Job job) {
        List<Edit> edits = new ArrayList<>(List.of(
                SetupEdits.decide(Decision.SOUNDER_TIME, 0, "25"),
                SetupEdits.decide(Decision.SOUNDER_TIME, 0, "3"),
                SetupEdits.decide(Decision.ENTRY_TIME, 1, "200"),
                SetupEdits.decide(Decision.TEST_INTERVAL, 0, "700"),
                SetupEdits.defaults(),
                SetupEdits.programDead(),
                LearningEdits.service(Optional.of(9)),
                LearningEdits.scan(),
                LearningEdits.learned(3, ModuleSort.KEYPAD),
                PowerEdits.alarmShare(70),
                BusEdits.giveAddresses(),
                PracticeEdits.school("", School.ZONE_OFF),
                PracticeEdits.school("", School.ONE_RING),
                PracticeEdits.school("", School.PER_ZONE),
                PracticeEdits.school("", School.CLOSED_LOOP),
                PracticeEdits.figure("", RuleFigure.STANDBY_HOURS, 60),
                PracticeEdits.figure("", RuleFigure.RADIO_MARGIN_DECIBELS, 40),
                PracticeEdits.figure("", RuleFigure.ENTRY_SECONDS, 5),
                PracticeEdits.people(400)));
        for (PanelModule module : job.modules()) {
            edits.add(LearningEdits.present(module.name(), false));
            edits.add(LearningEdits.present(module.name(), true));
            edits.add(BusEdits.address(module.name(), 2));
            edits.add(PowerEdits.battery(new Battery(module.name(), 7, 1, 5, Optional.empty())));
            edits.add(PowerEdits.noBattery(module.name()));
        }
        for (Input input : job.inputs()) {
            edits.add(RadioEdits.enrol(input.id()));
            edits.add(RadioEdits.delete(input.id()));
            edits.add(SetupEdits.decide(Decision.ZONE_CHIME, input.zone(), "yes"));
        }
        return edits;
    }
}
