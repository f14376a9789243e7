package io.answerback.core.loop.radio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.RadioRule;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Enrolment;
import io.answerback.core.model.site.Input;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Link;
import io.answerback.core.prove.proof.ProofBasis;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.survey.capacity.CapacityOptions;
import io.answerback.core.survey.capacity.Inventory;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallRadio;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/// Wireless zones, enrolment and signals. Wireless zones are 41 to 48; the panel hears from −98 dBm, the small
/// rules ask for 12 dB more.
class RadioStateTest extends EnrolledJob {
    @Test
    void aWirelessPointGetsTheLowestWirelessZoneAndNoTerminals() {
        Job job = SmallRadio.placed();
        assertThat(List.of("11", "12", "13"))
                .extracting(
                        point -> job.inputOf(new PointId(point)).orElseThrow().zone())
                .containsExactly(41, 42, 43);
        assertThat(job.zone(42).orElseThrow().type()).isEqualTo(ZoneType.IMMEDIATE);
        assertThat(found(job))
                .noneMatch(id -> id.matches("(loop-not-computed|no-input|cover-unwatched|scheme).*:1[123]"));
        Job removed = PointEdits.remove(List.of(new PointId("12"))).on(job);
        assertThat(removed.inputs()).extracting(Input::zone).doesNotContain(42);
        assertThat(Inventory.of(job).count("wireless zones").used()).isEqualTo(3);
    }

    @Test
    void withoutAReceiverNobodyHearsIt() {
        RadioRule elsewhere = new RadioRule(false, 41, -98, 60, true, List.of(), List.of());
        Job deaf = CapacityEdits.giveInputs().on(SmallRadio.on(SmallRadio.job(), elsewhere));
        assertThat(deaf.inputOf(new PointId("11"))).isEmpty();
        assertThat(found(deaf)).contains("wireless-unheard:11").doesNotContain("no-input:11");
        assertThat(CapacityOptions.of(deaf, Inventory.of(deaf)).ways())
                .as("no wired module helps a wireless point")
                .isEmpty();
    }

    @Test
    void devicesGetTheirZonesInTheOrderInWhichTheyAreEnrolled() {
        Job inOrder = enrolled("11", "12", "13");
        assertThat(RadioState.of(inOrder).senders()).noneMatch(Sender::outOfPlace);
        Job crossed = enrolled("12", "11");
        assertThat(crossed.radio().enrolled()).extracting(Enrolment::zone).containsExactly(41, 42);
        assertThat(found(crossed)).contains("enrolled-out-of-place:11", "enrolled-out-of-place:12");
        assertThat(link(crossed, "11", Link.INPUT)).satisfies(link -> {
            assertThat(link.mark()).isEqualTo(Mark.WRONG);
            assertThat(link.line()).isEqualTo("the panel has it as zone 42");
        });
        assertThat(RadioState.of(crossed).next()).contains(43);
        assertThatThrownBy(() -> RadioEdits.enrol(new InputId(SmallRadio.input(crossed, "11")))
                        .on(crossed))
                .hasMessageContaining("is enrolled already");
    }

    @Test
    void aPlanThatTakesThePanelsNumbersKeepsWhatIsProgrammed() {
        Job crossed = PointEdits.surveyed(
                        "", List.of(new PointId("12")), surveyed -> surveyed.withType(ZoneType.LOG_ONLY))
                .on(enrolled("12", "11"));
        Job followed =
                RadioEdits.follow(new InputId(SmallRadio.input(crossed, "12"))).on(crossed);
        assertThat(followed.inputOf(new PointId("12")).orElseThrow().zone()).isEqualTo(41);
        assertThat(followed.inputOf(new PointId("11")).orElseThrow().zone()).isEqualTo(42);
        assertThat(followed.zone(41).orElseThrow().type()).isEqualTo(ZoneType.LOG_ONLY);
        assertThat(found(followed)).noneMatch(id -> id.startsWith("enrolled-out-of-place"));
    }

    @Test
    void aZoneThePanelShowsIsTypedInAndMustBeWirelessAndFree() {
        Job job = enrolled("11", "12");
        String input = SmallRadio.input(job, "12");
        assertThat(RadioEdits.enrolledUnder(new InputId(input), 45)
                        .on(job)
                        .radio()
                        .enrolment(new InputId(input))
                        .orElseThrow()
                        .zone())
                .isEqualTo(45);
        assertThatThrownBy(() -> RadioEdits.enrolledUnder(new InputId(input), 7).on(job))
                .hasMessageStartingWith("the panel has no wireless zone 7");
        assertThatThrownBy(
                        () -> RadioEdits.enrolledUnder(new InputId(input), 41).on(job))
                .hasMessageContaining("enrolment under zone 41 is there twice");
    }

    @Test
    void whatIsEnrolledAndNobodyNeedsIsLeftBehind() {
        Job job = PointEdits.remove(List.of(new PointId("12"))).on(enrolled("11", "12"));
        assertThat(RadioState.of(job).leftover()).extracting(Enrolment::zone).containsExactly(42);
        String input = job.radio().enrolled().getLast().inputId().text();
        assertThat(found(job)).contains("enrolled-for-nobody:" + input);
        assertThat(found(RadioEdits.delete(new InputId(input)).on(job))).doesNotContain("enrolled-for-nobody:" + input);
    }

    @Test
    void aPanelThatIsMorePatientThanTheRulesNeedsAReason() {
        // 60 minutes against 12
        assertThat(found(SmallRadio.placed())).contains("departure:supervision");
        assertThat(found(SmallRadio.on(SmallJob.job(), SmallRadio.RULE)))
                .as("no wireless device, no matter")
                .doesNotContain("departure:supervision");
    }

    @Test
    void anAnswerRestsOnTheZoneADeviceIsEnrolledUnder() {
        Job job = enrolled("11", "12");
        Job anew = RadioEdits.enrolledUnder(new InputId(SmallRadio.input(job, "12")), 46)
                .on(job);
        assertThat(ProofBasis.of(anew, SmallJob.EVENTS, new PointId("12")).get(Link.INPUT))
                .containsEntry("enrolled as zone", "46");
        assertThat(ProofBasis.of(job, SmallJob.EVENTS, new PointId("12")).get(Link.INPUT))
                .containsEntry("enrolled as zone", "42");
    }

    @Property(tries = 300)
    void noZoneIsEverGivenTwice(@ForAll long seed, @ForAll @IntRange(min = 1, max = 30) int edits) {
        Random random = new Random(seed);
        Job job = SmallRadio.placed();
        for (int i = 0; i < edits; i++) {
            try {
                job = edit(random, job).on(job);
            } catch (IllegalArgumentException refused) {
                continue;
            }
            assertThat(job.radio().enrolled()).extracting(Enrolment::zone).doesNotHaveDuplicates();
            assertThat(job.inputs()).extracting(Input::zone).doesNotHaveDuplicates();
        }
    }

    private static Edit edit(Random random, Job job) {
        String input = SmallRadio.input(job, String.valueOf(11 + random.nextInt(3)));
        return switch (random.nextInt(4)) {
            case 0 -> RadioEdits.delete(new InputId(input));
            case 1 -> RadioEdits.follow(new InputId(input));
            case 2 -> RadioEdits.enrolledUnder(new InputId(input), 40 + random.nextInt(10));
            default -> RadioEdits.enrol(new InputId(input));
        };
    }
}
