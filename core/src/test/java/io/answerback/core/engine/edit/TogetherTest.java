package io.answerback.core.engine.edit;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.assess.Assessor;
import io.answerback.core.assess.departure.AsTheRulesSay;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Edited;
import io.answerback.core.model.site.Job;
import io.answerback.core.testing.SmallJob;
import java.util.List;
import org.junit.jupiter.api.Test;

/// One change to several points: those that refuse it are left out and named, and a finding that many points
/// share is corrected for all of them at once.
class TogetherTest {
    private static final List<PointId> POINTS =
            SmallJob.job().points().stream().map(point -> point.id()).toList();

    private static List<SchemeKind> schemes(Job job) {
        return job.points().stream().map(point -> point.loop().scheme()).toList();
    }

    private static Job with(SchemeKind scheme) {
        return new Together(POINTS, id -> LoopEdits.scheme(id, scheme))
                .edit("scheme")
                .on(SmallJob.job());
    }

    private static List<Finding> found(Job job, String rule) {
        return new Assessor(SmallJob.EVENTS)
                .assess(job).findings().stream()
                        .filter(finding -> finding.rule().id().equals(rule))
                        .toList();
    }

    @Test
    void everyPointIsChangedByOneEditThatSaysHowMany() {
        assertThat(schemes(with(SchemeKind.SINGLE_END_OF_LINE))).containsOnly(SchemeKind.SINGLE_END_OF_LINE);
        assertThat(new Together(POINTS, id -> LoopEdits.scheme(id, SchemeKind.CLOSED_LOOP))
                        .edit("scheme")
                        .name(SmallJob.job()))
                .isEqualTo("scheme of " + POINTS.size() + " points");
    }

    @Test
    void aPointThatRefusesIsLeftOutAndNamed() {
        PointId without = POINTS.getLast();
        Job job = SmallJob.job()
                .withCables(SmallJob.job().cables().stream()
                        .filter(cable -> !cable.ends().points().contains(without))
                        .toList());
        Together together = new Together(POINTS, id -> Edits.ofCableTo(id, cable -> Edits.cableMetres(cable.id(), 33)));
        assertThat(together.leftOut(job)).extracting(Together.LeftOut::pointId).contains(without);
        assertThat(together.leftOut(job).getFirst().why()).contains("has no cable yet");
        Job made = together.edit("length").on(job);
        assertThat(made.cableTo(POINTS.getFirst()).orElseThrow().metres()).isEqualTo(33);
    }

    @Test
    void whereEveryPointRefusesNothingIsDone() {
        Together together = new Together(POINTS, id -> Edits.ofCableTo(id, cable -> Edits.cableMetres(cable.id(), -1)));
        assertThat(together.edit("length").tried(SmallJob.job())).isInstanceOf(Edited.Refused.class);
    }

    /// Points typed under one panel keep its scheme under another; the finding has the edit that is right for all.
    @Test
    void schemesThatNoInputReadsAreCorrectedForEveryPointAtOnce() {
        Job job = with(SchemeKind.TRIPLE_END_OF_LINE);
        List<Finding> unreadable = found(job, "scheme-unreadable");
        assertThat(unreadable).hasSizeGreaterThan(1);
        Job corrected = unreadable.getFirst().mend().orElseThrow().on(job);
        assertThat(found(corrected, "scheme-unreadable")).isEmpty();
        assertThat(found(corrected, "contact-unlike-scheme"))
                .hasSameSizeAs(found(SmallJob.job(), "contact-unlike-scheme"));
    }

    @Test
    void loopsAreWiredAsTheRulesSayForAllThatDepartWithoutAReason() {
        Job job = with(SchemeKind.SINGLE_END_OF_LINE);
        List<Finding> departures = found(job, "departure").stream()
                .filter(finding -> finding.point().isPresent())
                .toList();
        assertThat(departures).isNotEmpty();
        Job corrected = departures.getFirst().mend().orElseThrow().on(job);
        assertThat(found(corrected, "departure"))
                .filteredOn(finding -> finding.says().startsWith("Loop"))
                .isEmpty();
        assertThat(schemes(AsTheRulesSay.of(POINTS).on(job)))
                .containsOnly(job.practice().scheme());
    }
}
