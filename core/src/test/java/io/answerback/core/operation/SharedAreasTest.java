package io.answerback.core.operation;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.operation.Happening.BatteryState;
import io.answerback.core.operation.OperationRules.AreaRule;
import io.answerback.core.operation.OperationRules.UserRule;
import io.answerback.core.operation.OperationRules.ZoneRule;
import io.answerback.core.profile.Decision.OutputUse;
import io.answerback.core.profile.Decision.PartSet;
import io.answerback.core.profile.Meaning;
import io.answerback.core.profile.PanelManners;
import io.answerback.core.profile.PanelManners.Restores;
import io.answerback.core.profile.ZoneType;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/// Two firms and the hall they share: areas that follow, zones of several areas, users by time, setting by the clock,
/// zones left out by hand, and what engineers do. Times are of one day, as hours, minutes and seconds.
class SharedAreasTest {
    private static final int NORTH = 1;
    private static final int SOUTH = 2;
    private static final int HALL = 3;
    private static final int HALL_DOOR = 1;
    private static final int NORTH_WINDOW = 2;
    private static final int SOUTH_WINDOW = 3;
    private static final int CORRIDOR = 4;
    private static final int FIRE = 5;
    private static final int OWNER = 1;
    private static final int SOUTH_USER = 2;
    private static final int CLEANER = 3;

    private static SortedSet<Integer> in(Integer... areas) {
        return new TreeSet<>(Set.of(areas));
    }

    private static ZoneRule zone(int number, ZoneType type, Integer... areas) {
        return new ZoneRule(number, "zone " + number, type, in(areas), type.event(), PartSet.STAYS, false);
    }

    static OperationRules rules(PanelManners manners) {
        UserRule.Hours evening = new UserRule.Hours(64_800_000, 79_200_000, "18:00 to 22:00");
        return new OperationRules(
                Map.of(
                        NORTH, new AreaRule(NORTH, "North", "7316", 30_000, 60_000, in(), Optional.of(79_200_000L)),
                        SOUTH, new AreaRule(SOUTH, "South", "7317", 30_000, 60_000, in(), Optional.empty()),
                        HALL, new AreaRule(HALL, "Hall", "7318", 30_000, 60_000, in(NORTH, SOUTH), Optional.empty())),
                Map.of(
                        HALL_DOOR, zone(HALL_DOOR, ZoneType.ENTRY_EXIT, HALL),
                        NORTH_WINDOW, zone(NORTH_WINDOW, ZoneType.IMMEDIATE, NORTH),
                        SOUTH_WINDOW, zone(SOUTH_WINDOW, ZoneType.IMMEDIATE, SOUTH),
                        CORRIDOR, zone(CORRIDOR, ZoneType.IMMEDIATE, NORTH, SOUTH),
                        FIRE, zone(FIRE, ZoneType.FIRE, NORTH)),
                Map.of(
                        OWNER, new UserRule(Set.of(NORTH, SOUTH, HALL), Optional.empty()),
                        SOUTH_USER, new UserRule(Set.of(SOUTH), Optional.empty()),
                        CLEANER, new UserRule(Set.of(NORTH), Optional.of(evening))),
                Map.of(1, OutputUse.ALARM, 2, OutputUse.SET, 3, OutputUse.TROUBLE),
                new OperationRules.Times(600_000, 1_800_000, 0, 0, 600_000),
                new OperationRules.Options(3, false, false, true, true, true, true),
                manners);
    }

    private OperationRules rules = rules(PanelManners.USUAL);
    private OperationState state = OperationState.fresh(rules);
    private final List<Logged> log = new ArrayList<>();

    private void with(PanelManners manners) {
        rules = rules(manners);
        state = OperationState.fresh(rules);
    }

    private void at(String time, Happening happening) {
        Operation.Step step = new Operation(rules).step(state, happening, CaseWords.millis(time));
        state = step.state();
        log.addAll(step.log());
    }

    private void set(String time, int area, int user) {
        at(time, new Happening.SetAsked(area, HowSet.CODE, user, false, false));
    }

    private void unset(String time, int area, int user) {
        at(time, new Happening.UnsetAsked(area, HowSet.CODE, user, false));
    }

    private void opens(String time, int zone) {
        at(time, new Happening.ZoneReads(zone, Optional.of(Meaning.ALARM)));
    }

    private void closes(String time, int zone) {
        at(time, new Happening.ZoneReads(zone, Optional.of(Meaning.NORMAL)));
    }

    private void waits(String until) {
        at(until, new Happening.TimePasses());
    }

    private AreaMode mode(int area) {
        return state.area(area).mode();
    }

    private List<String> sent() {
        return log.stream()
                .flatMap(line -> line.signal().stream())
                .map(signal ->
                        signal.qualifier().digit() + " " + signal.event() + " " + signal.area() + " " + signal.zone())
                .toList();
    }

    private List<String> shown() {
        return log.stream()
                .filter(line -> line.act() instanceof Act.Shows)
                .map(Logged::words)
                .toList();
    }

    private void bothSet() {
        set("18:00:00", NORTH, OWNER);
        set("18:00:10", SOUTH, OWNER);
        waits("18:05:00");
    }

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
    void outputsFollowWhatWasDecided() {
        bothSet();
        assertThat(state.outputs()).containsExactly(2);
        opens("18:10:00", NORTH_WINDOW);
        assertThat(state.outputs()).containsExactly(1, 2);
        at("18:11:00", new Happening.Path(false));
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

    @Test
    void aMissingBatteryIsFoundByItsTestUnderLoad() {
        at("09:00:00", new Happening.Battery(BatteryState.MISSING));
        waits("23:00:00");
        assertThat(sent()).doesNotContain("1 311 0 0");
        waits("24:00:00");
        at("25:00:00", new Happening.Battery(BatteryState.WELL));
        assertThat(sent()).containsSubsequence("1 311 0 0", "3 311 0 0");
    }

    @Test
    void withoutMainsAndBatteryItIsDeadAndComesBackAsItWas() {
        bothSet();
        at("18:10:00", new Happening.Battery(BatteryState.MISSING));
        at("18:11:00", new Happening.Mains(false));
        assertThat(state.service().dead()).isTrue();
        opens("18:12:00", NORTH_WINDOW);
        waits("18:30:00");
        assertThat(sent()).doesNotContain("1 130 1 2", "1 301 0 0");
        at("18:40:00", new Happening.Mains(true));
        assertThat(mode(SOUTH)).isEqualTo(AreaMode.SET);
        assertThat(sent()).contains("1 130 1 2");
    }

    @Test
    void aPanelThatWaitsForTheSounderRestoresOnceItIsSilent() {
        PanelManners usual = PanelManners.USUAL;
        with(new PanelManners(7, 0, 900, 300, 120, 5, 90, 660, 3600, 86_400, Restores.SOUNDER_ENDS, false));
        bothSet();
        opens("18:10:00", NORTH_WINDOW);
        closes("18:10:05", NORTH_WINDOW);
        waits("18:19:59");
        assertThat(sent()).contains("1 130 1 2").doesNotContain("3 130 1 2");
        waits("18:20:00");
        assertThat(sent()).contains("3 130 1 2");
        assertThat(usual.restores()).isEqualTo(Restores.POINT_CLOSES);
    }

    @Test
    void whereASecondDetectorConfirmsTheAlarmAfterEntryWaitsForItsExtension() {
        with(new PanelManners(7, 30, 900, 300, 120, 5, 90, 660, 3600, 86_400, Restores.POINT_CLOSES, false));
        bothSet();
        opens("18:10:00", HALL_DOOR);
        waits("18:10:30");
        assertThat(state.sounding()).isEqualTo(Act.Pattern.BURGLARY);
        waits("18:10:59");
        assertThat(sent()).doesNotContain("1 134 3 1");
        waits("18:11:00");
        assertThat(sent()).contains("1 134 3 1");
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

    @Test
    void soundersMayWaitUntilASecondDetectorConfirms() {
        with(new PanelManners(7, 0, 900, 300, 120, 5, 90, 660, 3600, 86_400, Restores.POINT_CLOSES, true));
        bothSet();
        opens("18:10:00", NORTH_WINDOW);
        assertThat(state.sounding()).isEqualTo(Act.Pattern.SILENCE);
        assertThat(sent()).contains("1 130 1 2");
        opens("18:11:00", CORRIDOR);
        assertThat(state.sounding()).isEqualTo(Act.Pattern.BURGLARY);
        assertThat(sent()).contains("1 139 1 4");
    }
}
