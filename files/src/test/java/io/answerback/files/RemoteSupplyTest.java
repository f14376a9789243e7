package io.answerback.files;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.assess.Checks;
import io.answerback.core.assess.remedy.Remedy;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.edit.PowerEdits;
import io.answerback.core.engine.finding.DoneAgain;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Rule;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.Battery;
import io.answerback.core.model.power.SupplyReading;
import io.answerback.core.model.power.SupplyReading.Quantity;
import io.answerback.core.model.profile.SupplyFault;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.supply.Supplies;
import io.answerback.core.supply.SupplyVisit;
import io.answerback.core.supply.battery.BatteryState;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.survey.capacity.ModuleEdits;
import io.answerback.core.survey.capacity.SupplyWatchEdits;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.files.demo.DemoJobs;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/// Supplies that stand elsewhere, who hears of their faults, and batteries as they grow old.
class RemoteSupplyTest {
    private static final PointKind CONTACT =
            DataFiles.kinds().byId("technical-input").orElseThrow().kind();

    private static Job withSupply() {
        Job job = DemoJobs.job(1);
        return CapacityEdits.fit(
                        "", List.of(job.panel().profile().module("supply").orElseThrow()))
                .on(job);
    }

    private static Job watched(Job job, SupplyFault... faults) {
        Job next = job;
        for (SupplyFault fault : faults) {
            next = SupplyWatchEdits.watch(
                            new ModuleId("Supply 1"),
                            fault,
                            CONTACT,
                            DataFiles.conductors().getFirst(),
                            Optional.empty())
                    .on(next);
        }
        return next;
    }

    private static Assessment assess(Job job) {
        return new Assessor(DataFiles.events()).assess(job);
    }

    private static Optional<Finding> found(Job job, String id) {
        return assess(job).findings().stream()
                .filter(finding -> finding.id().equals(id))
                .findFirst();
    }

    @Test
    void aSupplyNobodyWatchesIsFoundUntilEveryOutputHasAnInput() {
        Job job = withSupply();
        Finding finding = found(job, "supply-unwatched:Supply 1").orElseThrow();
        assertThat(finding.grade()).isEqualTo(Grade.WRONG);
        assertThat(finding.why())
                .startsWith("Not wired to an input: MF (mains failed), BF (battery fault), SF (supply fault).");
        Job mains = watched(job, SupplyFault.MAINS);
        // at grade 2 what is left would be tight
        assertThat(found(mains, finding.id()).orElseThrow().grade()).isEqualTo(Grade.WRONG);
        assertThat(found(mains, finding.id()).orElseThrow().why()).endsWith("reports its faults (EN 50131-6).");
        Job all = watched(mains, SupplyFault.BATTERY, SupplyFault.OTHER);
        assertThat(found(all, finding.id())).isEmpty();
        assertThat(all.points()).hasSize(job.points().size() + 3);
    }

    @Test
    void aWatchByAPointThatIsNotThereIsNone() {
        Job job = watched(withSupply(), SupplyFault.BATTERY, SupplyFault.OTHER);
        Job nobody = SupplyWatchEdits.watchedBy(
                        new ModuleId("Supply 1"), SupplyFault.MAINS, Optional.of(new PointId("no such point")))
                .on(job);
        assertThat(found(nobody, "supply-unwatched:Supply 1").orElseThrow().grade())
                .isEqualTo(Grade.WRONG);
    }

    @Test
    void aWatchIsAPointWithAnInputAndALine() {
        Job job = watched(withSupply(), SupplyFault.MAINS);
        PointId id = new PointId(job.power()
                .watch(new ModuleId("Supply 1"), SupplyFault.MAINS)
                .orElseThrow()
                .text());
        assertThat(job.point(id).orElseThrow().name()).isEqualTo("Supply 1, mains failed");
        assertThat(job.inputOf(id)).isPresent();
        assertThat(assess(job).point(id).orElseThrow().reported()).isTrue();
    }

    @Test
    void theWatchFollowsItsPointAndGoesWithIt() {
        Job job = watched(withSupply(), SupplyFault.MAINS);
        PointId id =
                job.power().watch(new ModuleId("Supply 1"), SupplyFault.MAINS).orElseThrow();
        Job renumbered = PointEdits.renumber(id, new PointId("99")).on(job);
        assertThat(renumbered.power().watch(new ModuleId("Supply 1"), SupplyFault.MAINS))
                .contains(new PointId("99"));
        Job gone = PointEdits.remove(List.of(id)).on(job);
        assertThat(gone.power().watch(new ModuleId("Supply 1"), SupplyFault.MAINS))
                .isEmpty();
        Job without = ModuleEdits.remove(new ModuleId("Supply 1")).on(job);
        assertThat(without.power().watches()).isEmpty();
    }

    /// The smallest battery that is sold, reaches the standby and is filled again in time; not the largest it
    /// takes.
    @Test
    void aSupplyBesideGetsTheSmallestBatteryThatIsEnough() {
        Job job = DemoJobs.job(1);
        Remedy beside = Ways.to(job, new PointId("20")).stream()
                .filter(its -> its.words().startsWith("Put a supply beside it"))
                .findFirst()
                .orElseThrow();
        Job after = beside.edit().on(job);
        var state = Supplies.of(after, CorePlan.of(after)).states().stream()
                .filter(its -> its.module().text().startsWith("Supply"))
                .findFirst()
                .orElseThrow();
        BatteryState battery = state.battery().orElseThrow();
        assertThat(battery.enough()).isTrue();
        assertThat(battery.ratedAmpHours()).isEqualTo(battery.stockAmpHours().orElseThrow());
        assertThat(battery.ratedAmpHours()).isLessThan(state.unit().mostAmpHours());
        assertThat(battery.recharge().hoursTo80()).isLessThan(battery.rechargeRuleHours());
    }

    /// Enough is only what leaves nothing new wrong or tight on the whole job: the supply beside it brings its
    /// fault outputs to inputs, and an expander with a supply in place of one that is wired has cores in the
    /// wrong place.
    @Test
    void aWayIsEnoughOnlyWhereTheWholeJobHasNothingNewWrongOrTight() {
        Job job = DemoJobs.job(1);
        List<Remedy> ways = Ways.to(job, new PointId("20"));
        Remedy beside = way(ways, "Put a supply beside it");
        assertThat(beside.ok()).isTrue();
        Job after = beside.edit().on(job);
        for (SupplyFault fault : SupplyFault.values()) {
            PointId watching =
                    after.power().watch(new ModuleId("Supply 1"), fault).orElseThrow(() -> new AssertionError(fault));
            assertThat(after.inputOf(watching)).isPresent();
            assertThat(after.cableTo(watching)).isPresent();
        }
        Remedy own = way(ways, "Give Expander 2 a supply of its own");
        assertThat(own.ok()).isTrue();
        assertThat(own.again()).extracting(Finding::id).contains("core-elsewhere:C-42:red");
        ways.stream()
                .filter(Remedy::reaches)
                .forEach(way -> assertThat(brought(job, way.edit().on(job)))
                        .as(way.words())
                        .isEqualTo(way.found()));
        assertThat(DoneAgain.rules())
                .isSubsetOf(Checks.rules().stream().map(Rule::id).toList());
    }

    /// The fault outputs come to free inputs; where there is none, a supply beside is not enough.
    @Test
    void aSupplyWhoseFaultsFindNoInputIsNotEnough() {
        Job job = DemoJobs.job(1);
        List<InputId> free = job.inputs().stream()
                .filter(input -> input.pointId().isEmpty())
                .map(Input::id)
                .toList();
        List<Point> more = new ArrayList<>(job.points());
        for (int i = 0; i < free.size(); i++) {
            more.add(job.points().getFirst().withId(new PointId(Integer.toString(70 + i))));
        }
        Job full = job.withPoints(more);
        for (int i = 0; i < free.size(); i++) {
            full = CapacityEdits.wire(new PointId(Integer.toString(70 + i)), Optional.of(free.get(i)))
                    .on(full);
        }
        Remedy beside = way(Ways.to(full, new PointId("20")), "Put a supply beside it");
        assertThat(beside.reaches()).isTrue();
        assertThat(beside.ok()).isFalse();
        assertThat(beside.brings()).extracting(Finding::id).contains("inputs-short");
    }

    private static Remedy way(List<Remedy> ways, String words) {
        return ways.stream()
                .filter(its -> its.words().startsWith(words))
                .findFirst()
                .orElseThrow();
    }

    /// What is wrong or tight on a job and was not on another, each judged from nothing.
    private static List<Finding> brought(Job before, Job after) {
        Set<String> had = assess(before).findings().stream()
                .filter(finding -> finding.grade() != Grade.NOTE)
                .map(finding -> finding.id() + finding.grade())
                .collect(Collectors.toSet());
        return assess(after).findings().stream()
                .filter(finding -> finding.grade() != Grade.NOTE)
                .filter(finding -> !had.contains(finding.id() + finding.grade()))
                .toList();
    }

    @Test
    void aPairOfItsOwnLeavesTheLoopWhereItWas() {
        Job job = DemoJobs.job(1);
        List<Remedy> remedies = Ways.to(job, new PointId("20"));
        for (String way : List.of("A run of its own", "Put a supply beside it")) {
            Remedy remedy = remedies.stream()
                    .filter(its -> its.words().startsWith(way))
                    .findFirst()
                    .orElseThrow();
            Job mended = remedy.edit().on(job);
            int watching = mended.points().size() - job.points().size();
            assertThat(mended.cables()).hasSize(job.cables().size() + 1 + watching);
            assertThat(assess(mended).point(new PointId("20")).orElseThrow().wired())
                    .isEqualTo(
                            assess(job).point(new PointId("20")).orElseThrow().wired());
            assertThat(assess(mended).findings())
                    .filteredOn(finding -> finding.stop() == Stop.LOOP
                            && finding.point().flatMap(job::point).isPresent())
                    .isEqualTo(assess(job).findings().stream()
                            .filter(finding -> finding.stop() == Stop.LOOP
                                    && finding.point().flatMap(job::point).isPresent())
                            .toList());
        }
    }

    @Test
    void aBatteryIsDueSoonThenPastItsDateThenReplaced() {
        // fitted on 2022-06-20 and kept four years
        Job job = DemoJobs.job(1);
        Assessor assessor = new Assessor(DataFiles.events());
        assertThat(due(assessor.on(LocalDate.of(2025, 12, 19)), job)).isEmpty();
        assertThat(due(assessor.on(LocalDate.of(2025, 12, 21)), job)).contains(Grade.NOTE);
        assertThat(due(assessor.on(LocalDate.of(2026, 6, 20)), job)).contains(Grade.TIGHT);
        assertThat(due(assessor, job)).isEmpty();
        Battery old = job.power().battery(new ModuleId("Panel")).orElseThrow();
        Job replaced = PowerEdits.replaced(old, LocalDate.of(2026, 6, 21)).on(job);
        assertThat(due(assessor.on(LocalDate.of(2026, 6, 21)), replaced)).isEmpty();
        assertThat(replaced.power().changes())
                .singleElement()
                .satisfies(change -> assertThat(change.battery()).isEqualTo(old));
    }

    private static Optional<Grade> due(Assessor assessor, Job job) {
        return assessor.assess(job).findings().stream()
                .filter(finding -> finding.id().equals("battery-due:Panel"))
                .map(Finding::grade)
                .findFirst();
    }

    @Test
    void whatWasMeasuredOfTheOldBatterySaysNothingOfTheNewOne() {
        Job job = DemoJobs.job(1);
        Instant before = Instant.parse("2026-06-20T09:00:00Z");
        Instant after = Instant.parse("2026-06-22T09:00:00Z");
        job = PowerEdits.measured(new SupplyReading(new ModuleId("Panel"), Quantity.ALARM_MILLIAMPS, 1000, before))
                .on(job);
        job = PowerEdits.measured(new SupplyReading(new ModuleId("Panel"), Quantity.RESTED_VOLTS, 12.7, before))
                .on(job);
        job = PowerEdits.measured(new SupplyReading(new ModuleId("Panel"), Quantity.LOADED_VOLTS, 12.5, before))
                .on(job);
        // 0.2 V at 1 A
        assertThat(visit(job).lastMilliohms())
                .hasValueSatisfying(ohms -> assertThat(ohms).isBetween(199.9, 200.1));
        job = PowerEdits.replaced(job.power().battery(new ModuleId("Panel")).orElseThrow(), LocalDate.of(2026, 6, 21))
                .on(job);
        assertThat(visit(job).lastMilliohms()).isEmpty();
        job = PowerEdits.measured(new SupplyReading(new ModuleId("Panel"), Quantity.RESTED_VOLTS, 12.8, after))
                .on(job);
        job = PowerEdits.measured(new SupplyReading(new ModuleId("Panel"), Quantity.LOADED_VOLTS, 12.75, after))
                .on(job);
        assertThat(visit(job).firstMilliohms())
                .hasValueSatisfying(ohms -> assertThat(ohms).isBetween(49.9, 50.1));
    }

    private static SupplyVisit visit(Job job) {
        return assess(job).get(Supplies.FACT).states().getFirst().visit();
    }
}
