package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.id.PointId;
import io.answerback.core.model.path.PathKind;
import io.answerback.core.panel.operation.AreaMode;
import io.answerback.core.panel.operation.Happening.BatteryState;
import io.answerback.desktop.live.PointCondition;
import org.junit.jupiter.api.Test;

/// What can be pulled at the practice panel, and what people do at it.
class PanelSwitchesTest extends PanelOfDemo {
    private static final PointId ENTRANCE = new PointId("01");

    @Test
    void mainsAreTakenAwayAndComeBack() {
        click("mains");
        assertThat(panel.state().power().mains()).isFalse();
        click("mains");
        assertThat(panel.state().power().mains()).isTrue();
    }

    /// Low volts are seen at once, a missing battery at the next test under load.
    @Test
    void aLowBatteryIsSeenAtOnceAndAMissingOneLater() {
        choose("Battery", "battery low");
        assertThat(panel.state().power().batterySeen()).isEqualTo(BatteryState.LOW);
        choose("Battery", "battery well");
        choose("Battery", "battery missing");
        assertThat(panel.state().power().battery()).isEqualTo(BatteryState.MISSING);
        assertThat(panel.state().power().batterySeen()).isNotEqualTo(BatteryState.MISSING);
    }

    @Test
    void withoutMainsAndBatteryThePanelIsDead() {
        choose("Battery", "battery missing");
        click("mains");
        assertThat(panel.state().service().dead()).isTrue();
        click("Set: the area of the keypad");
        assertThat(mode()).isEqualTo(AreaMode.UNSET);
        click("mains");
        assertThat(panel.state().service().dead()).isFalse();
    }

    @Test
    void pathsAreCutOneByOne() {
        click("cellular");
        assertThat(panel.works(PathKind.CELLULAR)).isFalse();
        assertThat(panel.works(PathKind.IP)).isTrue();
        click("broadband");
        assertThat(panel.works(PathKind.IP)).isFalse();
        click("cellular");
        assertThat(panel.works(PathKind.CELLULAR)).isTrue();
    }

    @Test
    void theCommunicatorIsUnpluggedAndPluggedInAgain() {
        click("communicator");
        assertThat(panel.communicator()).isFalse();
        click("communicator");
        assertThat(panel.communicator()).isTrue();
    }

    @Test
    void theClockGoesAnHourWrongAndRightAgain() {
        click("clock right");
        assertThat(panel.state().aheadMillis()).isEqualTo(3_600_000);
        click("clock right");
        assertThat(panel.state().aheadMillis()).isZero();
    }

    @Test
    void wrongCodesAreCounted() {
        click("Wrong code");
        click("Wrong code");
        assertThat(panel.state().wrongCodes()).isEqualTo(2);
    }

    @Test
    void aWalkTestIsBegunAndEndedByTheSameButton() {
        click("Walk test");
        assertThat(panel.state().service().walked()).containsExactly(1);
        assertThatThrownBy(() -> click("Walk test")).hasMessageContaining("nothing is called Walk test");
        click("End the walk test");
        assertThat(panel.state().service().walked()).isEmpty();
    }

    @Test
    void programmingIsOpenedAndClosedAndNothingIsSetMeanwhile() {
        click("Open programming");
        assertThat(panel.state().service().programming()).isTrue();
        click("Set: the area of the keypad");
        assertThat(mode()).isEqualTo(AreaMode.UNSET);
        click("Close programming");
        click("Set: the area of the keypad");
        assertThat(mode()).isEqualTo(AreaMode.LEAVING);
    }

    @Test
    void soundersAreSilencedAndTheAlarmStays() {
        click("Set: the area of the keypad");
        click("A minute on");
        click("Office entrance, at rest");
        click("A minute on");
        assertThat(mode()).isEqualTo(AreaMode.IN_ALARM);
        assertThat(reads("They sound: burglary.")).isTrue();
        click("Silence sounders");
        assertThat(reads("They sound: burglary.")).isFalse();
    }

    /// A receiver refuses a frame whose time stamp is an hour off; what it refused goes out again once the clock
    /// is right.
    @Test
    void aWrongClockMakesTheStationRefuseWhatThePanelSends() throws InterruptedException {
        click("clock right");
        click("Set: the area of the keypad");
        click("A minute on");
        awaitReads("the station refused it (NAK)");
        click("clock right");
        awaitReads("answered in");
        assertThat(reads("refused it (NAK)")).isFalse();
    }

    @Test
    void aPointOpenedOnTheChainIsOpenHereAndNotSentTwice() throws InterruptedException {
        click("Set: the area of the keypad");
        click("A minute on");
        awaitReads("answered in");
        practice().toggle(ENTRANCE);
        seen();
        assertThat(panel.condition(ENTRANCE)).isEqualTo(PointCondition.ACTIVE);
        click("A minute on");
        assertThat(mode()).isEqualTo(AreaMode.IN_ALARM);
        long sent = panel.log().stream()
                .filter(line -> line.reception().isPresent())
                .count();
        practice().toggle(ENTRANCE);
        assertThat(reads("already sent from the signal chain")).isTrue();
        assertThat(panel.condition(ENTRANCE)).isEqualTo(PointCondition.AT_REST);
        assertThat(panel.log().stream().filter(line -> line.reception().isPresent()))
                .hasSizeGreaterThan((int) sent);
        practice().toggle(ENTRANCE);
        click("Begin anew");
        assertThat(panel.condition(ENTRANCE)).isEqualTo(PointCondition.AT_REST);
    }
}
