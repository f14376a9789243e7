package io.answerback.core.panel.operation;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.profile.Meaning;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// What people do at a keypad besides setting: zones left out by hand, walk tests, programming.
class KeypadActsTest extends SharedHall {
    @Test
    void aZoneLeftOutByHandIsOutForOneSettingAndSaysWho() {
        opens("17:00:00", SOUTH_WINDOW);
        at("17:00:10", new Happening.LeftOut(SOUTH_WINDOW, SOUTH_USER, true));
        assertThat(state.byHand()).containsExactly(Map.entry(SOUTH_WINDOW, SOUTH_USER));
        assertThat(shown()).containsExactly("keypad: zone 3: left out by user 2 until South is next unset");
        set("17:01:00", SOUTH, SOUTH_USER);
        waits("17:05:00");
        closes("17:06:00", SOUTH_WINDOW);
        opens("17:07:00", SOUTH_WINDOW);
        assertThat(sent()).containsExactly("1 570 2 3", "3 401 2 2");
        closes("17:08:00", SOUTH_WINDOW);
        unset("17:09:00", SOUTH, SOUTH_USER);
        assertThat(state.byHand()).isEmpty();
        set("17:10:00", SOUTH, SOUTH_USER);
        waits("17:15:00");
        opens("17:16:00", SOUTH_WINDOW);
        assertThat(sent()).contains("1 130 2 3");
    }

    @Test
    void nobodyLeavesOutWhatIsAlwaysWatchedOrSetOrNotTheirs() {
        at("17:00:00", new Happening.LeftOut(FIRE, OWNER, true));
        at("17:00:01", new Happening.LeftOut(NORTH_WINDOW, SOUTH_USER, true));
        set("17:00:10", NORTH, OWNER);
        at("17:00:20", new Happening.LeftOut(NORTH_WINDOW, OWNER, true));
        assertThat(state.byHand()).isEmpty();
        assertThat(shown())
                .containsExactly(
                        "keypad: zone 5 stays as it is, it is always watched",
                        "keypad: zone 2 stays as it is, user 2 may not work this area",
                        "keypad: zone 2 stays as it is, an area of it is set");
    }

    @Test
    void aWalkTestBeepsAndSendsNothingButThatItIsOne() {
        at("09:00:00", new Happening.WalkTest(NORTH, true));
        opens("09:01:00", NORTH_WINDOW);
        closes("09:01:02", NORTH_WINDOW);
        opens("09:02:00", FIRE);
        closes("09:02:02", FIRE);
        set("09:03:00", NORTH, OWNER);
        assertThat(mode(NORTH)).isEqualTo(AreaMode.UNSET);
        at("09:04:00", new Happening.WalkTest(NORTH, false));
        assertThat(sent()).containsExactly("1 607 1 0", "3 607 1 0");
        assertThat(state.sounding()).isEqualTo(Act.Pattern.SILENCE);
        assertThat(shown()).contains("keypad: Walk test: zone 2", "keypad: Walk test: zone 5");
    }

    @Test
    void programmingSendsNoTamperAndStaysClosedWhileAnAreaIsSet() {
        at("09:00:00", new Happening.Programming(true));
        at("09:01:00", new Happening.ZoneReads(NORTH_WINDOW, Optional.of(Meaning.TAMPER)));
        closes("09:02:00", NORTH_WINDOW);
        at("09:03:00", new Happening.Programming(false));
        set("09:04:00", NORTH, OWNER);
        at("09:06:00", new Happening.Programming(true));
        assertThat(state.service().programming()).isFalse();
        assertThat(sent()).containsExactly("1 627 0 0", "1 628 0 0", "3 401 1 1");
    }
}
