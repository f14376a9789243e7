package io.answerback.core.assess;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.SiteGrades;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.Raise;
import io.answerback.core.model.site.Job;
import io.answerback.core.testing.Found;
import io.answerback.core.testing.SmallJob;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// What findings weigh by the grade of the site, and by what a firm has raised.
class GradeRulesTest {
    private final Job job = SmallJob.job();

    /// A crushed cable defeats a closed loop and a resistor in the panel: from grade 3 on that is wrong, and says
    /// why.
    @Test
    void theGradeOfTheSiteWeighsFindings() {
        Job closed = LoopEdits.parts("", new PointId("02"), its -> its.withScheme(SchemeKind.CLOSED_LOOP))
                .on(job);
        Job inPanel = LoopEdits.parts("", new PointId("02"), its -> its.withPlace(ResistorPlace.IN_PANEL))
                .on(job);
        for (Job one : List.of(closed, inPanel)) {
            Job grade3 = one.withPractice(Practice.of(one.practice().firm().withGrade(3)));
            Finding wrong = Found.in(grade3, "looks-normal:02").orElseThrow();
            assertThat(wrong.grade()).isEqualTo(Grade.WRONG);
            assertThat(wrong.why()).contains("From grade 3 on");
        }
        assertThat(SiteGrades.table())
                .allMatch(line ->
                        Checks.rules().stream().anyMatch(rule -> rule.id().equals(line.rule())));
    }

    /// A firm makes a finding heavier than its rule does, whatever the grade of the site, and never lighter.
    @Test
    void aFirmMayRaiseWhatAFindingWeighs() {
        PointId id = new PointId("02");
        Job closed = LoopEdits.parts("", id, its -> its.withScheme(SchemeKind.CLOSED_LOOP))
                .on(job);
        Finding note = Found.in(closed, "looks-normal:02").orElseThrow();
        Job raised =
                PracticeEdits.raised("looks-normal", Optional.of(Raise.WRONG)).on(closed);
        Finding wrong = Found.in(raised, "looks-normal:02").orElseThrow();
        assertThat(note.grade()).isEqualTo(Grade.NOTE);
        assertThat(wrong.grade()).isEqualTo(Grade.WRONG);
        assertThat(wrong.why()).contains("The firm's rules weigh it so");
        assertThat(Found.in(
                        PracticeEdits.raised("looks-normal", Optional.empty()).on(raised), "looks-normal:02"))
                .contains(note);
        Job grade3 = raised.withPractice(Practice.of(
                closed.practice().firm().withGrade(3).withRaised("looks-normal", Optional.of(Raise.TIGHT))));
        assertThat(Found.in(grade3, "looks-normal:02").orElseThrow().grade()).isEqualTo(Grade.WRONG);
    }
}
