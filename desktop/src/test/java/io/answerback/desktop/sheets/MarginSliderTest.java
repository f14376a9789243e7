package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.id.PointId;
import io.answerback.desktop.part.Slide;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// A figure of the loop is moved, seen, kept or taken back.
class MarginSliderTest extends DemoSheets {
    private static final PointId POINT = new PointId("04");

    @BeforeEach
    void atTheLoop() {
        at(Stop.LOOP, POINT.text());
    }

    private Cable cable() {
        return job().cableTo(POINT).orElseThrow();
    }

    private double tolerance() {
        return job().point(POINT).orElseThrow().loop().tolerancePercent();
    }

    private Slide slide(String name) {
        return seen().named(Slide.class, Slide::name, name);
    }

    @Test
    void aLengthIsMovedAndTheJobStaysUntilItIsKept() {
        double planned = cable().metres();
        move("Move the cable length", 1);
        double moved = Math.rint(slide("Move the cable length").value());
        assertThat(moved).isEqualTo(1);
        assertThat(cable().metres()).isEqualTo(planned);
        assertThat(reads("Keep it")).isTrue();
        click("Back");
        assertThat(slide("Move the cable length").value()).isLessThan(1);
        move("Move the cable length", 0.5);
        click("Keep it");
        assertThat(cable().metres()).isNotEqualTo(planned).isPositive();
        undo();
        assertThat(cable().metres()).isEqualTo(planned);
    }

    @Test
    void aToleranceIsKeptInTheLoop() {
        choose("Figure to move", "tolerance");
        move("Move the tolerance", 0.1);
        assertThat(reads("±2 %")).isTrue();
        click("Keep it");
        assertThat(tolerance()).isCloseTo(2, within(1e-9));
    }

    @Test
    void heatIsKeptInTheCableAndColdIsNeverHotter() {
        choose("Figure to move", "hottest cable");
        move("Move the hottest cable", 0);
        click("Keep it");
        assertThat(cable().hottestCelsius()).isEqualTo(-60);
        assertThat(cable().coldestCelsius()).isEqualTo(-60);
        undo();
        move("Move the hottest cable", 1);
        click("Keep it");
        assertThat(cable().hottestCelsius()).isEqualTo(120);
        assertThat(cable().coldestCelsius()).isLessThan(120);
    }

    @Test
    void aFaultIsSeenAndNeverKept() {
        for (String fault : new String[] {"leak across the pair", "bad joint"}) {
            choose("Figure to move", fault);
            move("Move the " + fault, 1);
            assertThat(reads(" reads ")).as("what becomes of it").isTrue();
            assertThatThrownBy(() -> click("Keep it")).hasMessageContaining("Keep it");
            click("Back");
            assertThat(slide("Move the " + fault).value()).isZero();
        }
    }

    @Test
    void anotherPointBeginsAtItsPlan() {
        move("Move the cable length", 1);
        openJob.select(new PointId("06"));
        assertThat(slide("Move the cable length").value()).isLessThan(1);
        openJob.select(POINT);
        assertThat(slide("Move the cable length").value()).isLessThan(1);
    }

    @Test
    void aLoopWithoutResistorsHasNoTolerance() {
        choose("Scheme", "closed loop");
        assertThatThrownBy(() -> choose("Figure to move", "tolerance")).isInstanceOf(AssertionError.class);
    }
}
