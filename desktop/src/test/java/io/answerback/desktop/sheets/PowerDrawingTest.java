package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.power.Battery;
import io.answerback.core.supply.DeviceVolts;
import io.answerback.core.supply.StandbyForecast;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyState;
import io.answerback.desktop.Sketch;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// The plots of the power bench against what was computed.
class PowerDrawingTest extends DemoSheets {
    @BeforeEach
    void atPower() {
        at(Stop.POWER, "20");
    }

    private SupplyState panel() {
        return openJob.now().assessment().get(Supplies.FACT).states().getFirst();
    }

    /// Hours to the right of the axis, from two of its ticks.
    private static double hours(Sketch fall, double x) {
        double none = fall.words("0 h").number(0);
        double six = fall.words("6 h").number(0);
        return 6 * (x - none) / (six - none);
    }

    /// Volts up the axis, from two of its lines.
    private static double volts(Sketch fall, double y) {
        double eleven = fall.words("11.0").number(1);
        double twelve = fall.words("12.0").number(1);
        return 11 + (y - eleven) / (twelve - eleven);
    }

    @Test
    void theFallIsDrawnAtItsHoursAndVolts() {
        Sketch fall = sketch("fall-drawing");
        StandbyForecast forecast = StandbyForecast.of(panel().battery().orElseThrow(), job().practice());
        List<Double> curve = fall.one("fall").at();
        for (int i = 0; i < curve.size(); i += 20) {
            double at = hours(fall, curve.get(i));
            assertThat(volts(fall, curve.get(i + 1))).isCloseTo(forecast.voltsAfter(at), offset(1e-6));
        }
        assertThat(hours(fall, fall.one("fall-rule").number(0))).isCloseTo(30, offset(1e-6));
        assertThat(volts(fall, fall.one("fall-off").number(1)))
                .isCloseTo(panel().unit().cutOffVolts(), offset(1e-6));
        Sketch.Drawing reached = fall.one("fall-reached");
        assertThat(hours(fall, reached.number(0) + 5))
                .isCloseTo(panel().battery().orElseThrow().standbyHours(), offset(1e-6));
    }

    @Test
    void aBatteryThatIsTooSmallReachesLessThanTheRule() {
        choose("Batteries in parallel", "one");
        Sketch fall = sketch("fall-drawing");
        assertThat(fall.styled("fall-reached")).isEmpty();
        assertThat(fall.one("fall-short").number(0))
                .isLessThan(fall.one("fall-rule").number(0));
    }

    @Test
    void theFallTakesTheHeightThereIs() {
        Sketch low = Sketch.of(seen().pictures("fall-drawing").getFirst(), 800, 300);
        Sketch high = Sketch.of(seen().pictures("fall-drawing").getFirst(), 800, 700);
        double lowest = low.one("fall-off").number(1);
        assertThat(high.one("fall-off").number(1)).isGreaterThan(lowest + 300);
    }

    @Test
    void everyDeviceStandsInTheTreeWithItsVoltsAndMark() {
        click("Sheet Volts");
        Sketch tree = sketch("tree-drawing");
        List<String> words = seen().pictures("tree-drawing").stream()
                .flatMap(picture -> Sketch.of(picture, 800).all().stream())
                .map(Sketch.Drawing::text)
                .toList();
        for (DeviceVolts device : panel().volts()) {
            assertThat(words).as(device.title()).contains("%.2f V".formatted(device.atEnd()));
        }
        long wrong = panel().volts().stream().filter(device -> !device.ok()).count();
        assertThat(tree.styled("tree-wrong")).hasSize((int) wrong);
        tree.styled("tree-wrong").getFirst().said().press();
        assertThat(openJob.now().selected().text()).isEqualTo("20");
    }

    @Test
    void onMainsNothingIsShort() {
        click("Sheet Volts");
        click("Battery on mains (float)");
        assertThat(sketch("tree-drawing").styled("tree-wrong")).isEmpty();
    }

    @Test
    void noTwoPlacesOfTheTreeLieOnEachOther() {
        click("Sheet Volts");
        List<Sketch.Drawing> places = sketch("tree-drawing").styled("tree-place");
        for (int i = 0; i < places.size(); i++) {
            for (Sketch.Drawing other : places.subList(i + 1, places.size())) {
                assertThat(overlap(places.get(i), other)).isFalse();
            }
        }
    }

    private static boolean overlap(Sketch.Drawing one, Sketch.Drawing other) {
        boolean across =
                one.number(0) < other.number(0) + other.number(2) && other.number(0) < one.number(0) + one.number(2);
        boolean down =
                one.number(1) < other.number(1) + other.number(3) && other.number(1) < one.number(1) + one.number(3);
        return across && down;
    }

    @Test
    void aSoundersBarIsAsLongAsItSounds() {
        click("Sheet Sounders");
        Sketch time = sketch("sound-time");
        double none = time.words("0 min").number(0);
        double five = time.words("5 min").number(0);
        Sketch.Drawing bar = time.one("sound-used");
        assertThat(5 * bar.number(2) / (five - none)).isCloseTo(10, offset(1e-6));
        edit("Sounder time", "18 min");
        assertThat(sketch("sound-time").styled("sound-over")).hasSize(1);
    }

    @Test
    void anOutputsBarIsTheShareItGives() {
        click("Sheet Sounders");
        Sketch outputs = sketch("tree-drawing");
        double there = outputs.styled("sound-there").getFirst().number(2);
        assertThat(outputs.styled("sound-used").getFirst().number(2) / there).isCloseTo(300.0 / 500, offset(1e-9));
    }

    @Test
    void aSliderThatIsMovedMovesTheFallAndEscapePutsItBack() {
        double before = sketch("fall-drawing").one("fall-reached").number(0);
        move("What if: Age", 8);
        assertThat(sketch("fall-drawing").styled("fall-reached")).noneMatch(its -> its.number(0) == before);
        click("As it is");
        assertThat(sketch("fall-drawing").one("fall-reached").number(0)).isEqualTo(before);
        assertThat(job().power().batteries()).extracting(Battery::parallel).contains(2);
    }
}
