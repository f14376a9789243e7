package io.answerback.core.panel.operation;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.panel.operation.OperationRules.UserRule;
import org.junit.jupiter.api.Test;

/// What a panel does by the time of day: codes that are good at some hours, setting by itself, a wrong clock.
class SetByClockTest extends SharedHall {
    @Test
    void aCodeOutsideItsHoursOpensNothing() {
        bothSet();
        unset("17:59:00".replace("17:59", "18:30"), NORTH, CLEANER);
        assertThat(mode(NORTH)).isEqualTo(AreaMode.UNSET);
        set("21:00:00", NORTH, CLEANER);
        waits("22:05:00");
        unset("22:06:00", NORTH, CLEANER);
        assertThat(mode(NORTH)).isEqualTo(AreaMode.SET);
        assertThat(shown()).contains("keypad: Not unset, the code of user 3 is good from 18:00 to 22:00");
    }

    @Test
    void hoursOverMidnightHoldOnBothSidesOfIt() {
        UserRule.Hours night = new UserRule.Hours(79_200_000, 21_600_000, "22:00 to 06:00");
        assertThat(night.holds(82_800_000)).isTrue();
        assertThat(night.holds(OperationRules.DAY + 3_600_000)).isTrue();
        assertThat(night.holds(43_200_000)).isFalse();
    }

    @Test
    void anAreaWarnsAndSetsByItselfEveryDay() {
        waits("21:49:59");
        assertThat(shown()).isEmpty();
        waits("21:50:00");
        assertThat(shown()).containsExactly("keypad: North: sets by itself in 10 min");
        waits("22:00:00");
        assertThat(mode(NORTH)).isEqualTo(AreaMode.SET);
        unset("30:00:00", NORTH, OWNER);
        waits("46:00:00");
        assertThat(mode(NORTH)).isEqualTo(AreaMode.SET);
        assertThat(sent()).containsExactly("3 403 1 0", "1 401 1 1", "3 403 1 0");
    }

    @Test
    void aCodeWhileKeypadsWarnPostponesIt() {
        waits("21:55:00");
        unset("21:55:00", NORTH, OWNER);
        waits("22:54:59");
        assertThat(mode(NORTH)).isEqualTo(AreaMode.UNSET);
        waits("22:55:00");
        assertThat(mode(NORTH)).isEqualTo(AreaMode.SET);
    }

    @Test
    void whatIsOpenKeepsItFromSettingByItselfAndTheStationIsTold() {
        opens("21:00:00", NORTH_WINDOW);
        waits("22:00:00");
        assertThat(mode(NORTH)).isEqualTo(AreaMode.UNSET);
        assertThat(sent()).containsExactly("1 454 1 0");
    }

    @Test
    void aClockAnHourAheadSetsAnHourEarlyAndShutsOutTheCleaner() {
        at("12:00:00", new Happening.Clock(3_600_000));
        waits("20:49:59");
        assertThat(mode(NORTH)).isEqualTo(AreaMode.UNSET);
        waits("21:00:00");
        assertThat(mode(NORTH)).isEqualTo(AreaMode.SET);
        unset("21:10:00", NORTH, CLEANER);
        assertThat(mode(NORTH)).isEqualTo(AreaMode.SET);
        at("21:20:00", new Happening.Clock(0));
        unset("21:30:00", NORTH, CLEANER);
        assertThat(mode(NORTH)).isEqualTo(AreaMode.UNSET);
        assertThat(shown()).contains("keypad: Clock shows 13:00:00", "keypad: Clock shows 21:20:00");
    }
}
