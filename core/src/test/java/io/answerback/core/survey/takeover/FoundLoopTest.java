package io.answerback.core.survey.takeover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.device.ContactForm;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Measurement;
import io.answerback.core.model.site.Measurement.Measured;
import io.answerback.core.model.site.Point;
import io.answerback.core.survey.capacity.Inventory;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallKinds;
import java.time.Instant;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FoundLoopTest {
    private static final Instant VISIT = Instant.parse("2026-04-21T10:05:00Z");

    private static Job reading(Job job, Measured what, String ohms, int minutes) {
        Optional<Double> value =
                ohms == null || ohms.equals("open") ? Optional.empty() : Optional.of(Double.valueOf(ohms));
        return ohms == null
                ? job
                : TakeOverEdits.measured(
                                new Measurement(new PointId("02"), VISIT.plusSeconds(60L * minutes), what, value, ""))
                        .on(job);
    }

    @ParameterizedTest
    @CsvSource({
        // at rest, active, resistor alone -> form, resistor, none in it
        "11.8, open, , NORMALLY_CLOSED, , true",
        "open, 9, , NORMALLY_OPEN, , true",
        "4710, open, , NORMALLY_CLOSED, 4700, false",
        "2230, 6900, , NORMALLY_CLOSED, 2200, false",
        "4690, 8, , NORMALLY_OPEN, , true",
        "12, open, 1010, NORMALLY_CLOSED, 1000, false",
        "3310, , , , 3300, false",
        "open, open, , , , false",
        ", , , , , false"
    })
    void readingsTellContactAndResistor(
            String rest, String active, String resistor, ContactForm form, Double ohms, boolean none) {
        Job job = reading(SmallJob.job(), Measured.LOOP_AT_REST, rest, 0);
        job = reading(job, Measured.LOOP_ACTIVE, active, 1);
        job = reading(job, Measured.RESISTOR, resistor, 2);
        FoundLoop found = FoundLoop.of(job, new PointId("02"));
        assertThat(found.form()).isEqualTo(Optional.ofNullable(form));
        assertThat(found.resistorOhms()).isEqualTo(Optional.ofNullable(ohms));
        assertThat(found.noResistor()).isEqualTo(none);
    }

    @Test
    void theLatestReadingCounts() {
        Job job = reading(SmallJob.job(), Measured.LOOP_AT_REST, "4700", 5);
        assertThat(FoundLoop.of(reading(job, Measured.LOOP_AT_REST, "2200", 4), new PointId("02"))
                        .resistorOhms())
                .contains(4700.0);
        assertThat(FoundLoop.of(reading(job, Measured.LOOP_AT_REST, "2200", 6), new PointId("02"))
                        .resistorOhms())
                .contains(2200.0);
        assertThat(FoundLoop.of(job, new PointId("01")).nothing()).isTrue();
    }

    private static Job series() {
        Job job = TakeOverEdits.addContact(new PointId("02"), "Landing window", SmallKinds.WINDOW)
                .on(SmallJob.job());
        return TakeOverEdits.addContact(new PointId("02"), "Attic window", SmallKinds.WINDOW)
                .on(job);
    }

    @Test
    void contactsInSeriesHideEachOther() {
        var hidden = HiddenPoints.of(series(), Inventory.of(series())).getFirst();
        assertThat(hidden.operatorReadsNow()).isEqualTo("Store door: one of 3");
        assertThat(hidden.operatorCouldRead()).containsExactly("Store door", "Landing window", "Attic window");
        // three contacts on one input: two more inputs, one of which is free on this panel
        assertThat(hidden.moreInputs()).isEqualTo(2);
        assertThat(hidden.freeInputs()).isEqualTo(1);
        assertThat(hidden.shortOf()).isEqualTo(1);
    }

    @Test
    void splittingGivesEachContactAPointAndTheFirstKeepsTheOldOne() {
        Job split = TakeOverEdits.split(new PointId("02")).on(series());
        assertThat(split.points())
                .extracting(Point::id)
                .containsExactly(
                        new PointId("01"), new PointId("02"), new PointId("04"), new PointId("05"), new PointId("03"));
        assertThat(split.point(new PointId("04")).orElseThrow().name()).isEqualTo("Landing window");
        assertThat(split.point(new PointId("04")).orElseThrow().kind()).isEqualTo(SmallKinds.WINDOW);
        assertThat(split.inputOf(new PointId("02"))).isPresent();
        assertThat(split.inputOf(new PointId("04"))).isEmpty();
        assertThatThrownBy(() -> TakeOverEdits.split(new PointId("02")).on(split))
                .hasMessageContaining("one contact only");
    }

    @Test
    void takingContactsOffLeavesThePointItself() {
        Job job = TakeOverEdits.removeContact(new PointId("02"), 1).on(series());
        assertThat(job.point(new PointId("02")).orElseThrow().inSeries()).hasSize(2);
        assertThat(TakeOverEdits.removeContact(new PointId("02"), 1).on(job)).isEqualTo(SmallJob.job());
    }
}
