package io.answerback.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.PowerEdits;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.power.Battery;
import io.answerback.core.model.site.Job;
import io.answerback.core.paper.Paper;
import io.answerback.core.paper.PaperElement;
import io.answerback.core.paper.PowerPaper;
import io.answerback.core.supply.StandbyForecast;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyState;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The plot of a battery on paper: read off its lines, it says what was computed.
class PowerPaperTest {
    private static final double LEFT = 26;
    private static final double TOP = 86;
    private static final double CURVE = 0.7;
    private static final double RULE = 0.5;
    private static final double GRID = 0.1;

    private static Assessment assessed(Job job) {
        return new Assessor(DataFiles.events()).on(LocalDate.of(2026, 6, 2)).assess(job);
    }

    private static Job withBattery(double ampHours) {
        return PowerEdits.battery(new Battery(new ModuleId("Panel"), ampHours, 1, 5, Optional.empty()))
                .on(DemoJobs.job(1));
    }

    private record Drawn(SupplyState state, Paper paper, List<PaperElement> page) {
        static Drawn of(Job job) {
            Assessment now = assessed(job);
            SupplyState state = now.get(Supplies.FACT).states().getFirst();
            Paper paper = PdfWriter.set(measure -> PowerPaper.of(job, now.get(Supplies.FACT), state, measure));
            return new Drawn(state, paper, paper.pages().getFirst());
        }

        List<PaperElement.Rule> lines(double width) {
            return page.stream()
                    .filter(PaperElement.Rule.class::isInstance)
                    .map(PaperElement.Rule.class::cast)
                    .filter(line -> line.width() == width)
                    .toList();
        }

        PaperElement.Text text(String begins) {
            return page.stream()
                    .filter(PaperElement.Text.class::isInstance)
                    .map(PaperElement.Text.class::cast)
                    .filter(text -> text.words().startsWith(begins))
                    .findFirst()
                    .orElseThrow(() -> new AssertionError("nothing begins with " + begins));
        }

        StandbyForecast hold(Job job) {
            return StandbyForecast.of(state.battery().orElseThrow(), job.practice());
        }

        /// Millimetres of one hour, read off the line of the rule.
        double perHour() {
            return (lines(RULE).getFirst().x1() - LEFT)
                    / state.battery().orElseThrow().ruleHours();
        }

        /// Volts at a height, read off the lines at 12.5 and 10.5 V.
        double voltsAt(double y) {
            double high = text("12.5 V").baseline() - 1;
            double low = text("10.5 V").baseline() - 1;
            return 12.5 - 2 * (y - high) / (low - high);
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {7, 17, 38, 65})
    void theCurveIsTheBatterysFallInItsHours(double ampHours) {
        Job job = withBattery(ampHours);
        Drawn drawn = Drawn.of(job);
        StandbyForecast hold = drawn.hold(job);
        List<PaperElement.Rule> curve = drawn.lines(CURVE);
        assertThat(curve).hasSize(80);
        for (PaperElement.Rule piece : curve) {
            double hours = (piece.x2() - LEFT) / drawn.perHour();
            assertThat(drawn.voltsAt(piece.y2())).isCloseTo(hold.voltsAfter(hours), within(0.01));
        }
        for (int i = 1; i < curve.size(); i++) {
            assertThat(curve.get(i).x1()).isCloseTo(curve.get(i - 1).x2(), within(1e-9));
            assertThat(curve.get(i).y1()).isCloseTo(curve.get(i - 1).y2(), within(1e-9));
        }
        assertThat(curve.getFirst().x1()).isEqualTo(LEFT);
    }

    @Test
    void theCurveEndsWhereTheSupplyCutsOff() {
        Job job = withBattery(7);
        Drawn drawn = Drawn.of(job);
        double cutOff = drawn.state().unit().cutOffVolts();
        PaperElement.Rule last = drawn.lines(CURVE).getLast();
        assertThat(drawn.voltsAt(last.y2())).isCloseTo(cutOff, within(0.01));
        assertThat((last.x2() - LEFT) / drawn.perHour())
                .isCloseTo(drawn.hold(job).endHours(cutOff), within(0.05));
    }

    /// Whichever is longer, the rule's hours or the battery's, has room for itself and a little more.
    @ParameterizedTest
    @ValueSource(doubles = {7, 65})
    void ruleAndCurveHaveRoom(double ampHours) {
        Drawn drawn = Drawn.of(withBattery(ampHours));
        double rule = drawn.lines(RULE).getFirst().x1();
        double end = drawn.lines(CURVE).getLast().x2();
        assertThat(Math.max(rule, end)).isCloseTo(LEFT + (297 - 14 - LEFT) / 1.08, within(0.01));
        assertThat(drawn.text("rule: ").x()).isGreaterThan(rule);
        assertThat(drawn.lines(RULE).getFirst().y1()).isLessThan(TOP);
    }

    @Test
    void everyHalfVoltAndAFewHoursHaveALine() {
        Drawn drawn = Drawn.of(withBattery(17));
        List<PaperElement.Rule> across = drawn.lines(GRID).stream()
                .filter(line -> line.y1() == line.y2())
                .toList();
        assertThat(across).hasSize(6);
        for (int i = 0; i < across.size(); i++) {
            assertThat(drawn.voltsAt(across.get(i).y1())).isCloseTo(10.5 + 0.5 * i, within(1e-6));
        }
        List<PaperElement.Rule> upright = drawn.lines(GRID).stream()
                .filter(line -> line.x1() == line.x2())
                .toList();
        assertThat(upright).hasSizeBetween(4, 9);
        double step = (upright.get(1).x1() - upright.get(0).x1()) / drawn.perHour();
        assertThat(step).isCloseTo(Math.rint(step), within(1e-6)).isGreaterThanOrEqualTo(1);
        assertThat(drawn.text("%.0f h".formatted(step)).x())
                .isCloseTo(upright.get(1).x1() - 2, within(1e-6));
    }

    @Test
    void theLevelsOfTheSupplyStandWithTheirWords() {
        Drawn drawn = Drawn.of(withBattery(17));
        PaperElement.Text low = drawn.text("battery low is reported");
        PaperElement.Text cut = drawn.text("low-voltage cut-off");
        assertThat(drawn.voltsAt(low.baseline() + 1))
                .isCloseTo(drawn.state().unit().lowVolts(), within(0.01));
        assertThat(drawn.voltsAt(cut.baseline() + 1))
                .isCloseTo(drawn.state().unit().cutOffVolts(), within(0.01));
        assertThat(low.words()).endsWith("%.1f V".formatted(drawn.state().unit().lowVolts()));
    }

    @Test
    void figuresAreThoseThatWereComputed() {
        Job job = withBattery(17);
        Drawn drawn = Drawn.of(job);
        assertThat(drawn.text("Battery: ").words()).startsWith("Battery: 17 Ah at the coldest of 5 °C");
        assertThat(drawn.text("Reaches ").words())
                .startsWith("Reaches %.1f h".formatted(drawn.hold(job).standbyHours()));
        assertThat(drawn.text("Quiescent ").words())
                .isEqualTo("Quiescent %.0f mA, in an alarm %.0f mA"
                        .formatted(drawn.state().milliamps(false), drawn.state().milliamps(true)));
        assertThat(drawn.paper().problems()).isEmpty();
    }
}
