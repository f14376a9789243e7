package io.answerback.bus;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.assess.Assessor;
import io.answerback.capacity.CapacityEdits;
import io.answerback.check.Finding;
import io.answerback.edit.BusEdits;
import io.answerback.edit.CablingEdits;
import io.answerback.edit.Edit;
import io.answerback.edit.Edits;
import io.answerback.edit.PracticeEdits;
import io.answerback.job.CableEnds;
import io.answerback.job.Job;
import io.answerback.job.Learned;
import io.answerback.job.Meaning;
import io.answerback.job.ModuleSort;
import io.answerback.job.School;
import io.answerback.panel.Effect;
import io.answerback.panel.PanelInput;
import io.answerback.panel.PanelReducer;
import io.answerback.panel.PanelState;
import io.answerback.panel.PanelStep;
import io.answerback.testing.SmallBus;
import io.answerback.testing.SmallJob;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// What the panel has learned against what is on the wall, and the cable between.
class BusWallTest {
    private static final Instant NOW = Instant.parse("2026-05-12T09:00:00Z");

    private static Job addressed() {
        return BusEdits.giveAddresses().on(SmallBus.job());
    }

    private static List<String> found(Job job) {
        return new Assessor(SmallJob.EVENTS)
                .assess(job).findings().stream().map(Finding::id).toList();
    }

    private static String why(PanelStep step) {
        return ((Effect.Silent) step.effects().getLast()).why();
    }

    @Test
    void aModuleThatDoesNotAnswerIsReportedOnceAndMissedOnlyWhereItWasLearned() {
        Job job = BusEdits.scan().on(addressed());
        PanelReducer panel = new PanelReducer(job);
        PanelState set = PanelState.allSet(job);
        var lost = panel.step(set, new PanelInput.ModuleChanges("Expander 2", true), NOW);
        assertThat(lost.signals()).singleElement().satisfies(signal -> {
            assertThat(signal.event()).isEqualTo("333");
            assertThat(signal.zone()).isEqualTo(2);
        });
        assertThat(panel.step(lost.state(), new PanelInput.ModuleChanges("Expander 2", true), NOW)
                        .signals())
                .isEmpty();
        var deaf = panel.step(lost.state(), new PanelInput.InputReads("Expander 2.1", Optional.of(Meaning.ALARM)), NOW);
        assertThat(why(deaf)).isEqualTo("Expander 2 does not answer");
        Job forgotten = BusEdits.forget(2).on(job);
        var unheard = new PanelReducer(forgotten).step(set, new PanelInput.ModuleChanges("Expander 2", true), NOW);
        assertThat(why(unheard)).isEqualTo("the panel has not learned Expander 2: it does not miss it");
        assertThat(found(forgotten)).contains("present-not-learned:Expander 2");
    }

    @Test
    void aServiceKeypadThatWasLearnedIsLeftBehind() {
        Edit hooked = BusEdits.service(Optional.of(11));
        Job temporary = BusEdits.scan().on(hooked.on(addressed()));
        assertThat(temporary.bus().learnedAt(11))
                .as("temporary mode learns none")
                .isEmpty();
        assertThat(found(temporary)).contains("service-keypad-on");
        Job enrolling = PracticeEdits.school("", School.ENROL_AND_DELETE).on(addressed());
        Job learned = BusEdits.scan().on(hooked.on(enrolling));
        assertThat(learned.bus().learnedAt(11)).contains(new Learned(11, ModuleSort.KEYPAD));
        Job left = BusEdits.service(Optional.empty()).on(learned);
        assertThat(found(left)).contains("learned-but-absent:11").doesNotContain("service-keypad-on");
        assertThat(found(BusEdits.forget(11).on(left))).doesNotContain("learned-but-absent:11");
    }

    @Test
    void aModuleTakenOffTheWallIsStillExpected() {
        Job job = BusEdits.scan().on(addressed());
        assertThat(found(job)).noneMatch(id -> id.startsWith("learned-but-absent"));
        Job off = BusEdits.present("Expander 2", false).on(job);
        assertThat(found(off)).contains("learned-but-absent:2");
        Job removed = CapacityEdits.remove("Expander 2").on(job);
        assertThat(found(removed)).contains("learned-but-absent:2");
    }

    @Test
    void aSecondCableFromOnePlaceIsABranch() {
        Job job = addressed();
        for (String module : List.of("Expander 1", "Expander 2")) {
            job = CablingEdits.add(CableEnds.toModule(module), SmallJob.THIN).on(job);
            job = Edits.cableMetres(job.cables().getLast().id(), 55).on(job);
        }
        assertThat(found(job)).contains("bus-branched", "bus-too-long").doesNotContain("bus-module-too-far");
        Job chained = CablingEdits.ends(
                        job.cables().getLast().id(),
                        CableEnds.toModule("Expander 2").startingAt("Expander 1"))
                .on(job);
        // 55 m and 55 m more
        assertThat(found(chained))
                .contains("bus-too-long", "bus-module-too-far")
                .doesNotContain("bus-branched");
    }

    @Test
    void aCableThatLeadsBackIsSaidAndNotDrawn() {
        Job job = addressed();
        for (String module : List.of("Expander 1", "Expander 2")) {
            job = CablingEdits.add(CableEnds.toModule(module), SmallJob.THIN).on(job);
        }
        String first = job.cables().get(job.cables().size() - 2).id();
        String second = job.cables().getLast().id();
        assertThat(found(job)).noneMatch(id -> id.startsWith("bus-in-circle"));
        // each expander is fed from the other, and none from the board
        Job circle = CablingEdits.ends(first, CableEnds.toModule("Expander 1").startingAt("Expander 2"))
                .on(job);
        circle = CablingEdits.ends(second, CableEnds.toModule("Expander 2").startingAt("Expander 1"))
                .on(circle);
        assertThat(found(circle)).contains("bus-in-circle:" + first, "bus-in-circle:" + second);
    }
}
