package io.answerback.core.bus;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.ModuleSort;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Learned;
import io.answerback.core.panel.Effect;
import io.answerback.core.panel.LearningEdits;
import io.answerback.core.panel.PanelInput;
import io.answerback.core.panel.PanelReducer;
import io.answerback.core.panel.PanelState;
import io.answerback.core.survey.capacity.ModuleEdits;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// What a scan of the bus learns, and who does not answer.
class BusScanTest extends AddressedJob {
    @Test
    void aModuleThatDoesNotAnswerIsReportedOnceAndMissedOnlyWhereItWasLearned() {
        Job job = LearningEdits.scan().on(addressed());
        PanelReducer panel = new PanelReducer(job);
        PanelState set = PanelState.allSet(job);
        var lost = panel.step(set, new PanelInput.ModuleChanges(new ModuleId("Expander 2"), true), NOW);
        assertThat(lost.signals()).singleElement().satisfies(signal -> {
            assertThat(signal.event()).isEqualTo("333");
            assertThat(signal.zone()).isEqualTo(2);
        });
        assertThat(panel.step(lost.state(), new PanelInput.ModuleChanges(new ModuleId("Expander 2"), true), NOW)
                        .signals())
                .isEmpty();
        var deaf = panel.step(
                lost.state(), new PanelInput.InputReads(new InputId("Expander 2.1"), Optional.of(Meaning.ALARM)), NOW);
        assertThat(why(deaf)).isEqualTo("Expander 2 does not answer");
        Job forgotten = LearningEdits.forget(2).on(job);
        var unheard = new PanelReducer(forgotten)
                .step(set, new PanelInput.ModuleChanges(new ModuleId("Expander 2"), true), NOW);
        assertThat(why(unheard)).isEqualTo("the panel has not learned Expander 2: it does not miss it");
        assertThat(found(forgotten)).contains("present-not-learned:Expander 2");
    }

    @Test
    void aServiceKeypadThatWasLearnedIsLeftBehind() {
        Edit hooked = LearningEdits.service(Optional.of(11));
        Job temporary = LearningEdits.scan().on(hooked.on(addressed()));
        assertThat(temporary.bus().learnedAt(11))
                .as("temporary mode learns none")
                .isEmpty();
        assertThat(found(temporary)).contains("service-keypad-on");
        Job enrolling =
                PracticeEdits.option("", PracticeOption.ENROL_AND_DELETE).on(addressed());
        Job learned = LearningEdits.scan().on(hooked.on(enrolling));
        assertThat(learned.bus().learnedAt(11)).contains(new Learned(11, ModuleSort.KEYPAD));
        Job left = LearningEdits.service(Optional.empty()).on(learned);
        assertThat(found(left)).contains("learned-but-absent:11").doesNotContain("service-keypad-on");
        assertThat(found(LearningEdits.forget(11).on(left))).doesNotContain("learned-but-absent:11");
    }

    @Test
    void aModuleTakenOffTheWallIsStillExpected() {
        Job job = LearningEdits.scan().on(addressed());
        assertThat(found(job)).noneMatch(id -> id.startsWith("learned-but-absent"));
        Job off = LearningEdits.present(new ModuleId("Expander 2"), false).on(job);
        assertThat(found(off)).contains("learned-but-absent:2");
        Job removed = ModuleEdits.remove(new ModuleId("Expander 2")).on(job);
        assertThat(found(removed)).contains("learned-but-absent:2");
    }

    @Test
    void whatWasReadOutOfThePanelIsTypedInAndMustBeAbleToAnswerThere() {
        Job job = LearningEdits.learned(3, ModuleSort.BUS_EXPANDER).on(addressed());
        assertThat(found(job)).contains("learned-but-absent:3", "present-not-learned:Expander 1");
        assertThatThrownBy(
                        () -> LearningEdits.learned(9, ModuleSort.BUS_EXPANDER).on(job))
                .hasMessage("this panel has no bus expander at address 9; it can have keypad");
        assertThat(LearningEdits.sorts(job, 99)).isEmpty();
    }

    @Test
    void aScanIsWhatThePanelDoesAndLearnsNobodyWhoIsLost() {
        Job job = addressed();
        PanelReducer panel = new PanelReducer(job);
        PanelState lost = panel.step(
                        PanelState.unset(job), new PanelInput.ModuleChanges(new ModuleId("Keypad 1"), true), NOW)
                .state();
        assertThat(panel.step(lost, new PanelInput.Scan(), NOW).effects())
                .containsExactly(
                        new Effect.Learns(new Learned(1, ModuleSort.BUS_EXPANDER)),
                        new Effect.Learns(new Learned(2, ModuleSort.BUS_EXPANDER)),
                        new Effect.Learns(new Learned(9, ModuleSort.KEYPAD)));
        Job known = LearningEdits.scan().on(job);
        assertThat(new PanelReducer(known)
                        .step(PanelState.unset(job), new PanelInput.Scan(), NOW)
                        .effects())
                .as("nobody new")
                .isEmpty();
    }
}
