package io.answerback.core.panel.operation;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.profile.Decision.PartSet;
import io.answerback.core.model.profile.Decision.ResetBy;
import io.answerback.core.model.profile.PanelManners;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.panel.operation.Happening.BatteryState;
import io.answerback.core.panel.operation.OperationRules.AreaRule;
import io.answerback.core.panel.operation.OperationRules.UserRule;
import io.answerback.core.panel.operation.OperationRules.ZoneRule;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/// Unsetting: who may, what ends with it, and what comes back with the power. Area 2 has a window of its own and
/// shares the door with area 1.
class UnsettingTest extends SteppedSite {
    private static final int STORE = 11;
    private static final int SHARED = 12;

    private static ZoneRule zone(int number, ZoneType type, Integer... areas) {
        return new ZoneRule(
                number, "zone " + number, type, new TreeSet<>(List.of(areas)), type.event(), PartSet.STAYS, false);
    }

    private static AreaRule area(int number, String name) {
        return new AreaRule(number, name, "7316", 30_000, 60_000, none(), Optional.empty());
    }

    private static OperationRules two(boolean restores, boolean reports) {
        return new OperationRules(
                Map.of(1, area(1, "Office"), 2, area(2, "Store")),
                Map.of(
                        DOOR, zone(DOOR, ZoneType.ENTRY_EXIT, 1),
                        WINDOW, zone(WINDOW, ZoneType.IMMEDIATE, 1),
                        STORE, zone(STORE, ZoneType.IMMEDIATE, 2),
                        SHARED, zone(SHARED, ZoneType.ENTRY_EXIT, 1, 2)),
                Map.of(1, new UserRule(Set.of(1, 2), Optional.empty()), 2, new UserRule(Set.of(2), Optional.empty())),
                Map.of(),
                new OperationRules.Times(600_000, 1_800_000, 0, 86_400_000, 600_000),
                new OperationRules.Options(3, false, false, restores, true, reports, true, false, false, ResetBy.USER),
                PanelManners.USUAL,
                1);
    }

    private void bothSet() {
        at(0, new Happening.SetAsked(1, HowSet.CODE, 1, false, false));
        at(0, new Happening.SetAsked(2, HowSet.CODE, 1, false, false));
        waits(60);
        assertThat(mode(1)).isEqualTo(AreaMode.SET);
        assertThat(mode(2)).isEqualTo(AreaMode.SET);
        log.clear();
    }

    private AreaMode mode(int area) {
        return state.area(area).mode();
    }

    private void unset(double seconds, int area, int user) {
        at(seconds, new Happening.UnsetAsked(area, HowSet.CODE, user, false));
    }

    private boolean sounds() {
        return state.sounding() != Act.Pattern.SILENCE;
    }

    @Test
    void whoMayNotWorkAnAreaDoesNotUnsetIt() {
        with(two(true, true));
        bothSet();
        unset(70, 1, 2);
        unset(71, 2, 2);
        assertThat(mode(1)).isEqualTo(AreaMode.SET);
        assertThat(mode(2)).isEqualTo(AreaMode.UNSET);
        assertThat(sent()).containsExactly("1 401 2");
    }

    @Test
    void anAreaThatIsNotThereIsNotUnset() {
        with(two(true, true));
        bothSet();
        unset(70, 9, 1);
        assertThat(sent()).isEmpty();
        assertThat(log).isEmpty();
    }

    @Test
    void unsettingBeforeTheExitTimeEndsWasNoSetting() {
        with(two(true, true));
        at(0, new Happening.SetAsked(1, HowSet.CODE, 1, false, false));
        unset(20, 1, 1);
        waits(90);
        assertThat(mode(1)).isEqualTo(AreaMode.UNSET);
        assertThat(sent()).isEmpty();
    }

    @Test
    void nothingOfItIsReportedWhereThatIsDecided() {
        with(two(true, false));
        bothSet();
        unset(70, 1, 1);
        assertThat(mode(1)).isEqualTo(AreaMode.UNSET);
        assertThat(sent()).isEmpty();
    }

    /// Under threat it looks like any unsetting, and an area that is unset already sends it as well.
    @Test
    void aCodeUnderThreatIsReportedWhateverTheAreaIs() {
        with(two(true, true));
        bothSet();
        at(70, new Happening.UnsetAsked(1, HowSet.CODE, 1, true));
        assertThat(sent()).containsExactly("1 121 1", "1 401 1");
        at(80, new Happening.UnsetAsked(1, HowSet.CODE, 1, true));
        assertThat(sent()).containsExactly("1 121 1", "1 401 1", "1 121 1");
        assertThat(mode(1)).isEqualTo(AreaMode.UNSET);
    }

    @Test
    void lockedKeypadsTakeNoCodeAndTheKeySwitchStillWorks() {
        with(two(true, true));
        bothSet();
        for (int i = 0; i < 5; i++) {
            at(70 + i, new Happening.WrongCode());
        }
        unset(80, 1, 1);
        assertThat(mode(1)).isEqualTo(AreaMode.SET);
        at(81, new Happening.UnsetAsked(1, HowSet.KEY, 0, false));
        assertThat(mode(1)).isEqualTo(AreaMode.UNSET);
    }

    @Test
    void aRightCodeForgetsTheWrongOnesBeforeIt() {
        with(two(true, true));
        bothSet();
        at(70, new Happening.WrongCode());
        at(71, new Happening.WrongCode());
        unset(72, 1, 1);
        assertThat(state.wrongCodes()).isZero();
    }

    /// Both areas are in alarm: the sounders stop with the last of them.
    @Test
    void soundersGoOnWhileAnotherAreaIsInAlarm() {
        with(two(true, true));
        bothSet();
        opens(70, WINDOW);
        opens(71, STORE);
        assertThat(sounds()).isTrue();
        unset(75, 1, 1);
        assertThat(mode(1)).isEqualTo(AreaMode.UNSET_AFTER_ALARM);
        assertThat(sounds()).isTrue();
        unset(80, 2, 1);
        assertThat(sounds()).isFalse();
    }

    /// The shared door starts the entry time of both; unset in one, it lets nobody into the other any more.
    @Test
    void aSharedDoorEndsTheEntryTimeOfTheOtherArea() {
        with(two(true, true));
        bothSet();
        opens(70, SHARED);
        shuts(72, SHARED);
        AreaMode second = mode(2);
        unset(80, 1, 1);
        waits(140);
        assertThat(mode(1)).isEqualTo(AreaMode.UNSET);
        assertThat(mode(2)).as("was " + second).isEqualTo(AreaMode.SET);
        assertThat(sounds()).isFalse();
    }

    @Test
    void powerThatComesBackLeavesAreasAsTheyWereOrUnset() {
        with(two(true, true));
        bothSet();
        at(70, new Happening.PowerBack());
        assertThat(mode(1)).isEqualTo(AreaMode.SET);
        with(two(false, true));
        bothSet();
        at(70, new Happening.PowerBack());
        assertThat(mode(1)).isEqualTo(AreaMode.UNSET);
        assertThat(mode(2)).isEqualTo(AreaMode.UNSET);
    }

    private void dies(double seconds) {
        at(seconds, new Happening.Battery(BatteryState.MISSING));
        at(seconds, new Happening.Mains(false));
        assertThat(state.service().dead()).isTrue();
    }

    /// A panel that was dead stands as it stood: an exit time that was running is over, an entry time begins with
    /// its door.
    @Test
    void aDeadPanelComesBackWithoutItsTimes() {
        with(two(true, true));
        at(0, new Happening.SetAsked(1, HowSet.CODE, 1, false, false));
        dies(10);
        at(20, new Happening.Mains(true));
        assertThat(state.service().dead()).isFalse();
        assertThat(mode(1)).isEqualTo(AreaMode.SET);
        opens(30, DOOR);
        assertThat(mode(1)).isEqualTo(AreaMode.ENTERING);
        shuts(31, DOOR);
        at(32, new Happening.Mains(false));
        at(33, new Happening.Mains(true));
        assertThat(mode(1)).isEqualTo(AreaMode.SET);
    }

    @Test
    void whatWasOpenedWhileThePanelWasDeadAlarmsWhenItComesBack() {
        with(two(true, true));
        bothSet();
        dies(70);
        opens(80, WINDOW);
        assertThat(mode(1)).as("a dead panel sees nothing").isEqualTo(AreaMode.SET);
        at(90, new Happening.Mains(true));
        assertThat(mode(1)).isEqualTo(AreaMode.IN_ALARM);
    }
}
