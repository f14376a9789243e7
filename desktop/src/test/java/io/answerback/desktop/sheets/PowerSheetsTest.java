package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.setup.Intent;
import java.time.LocalDate;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// What the sheets of the power bench show, and what is done on them.
class PowerSheetsTest extends DemoSheets {
    @BeforeEach
    void atPower() {
        at(Stop.POWER, "20");
    }

    @Test
    void theBatteryIsChosenAndTheRuleIsJudged() {
        assertThat(reads("37.0 h of 30 h")).isTrue();
        choose("Batteries in parallel", "one");
        assertThat(finds("battery-short:Panel")).isTrue();
        undo();
        assertThat(!finds("battery-short:Panel")).isTrue();
        edit("Coldest at the battery", "-15");
        assertThat(job().power().battery(new ModuleId("Panel")).orElseThrow().coldestCelsius() == -15)
                .isTrue();
    }

    @Test
    void aSliderAsksWhatIfAndTheJobStays() {
        var before = job();
        assertThat(reads("37.0 h and the alarm")).isTrue();
        move("What if: Coldest", -20);
        assertThat(!reads("37.0 h and the alarm") && reads("h and the alarm")).isTrue();
        assertThat(reads("20 Cold room B movement drops out"))
                .as("what drops out is seen to drop out earlier")
                .isTrue();
        assertThat(job()).isSameAs(before);
        click("As it is");
        assertThat(reads("37.0 h and the alarm")).isTrue();
    }

    @Test
    void aFarDeviceIsMendedByARemedyThatWasTried() {
        assertThat(finds("volts-short:20")).isTrue();
        click("Sheet Volts");
        assertThat(reads("Double the supply pair of C-26")).isTrue();
        click("Do it: A run of its own from Panel");
        assertThat(!finds("volts-short:20") && reads("Nothing here is short of volts"))
                .isTrue();
        undo();
        assertThat(finds("volts-short:20")).isTrue();
    }

    @Test
    void aFigureFromTheMakersSheetTakesThePlaceOfTheData() {
        click("Sheet Loads");
        assertThat(reads("506 mA")).isTrue();
        edit("Quiescent current of Keypad 1", "145");
        assertThat(reads("606 mA")).isTrue();
        click("As in the data: forget the figure");
        assertThat(reads("maker's sheet") || reads("506 mA")).isTrue();
    }

    @Test
    void soundersAreSetSofterAndTheirTimeIsHeldAgainstTheRule() {
        click("Sheet Sounders");
        assertThat(reads("300 of 500 mA")).isTrue();
        click("Link of Sounder soft");
        assertThat(reads("180 of 500 mA")).isTrue();
        edit("Sounder time", "18 min");
        assertThat(finds("siren-time")).isTrue();
        undo();
        assertThat(!finds("siren-time") && reads("180 of 500 mA")).isTrue();
        edit("Sounder time", "soon");
        assertThat(reads("sounder time in minutes")).isTrue();
        assertThat(new Intent(job()).sounderMinutes()).isEqualTo(10);
    }

    @Test
    void aBatteryIsReplacedAndTheOldOneStaysOnRecord() {
        assertThat(finds("battery-due:Panel") && reads("due by 2026-06-20")).isTrue();
        click("Replaced today");
        assertThat(!finds("battery-due:Panel") && reads("before it 34 Ah of 2022-06-20"))
                .isTrue();
        assertThat(job().power().battery(new ModuleId("Panel")).orElseThrow().fittedOn())
                .contains(LocalDate.of(2026, 6, 2));
    }

    @Test
    void theMainsFaultOfASupplyBesideADeviceComesToAnInput() {
        click("Sheet Volts");
        assertThat(reads("Put a supply beside it")).isTrue();
        click("Do it: Put a supply beside it");
        assertThat(!finds("volts-short:20") && !finds("supply-unwatched:Supply 1"))
                .isTrue();
        click("Sheet Loads");
        choose("Supply", "Supply 1");
        assertThat(reads("25 Supply 1, mains failed")).isTrue();
        assertThat(job().inputOf(new PointId("25"))).isPresent();
        choose("Point for mains failed", "no point");
        assertThat(finds("supply-unwatched:Supply 1")).isTrue();
        click("New point");
        assertThat(finds("supply-unwatched:Supply 1")).isFalse();
    }

    @Test
    void aReadingIsTypedJudgedAndKeptBesideTheFirst() {
        click("Sheet Measured");
        assertThat(reads("13.62 V") && reads("430 to 582 mA")).isTrue();
        edit("Reading of float volts", "13.1");
        assertThat(finds("supply-off:FLOAT_VOLTS:Panel") && reads("13.62 on 2026-05-12"))
                .isTrue();
        undo();
        assertThat(!finds("supply-off:FLOAT_VOLTS:Panel")).isTrue();
    }
}
