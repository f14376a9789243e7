package io.answerback.core.operation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.operation.Happening.BatteryState;
import io.answerback.core.operation.OperationRules.AreaRule;
import io.answerback.core.operation.OperationRules.UserRule;
import io.answerback.core.operation.OperationRules.ZoneRule;
import io.answerback.core.profile.Decision.PartSet;
import io.answerback.core.profile.Meaning;
import io.answerback.core.profile.PanelManners;
import io.answerback.core.profile.ZoneType;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/// What a panel does from second to second, a row of the table a case. Times are in seconds here.
class OperationTest {
    private static final int DOOR = 1;
    private static final int ROUTE = 2;
    private static final int WINDOW = 3;
    private static final int OTHER = 4;
    private static final int HELP = 5;
    private static final int FIRE = 6;
    private static final int KEY = 7;

    static OperationRules rules(boolean forced, long reportDelay, boolean restores) {
        return new OperationRules(
                Map.of(1, new AreaRule(1, "Office", "7316", 30_000, 60_000, none(), Optional.empty())),
                Map.of(
                        DOOR, zone(DOOR, ZoneType.ENTRY_EXIT, PartSet.STAYS),
                        ROUTE, zone(ROUTE, ZoneType.ENTRY_ROUTE, PartSet.OUT),
                        WINDOW, zone(WINDOW, ZoneType.IMMEDIATE, PartSet.STAYS),
                        OTHER, zone(OTHER, ZoneType.IMMEDIATE, PartSet.ENTRY),
                        HELP, zone(HELP, ZoneType.HOLD_UP_SILENT, PartSet.STAYS),
                        FIRE, zone(FIRE, ZoneType.FIRE, PartSet.STAYS),
                        KEY, zone(KEY, ZoneType.KEY_SWITCH_HELD, PartSet.STAYS)),
                Map.of(
                        1, new UserRule(Set.of(1), Optional.empty()),
                        2, new UserRule(Set.of(2), Optional.empty())),
                Map.of(),
                new OperationRules.Times(600_000, 1_800_000, reportDelay, 86_400_000, 600_000),
                new OperationRules.Options(2, forced, false, restores, true, true, true),
                PanelManners.USUAL);
    }

    private static SortedSet<Integer> none() {
        return Collections.emptySortedSet();
    }

    private static ZoneRule zone(int number, ZoneType type, PartSet part) {
        return new ZoneRule(
                number, "zone " + number, type, new TreeSet<>(Set.of(1)), type.event(), part, number == WINDOW);
    }

    private OperationRules rules = rules(true, 0, true);
    private OperationState state = OperationState.fresh(rules);
    private final List<Logged> log = new ArrayList<>();

    private void at(double seconds, Happening happening) {
        Operation.Step step = new Operation(rules).step(state, happening, Math.round(seconds * 1000));
        state = step.state();
        log.addAll(step.log());
    }

    private void with(OperationRules other) {
        rules = other;
        state = OperationState.fresh(rules);
    }

    private void set(double seconds) {
        at(seconds, new Happening.SetAsked(1, HowSet.CODE, 1, false, false));
    }

    private void unset(double seconds) {
        at(seconds, new Happening.UnsetAsked(1, HowSet.CODE, 1, false));
    }

    private void opens(double seconds, int zone) {
        at(seconds, new Happening.ZoneReads(zone, Optional.of(Meaning.ALARM)));
    }

    private void shuts(double seconds, int zone) {
        at(seconds, new Happening.ZoneReads(zone, Optional.of(Meaning.NORMAL)));
    }

    private void waits(double seconds) {
        at(seconds, new Happening.TimePasses());
    }

    /// The signals so far, such as "3 401 1".
    private List<String> sent() {
        return log.stream()
                .flatMap(line -> line.signal().stream())
                .map(signal -> signal.qualifier().digit() + " " + signal.event() + " " + signal.zone())
                .toList();
    }

    private AreaMode mode() {
        return state.area(1).mode();
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

    @Test
    void aDoorThatIsShutLateNeverLengthensTheExitTime() {
        set(0);
        opens(50, DOOR);
        shuts(58, DOOR);
        waits(60);
        assertThat(mode()).isEqualTo(AreaMode.SET);
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
    void troublesAreSentOnceAndKeepTheSiteFromBeingSet() {
        at(0, new Happening.Mains(false));
        set(10);
        assertThat(mode()).isEqualTo(AreaMode.UNSET);
        waits(899);
        assertThat(sent()).isEmpty();
        waits(900);
        at(1000, new Happening.Mains(true));
        at(1001, new Happening.Mains(true));
        at(1002, new Happening.Path(false));
        at(1003, new Happening.Module(11, false));
        at(1004, new Happening.Module(11, true));
        at(1005, new Happening.Battery(BatteryState.LOW));
        assertThat(sent()).containsExactly("1 301 0", "3 301 0", "1 350 0", "1 333 11", "3 333 11", "1 302 0");
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
