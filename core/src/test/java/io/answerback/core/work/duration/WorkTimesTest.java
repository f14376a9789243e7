package io.answerback.core.work.duration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Measurement;
import io.answerback.core.model.site.Measurement.Measured;
import io.answerback.core.survey.takeover.TakeOverEdits;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.work.duration.WorkTimes.Taken;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// What the times of readings say of the work.
class WorkTimesTest {
    private static final Instant BEGAN = Instant.parse("2026-06-02T08:00:00Z");
    private static final List<String> POINTS = List.of("01", "02", "03");
    private static final List<Measured> WHAT = List.of(Measured.LOOP_AT_REST, Measured.LOOP_ACTIVE);

    /// Readings so many seconds after the beginning, in any order.
    private static Job read(int... seconds) {
        Job job = SmallJob.job();
        for (int i = 0; i < seconds.length; i++) {
            Measurement reading = new Measurement(
                    new PointId(POINTS.get(i % 3)),
                    BEGAN.plusSeconds(seconds[i]),
                    WHAT.get(i / 3),
                    Optional.of(2200.0),
                    "");
            job = TakeOverEdits.measured(reading).on(job);
        }
        return job;
    }

    private static Optional<Taken> readings(Job job) {
        return Optional.ofNullable(WorkTimes.of(job).taken().get(WorkKind.LOOP_READING));
    }

    @Test
    void theTimeOfAReadingIsThatSinceTheOneBefore() {
        // gaps of 60, 90, 120 and 30 s: 300 s for four
        Taken taken = readings(read(0, 60, 150, 270, 300)).orElseThrow();
        assertThat(taken.count()).isEqualTo(4);
        assertThat(taken.minutes()).isCloseTo(5, within(1e-9));
        assertThat(WorkTimes.of(read(0, 60, 150, 270, 300))
                        .minutesOfOne(WorkKind.LOOP_READING)
                        .orElseThrow())
                .isCloseTo(1.25, within(1e-9));
    }

    @Test
    void theOrderInWhichTheyAreKeptDoesNotMatter() {
        assertThat(readings(read(300, 0, 270, 60, 150))).isEqualTo(readings(read(0, 60, 150, 270, 300)));
    }

    @Test
    void aBreakOfMoreThanTenMinutesIsNotWork() {
        // ten minutes count, ten minutes and a second do not
        assertThat(readings(read(0, 60, 120, 720)).orElseThrow()).isEqualTo(new Taken(3, 12));
        assertThat(readings(read(0, 60, 120, 721, 781)).orElseThrow()).isEqualTo(new Taken(3, 3));
    }

    @Test
    void readingsOfOneMomentWereTypedAtOnce() {
        assertThat(readings(read(0, 0, 0, 60, 120, 180)).orElseThrow()).isEqualTo(new Taken(3, 3));
    }

    @Test
    void fewerThanThreeSayNothing() {
        assertThat(readings(read(0, 60, 120))).isEmpty();
        assertThat(WorkTimes.of(read(0, 60, 120)).minutesOfOne(WorkKind.LOOP_READING))
                .isEmpty();
        assertThat(readings(read(0, 60, 120, 180))).isPresent();
        assertThat(WorkTimes.of(SmallJob.job()).taken()).isEmpty();
    }

    @Test
    void theJobIsNamedAndNothingIsDividedByNothing() {
        assertThat(WorkTimes.of(SmallJob.job()).job())
                .isEqualTo(SmallJob.job().site().name());
        WorkTimes none = new WorkTimes("job", Map.of(WorkKind.ENTRY, new Taken(0, 0)));
        assertThat(none.minutesOfOne(WorkKind.ENTRY)).isEmpty();
    }
}
