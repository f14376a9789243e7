package io.answerback.core.assess;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.PowerEdits;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.Battery;
import io.answerback.core.model.power.LoadFigure;
import io.answerback.core.model.power.SupplyReading;
import io.answerback.core.model.power.SupplyWatch;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.SupplyFault;
import io.answerback.core.model.site.Job;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.supply.Supplies;
import io.answerback.core.testing.SmallJob;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// What is found of batteries: their size, their charge, their age and how long they last.
class BatteryRulesTest extends PoweredJob {
    @Test
    void aBatteryNobodyDecidedIsNotedWithItsSize() {
        Finding finding = found(job(), "battery-missing:Panel").orElseThrow();
        assertThat(finding.grade()).isEqualTo(Grade.NOTE);
        assertThat(finding.remedy()).contains("The smallest that is sold and does is");
        assertThat(found(after(job(), battery(7)), "battery-missing:Panel")).isEmpty();
    }

    @Test
    void aBatteryThatDoesNotReachTheRuleIsWrongUntilItIsLargeEnough() {
        Finding finding =
                found(after(job(), battery(1.2)), "battery-short:Panel").orElseThrow();
        assertThat(finding.grade()).isEqualTo(Grade.WRONG);
        double needed = assess(job())
                .get(Supplies.FACT)
                .states()
                .getFirst()
                .battery()
                .orElseThrow()
                .requiredAmpHours();
        assertThat(found(after(job(), battery(needed * 1.2)), "battery-short:Panel"))
                .isEmpty();
    }

    @Test
    void aBatteryItsSupplyCannotChargeIsTooLargeAndSlow() {
        Job job = after(job(), battery(65));
        assertThat(found(job, "battery-too-large:Panel").orElseThrow().why()).contains("7.0 Ah at the most");
        assertThat(found(job, "recharge-slow:Panel")).isPresent();
    }

    @Test
    void loadsBeyondAnyBatteryAreExplained() {
        Job beyond = after(
                job(),
                PowerEdits.load(new LoadFigure(new PointId("01"), 20_000, 20_000, LoadFigure.Source.SHEET)),
                PowerEdits.load(new LoadFigure(new PointId("02"), 20_000, 20_000, LoadFigure.Source.SHEET)));
        Assessment assessment = assess(beyond);
        assertThat(assessment.findings()).noneMatch(finding -> finding.why().contains("NaN"));
        assertThat(found(beyond, "supply-overloaded:Panel")).isPresent();
    }

    private static double ruleHours(Job job) {
        return assess(job)
                .get(Supplies.FACT)
                .states()
                .getFirst()
                .battery()
                .orElseThrow()
                .ruleHours();
    }

    @Test
    void theShorterStandbyHoldsOnlyWhereAMainsFailureReachesTheStation() {
        Job reported = after(
                job(),
                PracticeEdits.figure("", RuleFigure.STANDBY_HOURS, 60),
                PracticeEdits.figure("", RuleFigure.STANDBY_HOURS_REPORTED, 30));
        assertThat(ruleHours(reported)).isEqualTo(30);
        // the receiver is in the list and not on the route
        Job noRoute = reported.withReceivers(List.of());
        assertThat(ruleHours(noRoute)).isEqualTo(60);
        Job noAccount = after(reported, Edits.account(1, ""), Edits.account(2, ""));
        assertThat(ruleHours(noAccount)).isEqualTo(60);
        Job untold = SetupEdits.decide(Decision.REPORT_TROUBLES, 0, "no").on(reported);
        assertThat(ruleHours(untold)).isEqualTo(60);
        assertThat(found(after(untold, battery(1.2)), "battery-short:Panel")
                        .orElseThrow()
                        .why())
                .contains("30 h only where a mains failure reaches the station");
    }

    @Test
    void aBatteryWithoutADateOrDatedAheadIsFound() {
        assertThat(found(after(job(), battery(7)), "battery-undated:Panel")
                        .orElseThrow()
                        .grade())
                .isEqualTo(Grade.NOTE);
        LocalDate today = LocalDate.of(2026, 6, 1);
        Job ahead = after(
                job(),
                PowerEdits.battery(
                        new Battery(new ModuleId("Panel"), 7, 1, 25, Optional.of(LocalDate.of(2026, 7, 1)))));
        assertThat(new Assessor(SmallJob.EVENTS).on(today).assess(ahead).findings())
                .extracting(Finding::id)
                .contains("battery-dated-ahead:Panel")
                .doesNotContain("battery-undated:Panel", "battery-due:Panel");
    }

    @Test
    void aChargerTooStrongForItsBatteryIsWrong() {
        // 350 mA into 1.2 Ah is 29 % an hour, into 7 Ah 5 %
        Job job = after(job(), PracticeEdits.figure("", RuleFigure.MOST_CHARGE_PERCENT, 25), battery(1.2));
        Finding finding = found(job, "charger-too-strong:Panel").orElseThrow();
        assertThat(finding.why()).contains("350 mA", "29 %", "25 %");
        assertThat(finding.remedy()).contains("1.4 Ah or more");
        assertThat(found(after(job, battery(7)), "charger-too-strong:Panel")).isEmpty();
    }

    @Test
    void readingsAreHeldAgainstWhatWasComputedAndAgainstTheFirst() {
        // 66 mA are computed; 15 % either way is 56.1 to 75.9
        Job fine = after(job(), measured(SupplyReading.Quantity.STANDING_MILLIAMPS, 60, 0));
        assertThat(found(fine, "supply-off:STANDING_MILLIAMPS:Panel")).isEmpty();
        Job drifted = after(fine, measured(SupplyReading.Quantity.STANDING_MILLIAMPS, 72, 400));
        assertThat(found(drifted, "supply-drifted:STANDING_MILLIAMPS:Panel")
                        .orElseThrow()
                        .why())
                .isEqualTo("It was 60 mA and is 72 mA.");
        Job off = after(job(), measured(SupplyReading.Quantity.FLOAT_VOLTS, 13.1, 0));
        assertThat(found(off, "supply-off:FLOAT_VOLTS:Panel").orElseThrow().why())
                .isEqualTo("It reads 13.1 V; it should be from 13.5 V to 13.8 V.");
    }

    @Test
    void aBatteryWhoseInsideHasGrownIsWorn() {
        // (12.9 − 12.8) V / 1 A is 100 mΩ; (12.8 − 12.6) V / 1 A is 200 mΩ
        Job first = after(
                job(),
                measured(SupplyReading.Quantity.ALARM_MILLIAMPS, 1000, 0),
                measured(SupplyReading.Quantity.RESTED_VOLTS, 12.9, 0),
                measured(SupplyReading.Quantity.LOADED_VOLTS, 12.8, 0));
        assertThat(found(first, "battery-worn:Panel")).isEmpty();
        Job later = after(
                first,
                measured(SupplyReading.Quantity.RESTED_VOLTS, 12.8, 900),
                measured(SupplyReading.Quantity.LOADED_VOLTS, 12.6, 900));
        assertThat(found(later, "battery-worn:Panel").orElseThrow().why())
                .isEqualTo("Its internal resistance was 100 mΩ and is 200 mΩ.");
    }

    /// 12.7 V rested is a full battery; 10.9 V at 1.5 A is 1.2 Ω inside. There is no earlier visit to compare with.
    @Test
    void aBatteryThatIsDeadAtTheFirstVisitIsWrong() {
        Job rested = after(
                job(),
                measured(SupplyReading.Quantity.ALARM_MILLIAMPS, 1500, 0),
                measured(SupplyReading.Quantity.RESTED_VOLTS, 12.7, 0));
        Job dead = after(rested, measured(SupplyReading.Quantity.LOADED_VOLTS, 10.9, 0));
        Finding finding = found(dead, "battery-worn:Panel").orElseThrow();
        assertThat(finding.grade()).isEqualTo(Grade.WRONG);
        assertThat(finding.why()).contains("12.7 V rested", "10.9 V in an alarm");
        assertThat(found(after(rested, measured(SupplyReading.Quantity.LOADED_VOLTS, 12.2, 0)), "battery-worn:Panel"))
                .isEmpty();
    }

    /// Every 10 °C above 20 °C halve its life: at 45 °C 2^-2.5 of it, 18 %, are left.
    @Test
    void aBatteryInTheHeatIsFound() {
        Job hot = after(
                job(), battery(7), PowerEdits.battery(new Battery(new ModuleId("Panel"), 7, 1, 45, Optional.empty())));
        Finding finding = found(hot, "battery-hot:Panel").orElseThrow();
        assertThat(finding.grade()).isEqualTo(Grade.WRONG);
        assertThat(finding.why()).startsWith("It lasts 18 % of its years");
        assertThat(found(after(job(), battery(7)), "battery-hot:Panel")).isEmpty();
    }

    @Test
    void faultsOfASupplyThatComeAsOneAreTight() {
        ModuleId panel = new ModuleId("Panel");
        Job one = job().withPower(job().power().with(new SupplyWatch(panel, SupplyFault.MAINS, new PointId("01"))));
        assertThat(found(one, "supply-faults-share:01")).isEmpty();
        Job two = one.withPower(one.power().with(new SupplyWatch(panel, SupplyFault.BATTERY, new PointId("01"))));
        assertThat(found(two, "supply-faults-share:01").orElseThrow().says()).startsWith("2 supply faults");
    }
}
