package io.answerback.core.paper;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.site.Job;
import io.answerback.core.setup.RunSheet;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.testing.SmallSetup;
import org.junit.jupiter.api.Test;

/// The run sheet and the zones on paper.
class SetupPaperTest {
    private final Job job = SetupEdits.decide(Decision.ENTRY_TIME, 1, "35").on(SmallSetup.job());

    @Test
    void theRunSheetSaysWhereWhatAndWhyNot() {
        Table table = SetupPaper.entries(job, RunSheet.of(job));
        assertThat(table.rows()).hasSize(RunSheet.of(job).differing().size());
        assertThat(table.rows()).anySatisfy(row -> {
            assertThat(row.get(1)).isEqualTo("Menu > Times > 1");
            assertThat(row.get(2)).endsWith("Time to reach the keypad: 35 s");
            assertThat(row.get(3)).isEmpty();
            assertThat(row.get(5)).isEqualTo("the panel counts in steps: 30 s or 40 s");
        });
        assertThat(table.rows()).anySatisfy(row -> assertThat(row.get(2)).isEqualTo("Engineer's code: to be changed"));
    }

    @Test
    void everyZoneThatIsProgrammedIsOnItsTable() {
        Table table = SetupPaper.zones(job);
        assertThat(table.headings()).contains("unset", "part set", "set");
        assertThat(table.rows()).hasSize((int) job.zones().stream()
                .filter(zone -> zone.type() != io.answerback.core.model.profile.ZoneType.NOT_USED)
                .count());
    }
}
