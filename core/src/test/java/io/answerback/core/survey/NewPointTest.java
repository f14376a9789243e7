package io.answerback.core.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.site.Job;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallKinds;
import io.answerback.core.testing.SmallRules;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class NewPointTest {
    private final Job job = SmallJob.job();

    private static Job typed(Job job, String line) {
        return NewPoint.add(new EntryLine(SmallKinds.CATALOGUE, job, Optional.empty()).read(line), SmallJob.THIN)
                .on(job);
    }

    @Test
    void aNewPointIsWiredAsTheRulesSay() {
        Job next = typed(job, "yard gate, contact, yard, 40 m");
        var wiring = next.point(new PointId("04")).orElseThrow().loop();
        assertThat(wiring.scheme()).isEqualTo(SchemeKind.DOUBLE_END_OF_LINE);
        assertThat(wiring.endOfLineOhms()).isEqualTo(2200);
        assertThat(wiring.alarmOhms()).isEqualTo(4700);
        assertThat(next.cableTo(new PointId("04")).orElseThrow().metres()).isEqualTo(40);

        Job single = typed(
                PracticeEdits.option("loop", PracticeOption.SINGLE_END_OF_LINE).on(job), "yard gate, contact");
        assertThat(single.point(new PointId("04")).orElseThrow().loop().scheme())
                .isEqualTo(SchemeKind.SINGLE_END_OF_LINE);
    }

    @Test
    void itsCableGetsALabelThatIsFree() {
        Job labelled = job.withCables(List.of(
                new Cable(new CableId("C-04"), new PointId("01"), 10, SmallJob.THIN, 5, 35),
                new Cable(new CableId("C-30"), new PointId("02"), 10, SmallJob.THIN, 5, 35)));
        assertThat(typed(labelled, "yard gate, contact, 40 m")
                        .cableTo(new PointId("04"))
                        .orElseThrow()
                        .id())
                .isEqualTo(new CableId("C-31"));
    }

    @Test
    void anIncompleteLineIsRefused() {
        assertThatThrownBy(() -> typed(job, "something"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("say what it is");
    }

    @Test
    void aNewJobHasNothingButItsPanel() {
        Job fresh = NewJob.of(
                "Yard",
                "",
                SmallRules.rules(),
                PracticeOption.ARM_DISARM,
                job.panel().profile());
        assertThat(fresh.points()).isEmpty();
        assertThat(fresh.inputs()).hasSize(4).allMatch(input -> input.pointId().isEmpty());
        assertThat(fresh.practice().options()).containsValue(PracticeOption.ARM_DISARM);
        assertThat(typed(fresh, "gate, contact, yard").areas()).hasSize(1);
    }

    @Test
    void theNextOfItsSortCountsOn() {
        assertThat(PointNumbers.nextName("Dock roller door 2")).isEqualTo("Dock roller door 3");
        assertThat(PointNumbers.nextName("Office movement")).isEqualTo("Office movement 2");
        assertThat(PointNumbers.next(job)).isEqualTo("04");
        assertThat(PointNumbers.nextArea(job)).isEqualTo(3);
    }
}
