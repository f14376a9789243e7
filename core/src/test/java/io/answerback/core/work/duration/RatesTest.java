package io.answerback.core.work.duration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.service.Crew;
import io.answerback.core.work.duration.WorkTimes.Taken;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/// Rates that a firm's own jobs correct, and what they predict.
class RatesTest {
    private static final List<WorkCount> JOB = List.of(
            new WorkCount(WorkKind.RUN_CABLE, 800, 400),
            new WorkCount(WorkKind.CORE, 200, 200),
            new WorkCount(WorkKind.ENTRY, 100, 50),
            new WorkCount(WorkKind.WALK_LINE, 40, 40));

    @Test
    void withoutAnyJobTheWorkingValuesCount() {
        // 800 · 0.8 + 200 · 0.7 + 100 · 0.4 + 40 · 1.5
        assertThat(WorkTime.total(JOB, Rates.USUAL, false).minutes()).isCloseTo(640 + 140 + 40 + 60, within(1e-9));
        assertThat(WorkTime.total(JOB, Rates.USUAL, true).minutes()).isCloseTo(320 + 140 + 20 + 60, within(1e-9));
        // spreads 400 · 0.2, 200 · 0.2, 50 · 0.15, 40 · 0.5 as root of squares
        assertThat(WorkTime.total(JOB, Rates.USUAL, true).spread())
                .isCloseTo(Math.sqrt(80 * 80 + 40 * 40 + 7.5 * 7.5 + 20 * 20), within(1e-9));
    }

    @Test
    void measuredJobsPullTheRateFromTheWorkingValue() {
        // (2 · 0.4 + 0.7 + 0.9) / 4
        Rate rate = Rate.corrected(WorkKind.ENTRY, List.of(0.7, 0.9));
        assertThat(rate.minutes()).isCloseTo(0.6, within(1e-9));
        assertThat(rate.jobs()).isEqualTo(2);
        assertThat(rate.spread()).isCloseTo(Math.sqrt((2 * 0.15 * 0.15 + 0.01 + 0.09) / 4), within(1e-9));
    }

    /// A firm that is slower than usual at two kinds of work: what is predicted comes closer to what its jobs take.
    @Test
    void theErrorOfThePredictionFallsOverTenJobs() {
        Random random = new Random(23);
        List<WorkTimes> jobs = new ArrayList<>();
        List<Double> errors = new ArrayList<>();
        for (int job = 0; job < 10; job++) {
            double entry = 0.8 * (0.9 + 0.2 * random.nextDouble());
            double core = 1.1 * (0.9 + 0.2 * random.nextDouble());
            List<WorkCount> counts =
                    List.of(new WorkCount(WorkKind.ENTRY, 100, 100), new WorkCount(WorkKind.CORE, 200, 200));
            double measured = 100 * entry + 200 * core;
            double predicted =
                    WorkTime.total(counts, Rates.corrected(jobs), true).minutes();
            errors.add(Math.abs(predicted - measured) / measured);
            jobs.add(new WorkTimes(
                    "job " + job,
                    Map.of(
                            WorkKind.ENTRY, new Taken(100, 100 * entry),
                            WorkKind.CORE, new Taken(200, 200 * core))));
        }
        assertThat(errors.getFirst()).isGreaterThan(0.3);
        double lastThree = (errors.get(7) + errors.get(8) + errors.get(9)) / 3;
        assertThat(lastThree).as("errors: %s", errors).isLessThan(errors.getFirst() / 3);
    }

    @Test
    void theWorkThatIsLeftIsSpreadOverWorkingDays() {
        List<WorkTime.OfStop> stops = WorkTime.byStop(JOB, Rates.USUAL);
        assertThat(stops).extracting(WorkTime.OfStop::stop).containsExactly(Stop.CABLE, Stop.SET_UP, Stop.PROVE);
        LocalDate friday = LocalDate.of(2026, 6, 5);
        DayPlan plan = DayPlan.of(stops, new Crew(1, 6, Optional.of(friday)), friday);
        // 540 min of work in days of 360 min
        assertThat(plan.days()).extracting(DayPlan.Day::date).containsExactly(friday, LocalDate.of(2026, 6, 8));
        assertThat(plan.late()).contains(friday);
        DayPlan two = DayPlan.of(stops, new Crew(2, 6, Optional.of(friday)), friday);
        // 480 min by two, 60 min of walk test by one
        assertThat(two.days()).hasSize(1);
        assertThat(two.late()).isEmpty();
    }
}
