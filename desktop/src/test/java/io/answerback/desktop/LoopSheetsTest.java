package io.answerback.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.device.SchemeKind;
import io.answerback.core.finding.Stop;
import io.answerback.core.id.PointId;
import io.answerback.core.site.Measurement;
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
}
