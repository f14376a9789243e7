package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.PointId;
import io.answerback.files.demo.DemoJobs;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// What the gallery's panel hears by radio, and what is done about it.
class RadioSheetTest extends DemoSheets {
    @BeforeEach
    void atRadio() {
        openJob.put(DemoJobs.job(3), Optional.empty(), "");
        at(Stop.BUS, "12");
        click("Sheet By radio");
    }

    private int zone(String point) {
        return job().inputOf(new PointId(point)).orElseThrow().zone();
    }

    @Test
    void devicesEnrolledTheWrongWayRoundAreTakenAsThePanelHasThem() {
        assertThat(reads("zone 06, the panel has 05") && finds("enrolled-out-of-place:12"))
                .isTrue();
        click("Plan zone 05 for it");
        assertThat(zone("12") == 5 && zone("11") == 6 && !finds("enrolled-out-of-place:11"))
                .isTrue();
        undo();
        assertThat(zone("12") == 6 && finds("enrolled-out-of-place:11")).isTrue();
    }

    @Test
    void aSignalIsTypedWhereItStandsAndJudged() {
        assertThat(finds("signal-weak:12")).isTrue();
        edit("Signal of 12", "strong");
        assertThat(reads("signal of 12 in dBm")).isTrue();
        edit("Signal of 12", "-70");
        assertThat(reads("heard, 28 dB to spare") && !finds("signal-weak:12")).isTrue();
        click("Take the reading back");
        assertThat(finds("signal-weak:12")).isTrue();
    }

    @Test
    void theNextDeviceIsEnrolledAndAWiredZoneIsRefused() {
        at(Stop.BUS, "13");
        assertThat(reads("The next device becomes zone 07: enrol 13 Yard gate."))
                .isTrue();
        click("Enrolled now");
        assertThat(reads("zone 07, enrolled")).isTrue();
        edit("Zone the panel shows", "3");
        assertThat(reads("the panel has no wireless zone 3")).isTrue();
        click("Deleted in the panel");
        assertThat(reads("zone 07, not enrolled")).isTrue();
    }

    @Test
    void anOldBatteryIsReplaced() {
        at(Stop.BUS, "11");
        assertThat(reads("was due on 2026-03-14") && finds("device-battery-due:11"))
                .isTrue();
        click("Replaced today");
        assertThat(reads("due on 2029-06-02") && !finds("device-battery-due:11"))
                .isTrue();
        edit("Battery fitted on", "last week");
        assertThat(reads("\"last week\" is no date; type it as 2026-05-31")).isTrue();
        assertThat(job().radio().battery(new PointId("11")).orElseThrow().fittedOn())
                .hasToString("2026-06-02");
    }
}
