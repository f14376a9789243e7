package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.panel.behaviour.EntryWalk;
import io.answerback.core.wiring.cores.BoxPlan;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.desktop.Sketch;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// The pictures of the cable bench and of a way in against what was planned.
class CableDrawingTest extends DemoSheets {
    @BeforeEach
    void atCable() {
        at(Stop.CABLE, "03");
    }

    private BoxPlan panel() {
        return openJob.now()
                .assessment()
                .get(CorePlan.FACT)
                .box(new ModuleId("Panel"))
                .orElseThrow();
    }

    @Test
    void everyCoreHangsUnderItsTerminal() {
        Sketch strip = sketch("strip-drawing");
        List<Sketch.Drawing> terminals = strip.styled("terminal");
        assertThat(terminals).hasSize(panel().strip().size());
        int hanging = 0;
        for (int i = 0; i < panel().strip().size(); i++) {
            hanging += panel().under(i).size();
        }
        List<Sketch.Drawing> cores = strip.styled("core");
        assertThat(cores).hasSize(hanging);
        double step = terminals.get(1).number(0) - terminals.get(0).number(0);
        for (Sketch.Drawing core : cores) {
            double middle = core.number(0) + core.number(2) / 2;
            assertThat(terminals)
                    .filteredOn(screw -> Math.abs(screw.number(0) + screw.number(2) / 2 - middle) < step / 2)
                    .hasSize(1);
        }
    }

    @Test
    void theCoresOfTheSelectedCableHangLowerThanTheOthers() {
        Sketch strip = sketch("strip-drawing");
        List<Double> heights = strip.styled("core").stream()
                .map(core -> core.number(3))
                .distinct()
                .toList();
        assertThat(heights).hasSize(2);
        assertThat(strip.styled("core"))
                .filteredOn(core -> core.said().words().endsWith("of C-03"))
                .isNotEmpty()
                .allMatch(core -> core.number(3) == Math.max(heights.get(0), heights.get(1)));
    }

    @Test
    void aTerminalThatIsClickedLeadsToTheNextCableUnderIt() {
        Sketch.Drawing common = sketch("strip-drawing").styled("terminal").getFirst();
        common.said().press();
        assertThat(openJob.now().focus().cable()).isPresent();
        assertThat(openJob.now().focus().cable().orElseThrow().text()).isNotEqualTo("C-03");
    }

    @Test
    void whatTheRingPassesByStandsBelowItsPlace() {
        openJob.apply(LoopEdits.scheme(new PointId("16"), SchemeKind.SINGLE_END_OF_LINE));
        Sketch ring = sketch("ring-drawing");
        assertThat(ring.styled("ring-station")).hasSize(panel().ring().joined().size());
        assertThat(ring.styled("ring-left-out"))
                .hasSize(panel().ring().leftOut().size())
                .allMatch(place ->
                        place.number(1) > ring.styled("ring-station").getFirst().number(1));
        click("Join C-20");
        assertThat(sketch("ring-drawing").styled("ring-left-out")).isEmpty();
    }

    @Test
    void aCoreIsDrawnFromPlaceToPlaceInItsColour() {
        click("yellow, loop: follow it");
        Sketch path = sketch("path-drawing");
        assertThat(path.styled("path-stop")).hasSize(2);
        Sketch.Drawing core = path.one("core-yellow");
        assertThat(core.number(0)).isCloseTo(path.styled("path-stop").getFirst().number(0) + 7, offset(1e-9));
    }

    @Test
    void aWalkIsDrawnBySecondsAndWhatComesTooLateIsSeen() {
        at(Stop.SET_UP, "01");
        click("Sheet Way in");
        EntryWalk walk = openJob.now().assessment().get(EntryWalk.ALL).getFirst();
        Sketch drawn = sketch("walk-drawing");
        Sketch.Drawing way = drawn.one("walk-way");
        Sketch.Drawing late = drawn.one("walk-late");
        double perSecond = (late.number(2) - way.number(0)) / walk.walk().seconds();
        assertThat((way.number(2) - way.number(0)) / perSecond).isCloseTo(walk.entrySeconds(), offset(1e-6));
        assertThat(drawn.one("walk-limit").number(0)).isCloseTo(way.number(2), offset(1e-9));
        click("Give 40 s in area 01");
        assertThat(sketch("walk-drawing").styled("walk-late")).isEmpty();
    }

    @Test
    void contactsInSeriesStandInTheOrderOfTheCable() {
        demo(3);
        openJob.open(io.answerback.desktop.work.SurveySheet.OLD_WIRING);
        Sketch series = sketch("series-drawing");
        List<Sketch.Drawing> names = series.styled("series-name");
        var point = job().points().stream()
                .filter(its -> its.inSeries().size() > 1)
                .findFirst()
                .orElseThrow();
        assertThat(names).hasSize(point.inSeries().size());
        assertThat(names).isSortedAccordingTo((one, other) -> Double.compare(one.number(0), other.number(0)));
        assertThat(series.styled("blade")).hasSize(names.size());
        assertThat(openJob.now().assessment().point(new PointId("06"))).isPresent();
    }

    @Test
    void aResistorIsDrawnWithTheBandsOfItsValue() {
        at(Stop.LOOP, "07");
        click("Sheet Resistors");
        Sketch resistor = sketch("resistor-drawing");
        assertThat(resistor.all().stream().map(Sketch.Drawing::style).filter(style -> style.startsWith("stripe-")))
                .containsExactly("stripe-red", "stripe-red", "stripe-black", "stripe-brown", "stripe-brown");
    }
}
