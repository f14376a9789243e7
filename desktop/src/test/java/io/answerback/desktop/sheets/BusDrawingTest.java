package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import io.answerback.core.bus.BusModule;
import io.answerback.core.bus.BusState;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.loop.radio.RadioState;
import io.answerback.core.loop.radio.Sender;
import io.answerback.core.survey.capacity.ConverterChoice;
import io.answerback.desktop.Sketch;
import io.answerback.desktop.part.Value;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// The pictures of the bus bench against what was computed.
class BusDrawingTest extends DemoSheets {
    @BeforeEach
    void atBus() {
        at(Stop.BUS, "13");
    }

    @Test
    void everyModuleStandsOnceWithItsAddress() {
        Sketch laid = sketch("tree-drawing");
        List<BusModule> modules = openJob.now().assessment().get(BusState.FACT).modules();
        assertThat(laid.styled("tree-place")).hasSize(modules.size());
        for (BusModule module : modules) {
            assertThat(laid.styled("tree-place"))
                    .filteredOn(place -> place.said().words().startsWith(module.name() + ","))
                    .as(module.name())
                    .hasSize(1);
        }
        assertThat(laid.styled("bus-line")).hasSize(3 * modules.size());
    }

    @Test
    void aModuleWithoutACableStandsBelowTheOthers() {
        var cable = job().cables().stream()
                .filter(its -> its.ends().farBox().isPresent())
                .findFirst()
                .orElseThrow();
        String name = job().nameOf(cable.ends().farBox().orElseThrow());
        openJob.apply(io.answerback.core.wiring.cabling.CablingEdits.remove(cable.id()));
        Sketch laid = sketch("tree-drawing");
        double below = laid.words("no bus cable leads to these yet").number(1);
        assertThat(laid.styled("tree-place"))
                .filteredOn(place -> place.said().words().startsWith(name + ","))
                .allMatch(place -> place.number(1) > below);
    }

    @Test
    void anInputThatIsNotMonitoredIsStruckOutAndLeadsToTheOneThatIs() {
        click("Sheet Zone map");
        Sketch zones = sketch("zones-drawing");
        assertThat(zones.styled("zone-ignored")).hasSize(1);
        assertThat(zones.styled("zone-cross")).hasSize(1);
        assertThat(zones.styled("zone-lead")).hasSize(1);
        assertThat(zones.styled("zone-cell")).hasSize((int)
                job().inputs().stream().filter(input -> !input.second()).count());
        List<Double> lead = zones.one("zone-lead").at();
        Sketch.Drawing ignored = zones.one("zone-ignored");
        assertThat(lead.get(0)).isCloseTo(ignored.number(0) + ignored.number(2) / 2, offset(1e-9));
        assertThat(lead.get(1)).isCloseTo(ignored.number(1) + ignored.number(3), offset(1e-9));
    }

    @Test
    void aCellThatIsClickedSelectsItsPoint() {
        click("Sheet Zone map");
        sketch("zones-drawing").styled("zone-used").getFirst().said().press();
        assertThat(sketch("zones-drawing").one("zone-selected").said().words())
                .contains("point " + openJob.now().selected());
    }

    @Test
    void aSignalStandsAtItsDecibelsAndItsBarBeginsAtTheFloor() {
        demo(3);
        at(Stop.BUS, "12");
        click("Sheet By radio");
        Sketch heard = sketch("heard-drawing");
        List<Sender> measured = openJob.now().assessment().get(RadioState.FACT).senders().stream()
                .filter(sender -> sender.reading().isPresent())
                .toList();
        List<Sketch.Drawing> bars = heard.styled("heard-bar");
        assertThat(bars).hasSize(measured.size());
        double floor = heard.styled("heard-floor").getFirst().number(0);
        double asked = heard.styled("heard-asked").getFirst().number(0);
        double perDecibel = (asked - floor)
                / openJob.now().assessment().get(RadioState.FACT).marginDecibels();
        for (int i = 0; i < bars.size(); i++) {
            assertThat(bars.get(i).number(0)).isEqualTo(floor);
            assertThat((bars.get(i).number(2) - floor) / perDecibel)
                    .isCloseTo(measured.get(i).overFloorDecibels().orElseThrow(), offset(1e-6));
        }
    }

    @Test
    void aConverterIsDrawnWithAsManyInputsAsItHas() {
        demo(3);
        at(Stop.BUS, "01");
        click("Sheet Converters");
        var offer = openJob.now().assessment().get(ConverterChoice.FACT).offers().stream()
                .filter(its -> !its.refused())
                .findFirst()
                .orElseThrow();
        Sketch drawn = sketch("zones-drawing");
        assertThat(drawn.styled("zone-cell"))
                .hasSize(Math.max(1, offer.count()) * offer.kind().inputs());
        assertThat(drawn.styled("zone-used")).hasSize(offer.taken().size());
    }

    @Test
    void anAddressIsTypedOnThePicture() {
        assertThat(sketch("tree-drawing").all().stream().flatMap(its -> its.part().stream()))
                .filteredOn(Value.class::isInstance)
                .extracting(part -> ((Value) part).name())
                .contains("Address of Expander 1", "Address of Keypad 3");
    }
}
