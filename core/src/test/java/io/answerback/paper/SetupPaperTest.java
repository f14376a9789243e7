package io.answerback.paper;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.edit.SetupEdits;
import io.answerback.job.Decision;
import io.answerback.job.Job;
import io.answerback.setup.RunSheet;
import io.answerback.testing.SmallSetup;
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
                .filter(zone -> zone.type() != io.answerback.job.ZoneType.NOT_USED)
                .count());
    }
}
