package io.answerback.core.model.site;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.PowerEdits;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.survey.capacity.ModuleEdits;
import io.answerback.core.testing.SmallJob;
import org.junit.jupiter.api.Test;

/// What an edit says of itself, and what it says when it cannot be made.
class EditTest {
    private static final ModuleId PANEL = new ModuleId("Panel");

    @Test
    void whatIsDoneToAModuleIsSaidByTheNameItHasThen() {
        Edit edit = PowerEdits.noBattery(PANEL);
        Job job = SmallJob.job();
        assertThat(edit.name(job)).isEqualTo("battery of Panel");
        Job renamed = ModuleEdits.rename(PANEL, "Board by the door").on(job);
        assertThat(edit.name(renamed)).isEqualTo("battery of Board by the door");
    }

    @Test
    void whatCannotBeDoneComesBackAsAValueThatSaysWhatToDo() {
        Job job = SmallJob.job();
        assertThat(ModuleEdits.rename(PANEL, "  ").tried(job))
                .isEqualTo(new Edited.Refused("name of module Panel is empty; give it a value"));
        assertThat(ModuleEdits.remove(PANEL).tried(job))
                .isEqualTo(new Edited.Refused("the panel's own board cannot be taken away"));
        assertThat(ModuleEdits.rename(PANEL, "Board").tried(job)).isInstanceOf(Edited.Done.class);
    }
}
