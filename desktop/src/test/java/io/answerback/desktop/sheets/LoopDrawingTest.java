package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.loop.CheckedFaults;
import io.answerback.core.loop.scheme.DeviceState;
import io.answerback.core.loop.scheme.FaultKind;
import io.answerback.core.loop.scheme.FittedLoop;
import io.answerback.core.loop.scheme.LoopCase;
import io.answerback.core.loop.scheme.LoopFault;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.LoopWiring;
import io.answerback.core.model.site.Panel;
import io.answerback.desktop.Sketch;
import io.answerback.desktop.part.Drawn;
import io.answerback.desktop.part.Value;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// What is drawn of a loop is what is wired, in the state and with the fault that are switched, and every
/// interval is where its figures say.
class LoopDrawingTest extends DemoSheets {
    private static final PointId DOOR = new PointId("06");

    @BeforeEach
    void atLoop() {
        at(Stop.LOOP, "06");
    }

    private Sketch loop() {
        return Sketch.of(seen().every(Drawn.class).getFirst().picture(), 700);
    }

    private Sketch bands() {
        return Sketch.of(seen().every(Drawn.class).getLast().picture(), 700);
    }

    private void wire(UnaryOperator<LoopWiring> change) {
        assertThat(openJob.apply(LoopEdits.parts("", DOOR, change))).isTrue();
    }

    /// Whether the first row's interval, the point at rest, lies inside the band of "normal".
    private boolean insideNormal() {
        Sketch.Drawing interval = bands().styled("interval").getFirst();
        Sketch.Drawing band = bands().one("band-normal");
        return interval.number(0) >= band.number(0)
                && interval.number(0) + interval.number(2) <= band.number(0) + band.number(2);
    }

    @Test
    void aSafeIntervalIsDrawnInsideItsBandAndABadOneBesideIt() {
        assertThat(insideNormal()).isTrue();
        wire(wiring -> wiring.withEndOfLineOhms(3900));
        assertThat(insideNormal()).isFalse();
    }

    @Test
    void figuresLieOnTheAxisByTheirLogarithm() {
        Sketch bands = bands();
        double hundreds = bands.words("200").number(0);
        double thousands = bands.words("2k").number(0);
        double tens = bands.words("20k").number(0);
        assertThat(thousands - hundreds).isCloseTo(tens - thousands, offset(1e-6));
        double reads = bands.one("reading-line").number(0);
        double ohms = openJob.now()
                .point()
                .wired()
                .orElseThrow()
                .loop()
                .orElseThrow()
                .of(LoopCase.sound(DeviceState.AT_REST))
                .range()
                .nominalOhms();
        double expected = hundreds + (thousands - hundreds) * Math.log10(ohms / 200);
        assertThat(reads).isCloseTo(expected, offset(1e-6));
    }

    @Test
    void everySchemeIsDrawnAsItIsWired() {
        openJob.put(DemoJobs.job(1).withPanel(new Panel("Panel", DataFiles.profile("sample-d"))), Optional.empty(), "");
        openJob.select(DOOR);
        for (SchemeKind scheme : List.of(
                SchemeKind.CLOSED_LOOP,
                SchemeKind.NORMALLY_OPEN,
                SchemeKind.SINGLE_END_OF_LINE,
                SchemeKind.END_OF_LINE_ACROSS)) {
            for (ResistorPlace place : ResistorPlace.values()) {
                wire(its -> its.withScheme(scheme).withPlace(place));
                openJob.switchTo(DeviceState.AT_REST, LoopFault.NONE);
                assertThat(loop().styled("resistor")).hasSize(scheme.hasEndOfLine() ? 1 : 0);
                boolean open = scheme == SchemeKind.NORMALLY_OPEN || scheme == SchemeKind.END_OF_LINE_ACROSS;
                assertThat(bladeIsOpen()).as(scheme + " at rest").isEqualTo(open);
                openJob.switchTo(DeviceState.ACTIVE, LoopFault.NONE);
                assertThat(bladeIsOpen()).as(scheme + " active").isNotEqualTo(open);
            }
        }
    }

    /// Whether the one contact's blade stands off its other end.
    private boolean bladeIsOpen() {
        Sketch.Drawing blade = loop().one("blade");
        double across = Math.abs(blade.number(2) - blade.number(0));
        double down = Math.abs(blade.number(3) - blade.number(1));
        return Math.min(across, down) > 8;
    }

    /// The larger schemes, in each of their states and with each fault: a blade for each contact, every figure
    /// of the wiring editable where it stands.
    @Test
    void theLargerSchemesHaveABladeForEachContactWhateverIsTheMatter() {
        Map.of("08", 3, "11", 2, "12", 1).forEach((point, contacts) -> {
            openJob.select(new PointId(point));
            FittedLoop fitted =
                    openJob.now().point().wired().orElseThrow().fitted().orElseThrow();
            for (LoopCase loopCase : new CheckedFaults(12_000).cases(fitted)) {
                openJob.switchTo(loopCase.device(), loopCase.fault());
                assertThat(loop().styled("blade"))
                        .as(point + " " + loopCase.id())
                        .hasSize(contacts);
            }
            assertThat(loop().all().stream().flatMap(its -> its.part().stream()))
                    .filteredOn(Value.class::isInstance)
                    .isNotEmpty();
        });
    }

    @Test
    void theDrawingShowsTheFaultAndTheSchemeThatAreSwitched() {
        openJob.switchTo(DeviceState.ACTIVE, LoopFault.of(FaultKind.CUT));
        assertThat(loop().styled("fault")).hasSize(2);
        assertThat(loop().styled("resistor")).hasSize(2);
        openJob.switchTo(DeviceState.AT_REST, LoopFault.of(FaultKind.NO_RESISTOR));
        assertThat(loop().styled("fault")).isEmpty();
        assertThat(loop().styled("resistor")).hasSize(1);
        for (FaultKind kind : List.of(FaultKind.DOUBLED, FaultKind.TWO_LOOPS)) {
            openJob.switchTo(DeviceState.AT_REST, LoopFault.of(kind));
            assertThat(loop().styled("resistor")).as(kind.id()).hasSize(3);
            assertThat(bands().styled("band-row-on")).as(kind.id()).hasSize(1);
        }
        openJob.switchTo(DeviceState.AT_REST, LoopFault.NONE);
        wire(its -> its.withScheme(SchemeKind.CLOSED_LOOP));
        assertThat(loop().styled("resistor")).isEmpty();
        wire(its -> its.withScheme(SchemeKind.SINGLE_END_OF_LINE).withPlace(ResistorPlace.IN_PANEL));
        assertThat(loop().one("resistor").number(0))
                .isLessThan(loop().one("device-box").number(0));
    }

    @Test
    void aRowThatIsClickedIsSwitched() {
        bands().styled("band-row").get(1).said().press();
        assertThat(openJob.now().device()).isEqualTo(DeviceState.ACTIVE);
        assertThat(bands().styled("band-row-on")).hasSize(1);
    }
}
