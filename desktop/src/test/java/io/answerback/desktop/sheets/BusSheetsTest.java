package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.files.demo.DemoJobs;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// What the sheets of the bus bench show, and what is done on them.
class BusSheetsTest extends DemoSheets {
    @BeforeEach
    void atBus() {
        at(Stop.BUS, "13");
    }

    private int hatchZone() {
        return job().inputOf(new PointId("13")).orElseThrow().zone();
    }

    @Test
    void anAddressIsTypedWhereItStandsAndATakenOneIsRefused() {
        assertThat(reads("bus expander: 3")).isTrue();
        edit("Address of Expander 2", "1");
        assertThat(reads("address 1 is Expander 1's; choose one that is free")).isTrue();
        edit("Address of Expander 2", "3");
        assertThat(job().bus()
                        .address(new ModuleId("Expander 2"))
                        .filter(its -> its == 3)
                        .isPresent())
                .isTrue();
        assertThat(job().inputOf(new PointId("12")).orElseThrow().zone()).isEqualTo(26);
        undo();
        assertThat(job().inputOf(new PointId("12")).orElseThrow().zone() == 18).isTrue();
    }

    @Test
    void theHatchIsReleasedAndTakesItsZoneOverAgain() {
        click("Sheet Zone map");
        assertThat(reads("Expander 2 · 6 has the same number and is not monitored"))
                .isTrue();
        click("Release:");
        assertThat(hatchZone() == 42 && !finds("zone-taken-over:22")).isTrue();
        edit("Zone of Keypad 2 · 1", "70");
        assertThat(reads("the panel has zones 1 to 64; there is no zone 70")).isTrue();
        edit("Zone of Keypad 2 · 1", "22");
        assertThat(hatchZone() == 22 && finds("zone-taken-over:22")).isTrue();
    }

    @Test
    void nothingIsLeftBehindInThePanel() {
        click("Sheet Panel and wall");
        assertThat(finds("learned-but-absent:3")).isTrue();
        click("Delete it");
        assertThat(!finds("learned-but-absent:3")).isTrue();
        click("Keypad 3 not up");
        assertThat(finds("learned-but-absent:10")).isTrue();
        click("Service keypad at 15");
        assertThat(finds("service-keypad-on")).isTrue();
        click("Service keypad off");
        assertThat(!finds("service-keypad-on")).isTrue();
        click("Keypad 3 up");
        assertThat(!finds("learned-but-absent:10")).isTrue();
    }

    @Test
    void whatWasReadOutOfThePanelIsTypedIn() {
        click("Sheet Panel and wall");
        edit("Address that was read out", "17");
        assertThat(finds("learned-but-absent:17")).isTrue();
        choose("Learned at address 17", "nothing");
        assertThat(!finds("learned-but-absent:17")).isTrue();
        edit("Address that was read out", "99");
        assertThat(reads("this panel has no address 99 for a module")).isTrue();
    }

    @Test
    void whatAConverterCannotTakeIsSaid() {
        openJob.put(DemoJobs.job(3), Optional.empty(), "");
        at(Stop.BUS, "01");
        click("Sheet Converters");
        assertThat(reads("It speaks band Q; this panel hears band P")).isTrue();
        click("Fit it");
        assertThat(job().module(new ModuleId("Converter 1")).isPresent()).isTrue();
    }
}
