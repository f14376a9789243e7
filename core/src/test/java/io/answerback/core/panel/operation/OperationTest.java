package io.answerback.core.panel.operation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.profile.Meaning;
import io.answerback.core.panel.operation.Happening.BatteryState;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// What a panel does from second to second, a row of the table a case. Times are in seconds here.
class OperationTest extends SteppedSite {
    @Test
    void aBurglaryThatWaitsIsTakenBackByUnsettingInTime() {
        with(rules(true, 30_000, true));
        set(0);
        waits(60);
        opens(100, WINDOW);
        assertThat(state.sounding()).isEqualTo(Act.Pattern.BURGLARY);
        unset(120);
        waits(600);
        assertThat(sent()).containsExactly("3 401 1", "1 459 1", "1 401 1");
        shuts(700, WINDOW);
        set(800);
        waits(860);
        opens(1000, WINDOW);
        waits(1030);
        assertThat(sent()).endsWith("1 130 3");
        unset(1100);
        assertThat(sent()).endsWith("1 401 1", "1 406 1");
        assertThat(mode()).isEqualTo(AreaMode.UNSET_AFTER_ALARM);
    }

    @Test
    void aSecondZoneConfirmsOnceAndOneThatAlarmsAgainAndAgainIsLeftOut() {
        set(0);
        waits(60);
        opens(300, WINDOW);
        shuts(301, WINDOW);
        opens(310, WINDOW);
        shuts(311, WINDOW);
        assertThat(sent()).doesNotContain("1 139 3");
        opens(320, WINDOW);
        assertThat(sent()).endsWith("1 570 3");
        opens(330, OTHER);
        opens(340, ROUTE);
        assertThat(sent()).containsOnlyOnce("1 139 4").doesNotContain("1 139 2");
    }

    /// 30 minutes are the confirmation time here.
    @Test
    void afterTheConfirmationTimeTheNextAlarmBeginsItAgainAndNoZoneConfirmsItself() {
        set(0);
        waits(60);
        opens(300, WINDOW);
        opens(2200, OTHER);
        assertThat(sent()).doesNotContain("1 139 4");
        shuts(2210, OTHER);
        opens(2220, OTHER);
        assertThat(sent()).doesNotContain("1 139 4");
        opens(2300, ROUTE);
        assertThat(sent()).containsOnlyOnce("1 139 2");
    }

    @Test
    void callsForHelpAreSilentAndFireIsNotSilencedByUnsetting() {
        opens(0, HELP);
        assertThat(sent()).containsExactly("1 122 5");
        assertThat(state.sounding()).isEqualTo(Act.Pattern.SILENCE);
        set(10);
        waits(70);
        opens(100, FIRE);
        opens(101, WINDOW);
        unset(110);
        assertThat(state.sounding()).isEqualTo(Act.Pattern.FIRE);
        at(120, new Happening.Silenced(1));
        assertThat(state.sounding()).isEqualTo(Act.Pattern.SILENCE);
        at(130, new Happening.UnsetAsked(1, HowSet.CODE, 1, true));
        assertThat(sent()).endsWith("1 121 1");
    }

    @Test
    void aTamperSoundsOnlyWhereTheAreaIsWatched() {
        at(0, new Happening.ZoneReads(WINDOW, Optional.of(Meaning.TAMPER)));
        assertThat(state.sounding()).isEqualTo(Act.Pattern.SILENCE);
        shuts(1, WINDOW);
        set(10);
        waits(70);
        at(80, new Happening.ZoneReads(WINDOW, Optional.of(Meaning.MASKED)));
        assertThat(state.sounding()).isEqualTo(Act.Pattern.BURGLARY);
        assertThat(sent()).containsExactly("1 137 3", "3 137 3", "3 401 1", "1 137 3");
    }

    @Test
    void troublesAreSentOnceAndKeepTheSiteFromBeingSet() {
        at(0, new Happening.Mains(false));
        set(10);
        assertThat(mode()).isEqualTo(AreaMode.UNSET);
        waits(899);
        assertThat(sent()).isEmpty();
        waits(900);
        at(1000, new Happening.Mains(true));
        at(1001, new Happening.Mains(true));
        at(1002, new Happening.Path(1, false));
        at(1003, new Happening.Module(11, false));
        at(1004, new Happening.Module(11, true));
        at(1005, new Happening.Battery(BatteryState.LOW));
        at(1006, new Happening.Path(1, true));
        assertThat(sent())
                .containsExactly("1 301 0", "3 301 0", "1 350 0", "1 333 11", "3 333 11", "1 302 0", "3 350 0");
    }

    @Test
    void aTestIsSentAtItsTimeAndSpread() {
        waits(86_400 + 659);
        assertThat(sent()).isEmpty();
        waits(86_400 + 660);
        waits(2 * 86_400 + 660);
        assertThat(sent()).containsExactly("1 602 0", "1 602 0");
        assertThat(log).extracting(Logged::atMillis).containsExactly(87_060_000L, 173_460_000L);
    }

    @Test
    void timeNeverRunsBackwards() {
        waits(10);
        assertThatThrownBy(() -> waits(9)).isInstanceOf(IllegalArgumentException.class);
    }
}
