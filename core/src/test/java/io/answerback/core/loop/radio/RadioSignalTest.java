package io.answerback.core.loop.radio;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.id.FedId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.SignalReading;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.testing.SmallRadio;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// How strong a wireless device is heard, and when its battery is due.
class RadioSignalTest extends EnrolledJob {
    private static final Instant NOW = Instant.parse("2026-05-12T09:00:00Z");

    private static Job heard(Job job, FedId part, double decibelMilliwatts) {
        return RadioEdits.heard(new SignalReading(part, decibelMilliwatts, NOW)).on(job);
    }

    @Test
    void aSignalIsJudgedAgainstTheFloorAndTheMargin() {
        Job job = enrolled("11");
        assertThat(link(job, "11", Link.LOOP).line()).isEqualTo("signal not measured");
        // −98 + 12 = −86
        assertThat(link(heard(job, new PointId("11"), -86), "11", Link.LOOP).mark())
                .isEqualTo(Mark.SOUND);
        Job tight = heard(job, new PointId("11"), -90);
        assertThat(link(tight, "11", Link.LOOP)).satisfies(link -> {
            assertThat(link.mark()).isEqualTo(Mark.TIGHT);
            assertThat(link.figure()).isEqualTo("\u221290 dBm");
            assertThat(link.line()).isEqualTo("heard, 8 dB to spare");
        });
        assertThat(weak(tight)).isEqualTo(Grade.TIGHT);
        Job lost = heard(tight, new PointId("11"), -101);
        assertThat(link(lost, "11", Link.LOOP).line()).isEqualTo("heard 3 dB too weakly");
        assertThat(weak(lost)).as("the newest reading counts").isEqualTo(Grade.WRONG);
    }

    private static Grade weak(Job job) {
        return assessed(job).findings().stream()
                .filter(finding -> finding.id().equals("signal-weak:11"))
                .findFirst()
                .orElseThrow()
                .grade();
    }

    @Test
    void aConvertersSignalCountsForEachOfItsZones() {
        Job job = CapacityEdits.fit("", List.of(SmallRadio.CONVERTER)).on(SmallRadio.placed());
        job = CapacityEdits.wire(new PointId("03"), Optional.of(new InputId("Converter 1.1")))
                .on(job);
        assertThat(link(job, "03", Link.INPUT).line()).isEqualTo("converter signal not measured");
        Job weak = heard(job, new ModuleId("Converter 1"), -99);
        assertThat(link(weak, "03", Link.INPUT).mark()).isEqualTo(Mark.WRONG);
        assertThat(found(weak)).contains("signal-weak:Converter 1");
        assertThat(link(heard(job, new ModuleId("Converter 1"), -70), "03", Link.INPUT)
                        .line())
                .isEqualTo("converter heard, 28 dB to spare");
    }

    @Test
    void aBatteryInsideADeviceFallsDue() {
        // the small rules keep one 12 years
        Job old = RadioEdits.battery(new PointId("11"), LocalDate.parse("2014-05-01"))
                .on(enrolled("11"));
        assertThat(found(old)).contains("device-battery-due:11");
        Job fresh = RadioEdits.battery(new PointId("11"), LocalDate.parse("2026-05-12"))
                .on(old);
        assertThat(fresh.radio().batteries()).hasSize(1);
        assertThat(found(fresh)).doesNotContain("device-battery-due:11");
    }
}
