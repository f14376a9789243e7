package io.answerback.core.assess.departure;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.engine.visit.NextVisit;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.HouseRules;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Proof;
import io.answerback.core.prove.proof.ProofBasis;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallRules;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class DeparturesTest {
    private final Job job = SmallJob.job();

    @Test
    void aJobByTheRulesDepartsNowhere() {
        assertThat(Departures.of(job)).isEmpty();
    }

    @Test
    void anotherOptionAndAnotherFigureAreDeparturesUntilTheyAreTheFirmsAgain() {
        Job other = PracticeEdits.option("tamper", PracticeOption.PER_ZONE).on(job);
        other = PracticeEdits.figure("sounder", RuleFigure.SIREN_MINUTES, 3).on(other);
        assertThat(Departures.of(other))
                .extracting(Departure::says)
                .containsExactly(
                        "Tamper: per zone, the rules say one ring through every cover",
                        "Sounder, at most: 3 min, the rules say 12 min");
        other = PracticeEdits.option("tamper", PracticeOption.ONE_RING).on(other);
        assertThat(PracticeEdits.figure("sounder", RuleFigure.SIREN_MINUTES, 12).on(other))
                .isEqualTo(job);
    }

    @Test
    void aPointThatIsWiredOtherwiseDepartsToo() {
        Job other = LoopEdits.parts(
                        "",
                        new PointId("02"),
                        its -> its.withScheme(SchemeKind.SINGLE_END_OF_LINE).withPlace(ResistorPlace.IN_PANEL))
                .on(job);
        assertThat(Departures.of(other)).extracting(Departure::id).containsExactly("scheme:02", "place:02");
    }

    @Test
    void aReasonIsKeptAndABlankOneTakesItAway() {
        Job told = PracticeEdits.reason("school:TAMPER", " the client's insurer ")
                .on(PracticeEdits.option("tamper", PracticeOption.PER_ZONE).on(job));
        assertThat(Departures.of(told).getFirst().reason()).isEqualTo("the client's insurer");
        assertThat(Departures.of(PracticeEdits.reason("school:TAMPER", " ").on(told))
                        .getFirst()
                        .reason())
                .isEmpty();
    }

    @Test
    void theFirmsOwnRulesCanBeMadeOfWhatAJobDoes() {
        Practice practice = job.practice().withOption(PracticeOption.PER_ZONE).withFigure(RuleFigure.TEST_HOURS, 24);
        HouseRules own = practice.firm().with("Ours", practice.options(), practice.figures());
        assertThat(practice.withFirm(own).options()).isEmpty();
        assertThat(practice.withFirm(own).figures()).isEmpty();
        assertThat(practice.withFirm(own).figure(RuleFigure.TEST_HOURS)).isEqualTo(24);
    }

    @Test
    void anEntryTimeLongerThanTheRulesAllowIsADeparture() {
        // the test panel is set to 30 s
        Job strict = PracticeEdits.rules(
                        SmallRules.rules().with("Strict", Map.of(), Map.of(RuleFigure.ENTRY_SECONDS, 20.0)))
                .on(job);
        assertThat(Departures.of(strict))
                .extracting(Departure::says)
                .containsExactly("Entry time, at most: 30 s, the rules say 20 s");
    }

    @Test
    void theNextVisitIsDueTheRulesMonthsAfterTheLastProof() {
        assertThat(NextVisit.due(job, ZoneOffset.UTC)).isEmpty();
        Proof proof = new Proof(
                new PointId("01"),
                Instant.parse("2026-05-12T23:30:00Z"),
                40,
                "test",
                "x",
                Optional.empty(),
                ProofBasis.of(job, SmallJob.EVENTS, new PointId("01")));
        Job proven = Edits.keepProof(proof).on(job);
        // the test rules say 12 months
        assertThat(NextVisit.due(proven, ZoneOffset.UTC)).contains(LocalDate.of(2027, 5, 12));
        assertThat(NextVisit.due(proven, ZoneOffset.ofHours(2))).contains(LocalDate.of(2027, 5, 13));
    }
}
