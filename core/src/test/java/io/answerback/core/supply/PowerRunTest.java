package io.answerback.core.supply;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.edit.PowerEdits;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.Tick;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.profile.PowerOrder;
import io.answerback.core.model.site.Job;
import io.answerback.core.supply.PowerRun.Direction;
import io.answerback.core.testing.SmallBox;
import io.answerback.core.testing.SmallParts;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/// The order in which a panel is given power and loses it.
class PowerRunTest {
    private static Job job(PowerOrder order, int testSeconds) {
        Job job = PointEdits.change("", Set.of(new PointId("02")), point -> point.withKind(SmallBox.POWERED))
                .on(SmallBox.job(SmallBox.SIX));
        return SmallBox.supplied(job, SmallParts.supply(1000, 350, 7, 11.2, 10.5, order, testSeconds));
    }

    private static List<String> ids(Job job, Direction direction) {
        return PowerRun.of(job, direction).stream().map(CheckStep::id).toList();
    }

    private static CheckStep step(Job job, String id) {
        return PowerRun.of(job, Direction.UP).stream()
                .filter(step -> step.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void itComesUpInTheOrderOfItsMaker() {
        assertThat(ids(job(PowerOrder.BATTERY_FIRST, 0), Direction.UP))
                .containsSubsequence("up:Panel:polarity", "up:Panel:battery", "up:Panel:mains", "up:Panel:float");
        assertThat(ids(job(PowerOrder.MAINS_FIRST, 0), Direction.UP))
                .containsSubsequence("up:Panel:polarity", "up:Panel:mains", "up:Panel:battery", "up:station");
    }

    @Test
    void theHouseMayHaveItsOwnOrder() {
        Job job = PracticeEdits.option("", PracticeOption.MAINS_THEN_BATTERY).on(job(PowerOrder.BATTERY_FIRST, 0));
        assertThat(ids(job, Direction.UP)).containsSubsequence("up:Panel:mains", "up:Panel:battery");
    }

    @Test
    void goingDownTheBatteryComesOffBeforeTheMainsAndBothAreCautions() {
        List<CheckStep> down = PowerRun.of(job(PowerOrder.MAINS_FIRST, 0), Direction.DOWN);
        assertThat(down)
                .extracting(CheckStep::id)
                .containsExactly("down:station", "down:Panel:battery", "down:Panel:mains");
        assertThat(down).filteredOn(step -> step.id().contains("Panel")).allMatch(CheckStep::caution);
    }

    @Test
    void whatAMissingBatteryLooksLikeAndHowLongToWaitAreSaid() {
        Job job = job(PowerOrder.MAINS_FIRST, 2);
        assertThat(step(job, "up:Panel:mains").shows()).contains("lamps flicker every 2 s");
        assertThat(step(job, "up:warm-up").order()).isEqualTo("Wait 30 s, then test");
        assertThat(step(job, "up:warm-up").mind()).contains("Store door");
    }

    @Test
    void whatIsDoneIsKeptUntilItIsBegunAnew() {
        Job job = PowerEdits.done(new Tick("up:Panel:mains", Instant.EPOCH)).on(job(PowerOrder.MAINS_FIRST, 0));
        assertThat(step(job, "up:Panel:mains").done()).isTrue();
        assertThat(step(PowerEdits.anew("down:").on(job), "up:Panel:mains").done())
                .isTrue();
        assertThat(step(PowerEdits.anew("up:").on(job), "up:Panel:mains").done())
                .isFalse();
    }
}
