package io.answerback.core.panel.operation;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/// Areas that follow others, and zones of several areas.
class SharedAreasTest extends SharedHall {
    @Test
    void theHallIsSetWithTheLastAndUnsetWithTheFirst() {
        set("17:00:00", NORTH, OWNER);
        waits("17:05:00");
        assertThat(mode(HALL)).isEqualTo(AreaMode.UNSET);
        set("17:10:00", SOUTH, SOUTH_USER);
        waits("17:10:59");
        assertThat(mode(HALL)).isEqualTo(AreaMode.UNSET);
        waits("17:11:00");
        assertThat(mode(HALL)).isEqualTo(AreaMode.SET);
        unset("17:30:00", SOUTH, SOUTH_USER);
        assertThat(mode(HALL)).isEqualTo(AreaMode.UNSET);
        assertThat(mode(NORTH)).isEqualTo(AreaMode.SET);
        assertThat(sent()).containsExactly("3 401 1 1", "3 401 2 2", "3 401 3 2", "1 401 2 2", "1 401 3 2");
    }

    @Test
    void nobodySetsTheHallAlone() {
        set("17:00:00", HALL, OWNER);
        assertThat(mode(HALL)).isEqualTo(AreaMode.UNSET);
        assertThat(shown()).containsExactly("keypad: Not set, this area follows others");
    }

    @Test
    void anOpenHallIsReportedAsNotSetBecauseNobodyStandsThere() {
        opens("17:59:00", HALL_DOOR);
        bothSet();
        assertThat(mode(HALL)).isEqualTo(AreaMode.UNSET);
        assertThat(sent()).contains("1 454 3 1");
    }

    @Test
    void whoeverComesInByTheHallUnsetsAFirmInTime() {
        bothSet();
        opens("19:00:00", HALL_DOOR);
        assertThat(mode(HALL)).isEqualTo(AreaMode.ENTERING);
        unset("19:00:20", SOUTH, SOUTH_USER);
        waits("19:05:00");
        assertThat(mode(HALL)).isEqualTo(AreaMode.UNSET);
        assertThat(sent()).doesNotContain("1 134 3 1");
    }

    @Test
    void aSharedZoneIsWatchedOnlyWhileAllItsAreasAreSet() {
        set("17:00:00", NORTH, OWNER);
        waits("17:02:00");
        opens("17:03:00", CORRIDOR);
        closes("17:03:05", CORRIDOR);
        assertThat(sent()).doesNotContain("1 130 1 4");
        set("17:04:00", SOUTH, OWNER);
        waits("17:06:00");
        opens("17:07:00", CORRIDOR);
        assertThat(sent()).contains("1 130 1 4");
    }

    @Test
    void aSharedZoneThatIsOpenHindersOnlyTheLastOfItsAreas() {
        opens("17:00:00", CORRIDOR);
        set("17:00:10", NORTH, OWNER);
        assertThat(mode(NORTH)).isEqualTo(AreaMode.LEAVING);
        waits("17:02:00");
        set("17:03:00", SOUTH, OWNER);
        assertThat(mode(SOUTH)).isEqualTo(AreaMode.UNSET);
        assertThat(shown()).contains("keypad: Not set, open: zone 4");
    }

    @Test
    void outputsFollowWhatWasDecided() {
        bothSet();
        assertThat(state.outputs()).containsExactly(2);
        opens("18:10:00", NORTH_WINDOW);
        assertThat(state.outputs()).containsExactly(1, 2);
        at("18:11:00", new Happening.Path(1, false));
        assertThat(state.outputs()).containsExactly(1, 2, 3);
        unset("18:12:00", NORTH, OWNER);
        assertThat(state.outputs()).containsExactly(3);
        assertThat(log.stream().map(Logged::act).filter(Act.Switches.class::isInstance))
                .containsExactly(
                        new Act.Switches(2, true),
                        new Act.Switches(1, true),
                        new Act.Switches(3, true),
                        new Act.Switches(1, false),
                        new Act.Switches(2, false));
    }
}
