package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Measurement;
import io.answerback.files.demo.DemoJobs;
import java.util.List;
import org.junit.jupiter.api.Test;

/// What the sheets of the loop bench show, and what is done on them.
class LoopSheetsTest extends DemoSheets {
    private void at(String point) {
        at(Stop.LOOP, point);
    }

    private List<Measurement> taken() {
        return job().measurements().stream()
                .filter(reading -> reading.at().equals(NOW))
                .toList();
    }

    @Test
    void aSchemeTheInputCannotReadIsSaidAtTheChoiceAndCanBeTakenBack() {
        at("06");
        choose("Scheme", "two-wire detector loop · this input cannot read it");
        assertThat(reads("its input cannot read a two-wire detector loop")).isTrue();
        choose("Scheme", "triple end-of-line");
        assertThat(job().point(new PointId("06")).orElseThrow().loop().scheme() == SchemeKind.TRIPLE_END_OF_LINE)
                .isTrue();
        assertThat(job().point(new PointId("06")).orElseThrow().loop().secondOhms())
                .isEqualTo(10_000);
        assertThat(reads("mask")).isTrue();
    }

    @Test
    void twoPointsShareAnInputAndEachKeepsItsZone() {
        at("17");
        choose("Scheme", "two zones, resistors across the contacts");
        choose("Point on the second zone", "18 Dock office movement");
        assertThat(job().inputOf(new PointId("18")).orElseThrow().second()).isTrue();
        at("18");
        assertThat(reads("second zone of 17 Dock side door")).isTrue();
        assertThat(job().zone(job().inputOf(new PointId("18")).orElseThrow().zone()))
                .isPresent();
    }

    @Test
    void aResistorIsReadByItsBandsAndTriedInTheLoop() {
        at("07");
        click("Sheet Resistors");
        assertThat(reads("2k2 ±1 %") && reads("11k ±2 % from the other end")).isTrue();
        click("Empty");
        for (String colour : List.of("yellow", "violet", "red", "gold")) {
            click("add a " + colour + " band");
        }
        assertThat(reads("4k7 ±5 %") && reads("from one end only")).isTrue();
        assertThat(reads("4k7 as end-of-line")).isTrue();
        assertThat(reads("shut reads between bands")).isTrue();
        edit("Value 4k7", "2k7");
        assertThat(reads("2k7 as end-of-line") && reads("10 % inside when shut"))
                .isTrue();
        edit("Value 2k7", "-3");
        assertThat(reads("value in ohms is -3; it must be from 0.1 to")).isTrue();
    }

    @Test
    void readingsAreExplainedUntilOneCauseIsLeft() {
        at("04");
        int before = job().measurements().size();
        click("Door open");
        edit("Reading, loop active", "4k38");
        assertThat(reads("What can explain it") && reads("A damp joint across the pair"))
                .isTrue();
        // shutting the door costs nothing; the cover comes after it
        click("Measure next: Put the device at rest");
        assertThat(openJob.now().device() == DeviceState.AT_REST).isTrue();
        edit("Reading, loop at rest", "1862");
        assertThat(reads("The first two fit equally well")).isTrue();
        click("Measure next: Lift both cores");
        edit("Reading, live core to 0 V", "open");
        assertThat(reads("That is it") && reads("A damp joint across the pair")).isTrue();
        assertThat(job().measurements()).hasSize(before + 3);
        undo();
        assertThat(reads("What can explain it")).isTrue();
    }

    @Test
    void aRefusedValueSaysWhyAndChangesNothing() {
        at("07");
        edit("Cable length 62 m", "-4");
        assertThat(reads("length of cable C-17 in metres is -4; it must be from 0 to 10000"))
                .isTrue();
        assertThat(job()).isEqualTo(DemoJobs.job(1));
    }

    @Test
    void anUnusedInputIsNotedAsFittedFromItsFinding() {
        at("02");
        assertThat(reads("Panel · 8 has nothing across it")).isTrue();
        click("Do it: termination of Panel · 8");
        assertThat(!reads("Panel · 8 has nothing across it")).isTrue();
        assertThat(openJob.now().history().undoName()).contains("termination of Panel · 8");
    }
}
