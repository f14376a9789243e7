package io.answerback.core.panel.operation;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/// Setting, the exit time, the entry time and what refuses to be set.
class SetAndUnsetTest extends SteppedSite {
    /// Whoever comes back for the keys within the exit time has not left: opening the last door again cancels the
    /// final set, and the exit time runs on from where it was.
    @Test
    void theLastDoorOpenedAgainCancelsTheFinalSet() {
        set(0);
        opens(8, DOOR);
        shuts(10, DOOR);
        opens(12, DOOR);
        waits(25);
        assertThat(mode()).isEqualTo(AreaMode.LEAVING);
        shuts(30, DOOR);
        waits(38);
        assertThat(mode()).isEqualTo(AreaMode.SET);
        assertThat(sent()).containsExactly("3 401 1");
    }

    @Test
    void aDoorThatStaysOpenIsAnExitFaultAtTheEndOfTheWholeTime() {
        set(0);
        opens(8, DOOR);
        shuts(10, DOOR);
        opens(12, DOOR);
        waits(59);
        assertThat(mode()).isEqualTo(AreaMode.LEAVING);
        waits(61);
        assertThat(mode()).isEqualTo(AreaMode.ENTERING);
    }

    @Test
    void itIsSetWhenTheExitTimeEndsAndSoonerOnceTheLastDoorIsShut() {
        set(0);
        assertThat(mode()).isEqualTo(AreaMode.LEAVING);
        waits(59);
        assertThat(mode()).isEqualTo(AreaMode.LEAVING);
        waits(60);
        assertThat(mode()).isEqualTo(AreaMode.SET);
        unset(100);
        set(200);
        opens(210, DOOR);
        shuts(212, DOOR);
        waits(219);
        assertThat(mode()).isEqualTo(AreaMode.SET);
        assertThat(sent()).containsExactly("3 401 1", "1 401 1", "3 401 1");
    }

    @Test
    void whatIsOpenRefusesToBeSetUnlessItIsLeftOut() {
        opens(0, WINDOW);
        set(1);
        assertThat(mode()).isEqualTo(AreaMode.UNSET);
        assertThat(sent()).isEmpty();
        at(2, new Happening.SetAsked(1, HowSet.REMOTE, 1, false, false));
        assertThat(sent()).containsExactly("1 454 1");
        at(3, new Happening.SetAsked(1, HowSet.CODE, 1, false, true));
        waits(63);
        assertThat(mode()).isEqualTo(AreaMode.SET);
        shuts(70, WINDOW);
        opens(71, WINDOW);
        assertThat(mode()).isEqualTo(AreaMode.SET);
        assertThat(sent()).containsExactly("1 454 1", "1 570 3", "3 401 1");
        with(rules(false, 0, true));
        opens(0, WINDOW);
        at(1, new Happening.SetAsked(1, HowSet.CODE, 1, false, true));
        assertThat(mode()).isEqualTo(AreaMode.UNSET);
    }

    @Test
    void partSetLeavesSomeOutAndLetsOthersStartTheEntryTime() {
        at(0, new Happening.SetAsked(1, HowSet.CODE, 1, true, false));
        waits(60);
        assertThat(mode()).isEqualTo(AreaMode.PART_SET);
        opens(70, ROUTE);
        assertThat(mode()).isEqualTo(AreaMode.PART_SET);
        opens(80, OTHER);
        assertThat(mode()).isEqualTo(AreaMode.ENTERING);
        unset(90);
        assertThat(sent()).containsExactly("3 441 1", "1 401 1");
    }

    @Test
    void theEntryTimeLetsInWhoUnsetsAndAlarmsForWhoDoesNot() {
        set(0);
        waits(60);
        opens(100, DOOR);
        opens(105, ROUTE);
        assertThat(mode()).isEqualTo(AreaMode.ENTERING);
        unset(129);
        assertThat(sent()).containsExactly("3 401 1", "1 401 1");
        shuts(130, DOOR);
        shuts(130, ROUTE);
        set(200);
        waits(260);
        opens(300, DOOR);
        waits(330);
        assertThat(mode()).isEqualTo(AreaMode.IN_ALARM);
        assertThat(state.sounding()).isEqualTo(Act.Pattern.BURGLARY);
        assertThat(sent()).endsWith("1 134 1", "1 459 1");
        waits(930);
        assertThat(state.sounding()).isEqualTo(Act.Pattern.SILENCE);
    }

    @Test
    void aDoorThatIsShutLateNeverLengthensTheExitTime() {
        set(0);
        opens(50, DOOR);
        shuts(58, DOOR);
        waits(60);
        assertThat(mode()).isEqualTo(AreaMode.SET);
    }

    @Test
    void aHeldKeySetsAndUnsetsAndIsRefusedWhileSomethingIsOpen() {
        opens(0, WINDOW);
        opens(1, KEY);
        assertThat(sent()).containsExactly("1 454 7");
        shuts(2, KEY);
        shuts(3, WINDOW);
        opens(4, KEY);
        waits(64);
        shuts(100, KEY);
        assertThat(sent()).containsExactly("1 454 7", "3 409 7", "1 409 7");
    }

    @Test
    void wrongCodesLockTheKeypadsForAWhile() {
        for (int i = 0; i < 5; i++) {
            at(i, new Happening.WrongCode());
        }
        set(10);
        assertThat(mode()).isEqualTo(AreaMode.UNSET);
        assertThat(sent()).containsExactly("1 461 0");
        set(95);
        assertThat(mode()).isEqualTo(AreaMode.LEAVING);
    }

    @Test
    void whoHasNoRightDoesNothingAndPowerThatComesBackFindsItAsDecided() {
        at(0, new Happening.SetAsked(1, HowSet.CODE, 2, false, false));
        at(1, new Happening.SetAsked(1, HowSet.QUICK, 1, false, false));
        assertThat(mode()).isEqualTo(AreaMode.UNSET);
        set(10);
        waits(70);
        at(80, new Happening.UnsetAsked(1, HowSet.CODE, 2, false));
        at(90, new Happening.PowerBack());
        assertThat(mode()).isEqualTo(AreaMode.SET);
        with(rules(true, 0, false));
        set(0);
        waits(60);
        at(90, new Happening.PowerBack());
        assertThat(mode()).isEqualTo(AreaMode.UNSET);
    }
}
