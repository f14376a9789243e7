package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.setup.EntryStep;
import io.answerback.core.setup.RunSheet;
import io.answerback.core.setup.SetupEdits;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// One entry after the other is typed, put off, left out or taken back.
class TypingSheetTest extends DemoSheets {
    @BeforeEach
    void atTheRunSheet() {
        at(Stop.SET_UP, "07");
    }

    private RunSheet sheet() {
        return RunSheet.of(job());
    }

    private List<String> open() {
        return sheet().open().stream().map(EntryStep::key).toList();
    }

    @Test
    void whatIsTypedIsDoneAndTheNextOneComes() {
        List<String> before = open();
        int done = sheet().done();
        click("Typed ↵");
        assertThat(sheet().done()).isEqualTo(done + 1);
        assertThat(open()).isEqualTo(before.subList(1, before.size()));
        click("Take back ⌫");
        assertThat(open()).isEqualTo(before);
    }

    @Test
    void whatIsPutOffComesAfterTheOthers() {
        List<String> before = open();
        click("Later ↓");
        click("Typed ↵");
        assertThat(open()).contains(before.getFirst()).doesNotContain(before.get(1));
        click("Later ↓");
        click("Typed ↵");
        assertThat(open()).contains(before.get(2)).doesNotContain(before.get(3));
    }

    /// Round and round: the last one that is put off leads back to the first.
    @Test
    void afterTheLastTheFirstComesAgain() {
        List<String> before = open();
        before.forEach(key -> click("Later ↓"));
        click("Typed ↵");
        assertThat(open()).isEqualTo(before.subList(1, before.size()));
    }

    @Test
    void theKeysDoTheSame() {
        List<String> before = open();
        keys().done().run();
        assertThat(open()).hasSize(before.size() - 1);
    }

    @Test
    void anEntryIsLeftOutForAReasonOnly() {
        String first = open().getFirst();
        assertThat(edit("Why it is left out", " ")).isFalse();
        assertThat(open()).contains(first);
        assertThat(edit("Why it is left out", "The station types it.")).isTrue();
        assertThat(open()).doesNotContain(first);
        assertThat(job().setup().typed()).last().satisfies(typed -> {
            assertThat(typed.skipped()).isEqualTo("The station types it.");
            assertThat(typed.at()).isEqualTo(NOW);
        });
    }

    /// Of a code only that it was changed is kept; another decision has to be typed again.
    @Test
    void everythingIsTypedAndNoDigitOfACodeIsKept() {
        for (int i = 0; i < 200 && !open().isEmpty(); i++) {
            click("Typed ↵");
        }
        assertThat(open()).isEmpty();
        assertThat(job().setup().codes()).anyMatch(code -> code.changed());
        assertThat(job().setup().typed()).noneMatch(typed -> typed.setting().contains("code"));
        assertThat(reads("%1$d of %1$d typed".formatted(sheet().differing().size())))
                .isTrue();
        openJob.apply(SetupEdits.decide(Decision.ENTRY_TIME, 1, "60"));
        assertThat(sheet().open())
                .singleElement()
                .satisfies(step -> assertThat(step.setting().decision()).isEqualTo(Decision.ENTRY_TIME));
    }

    @Test
    void oneAtATimeFillsTheWindowAndLeavesItAgain() {
        click("Whole window");
        assertThat(openJob.fillsWindow()).isTrue();
        click("Leave the whole window");
        assertThat(openJob.fillsWindow()).isFalse();
    }

    @Test
    void allEntriesAreListedOrOnlyThoseThatDiffer() {
        click("Listed all");
        int all = sheet().steps().size();
        assertThat(all).isGreaterThan(sheet().differing().size());
        click("Listed that differ");
        assertThat(reads("entries differ from a new panel")).isTrue();
    }
}
