package io.answerback.core.engine.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.model.cable.Cable;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Edited;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Point;
import io.answerback.core.model.site.Proof;
import io.answerback.core.prove.proof.ProofBasis;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.survey.takeover.TakeOverEdits;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallKinds;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.From;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class PointEditsTest {
    private final Job job = proven();

    private static Job proven() {
        Job job = SmallJob.job();
        return Edits.keepProof(new Proof(
                        new PointId("02"),
                        Instant.EPOCH,
                        40,
                        "test",
                        "x",
                        Optional.empty(),
                        ProofBasis.of(job, SmallJob.EVENTS, new PointId("02"))))
                .on(job);
    }

    private static List<PointId> ids(Job job) {
        return job.points().stream().map(Point::id).toList();
    }

    @Test
    void programmingFollowsTheSurveyWhereItAgreedWithIt() {
        Job changed = PointEdits.surveyed(
                        "type", Set.of(new PointId("02")), surveyed -> surveyed.withType(ZoneType.ALWAYS))
                .on(job);
        assertThat(changed.zone(2).orElseThrow().type()).isEqualTo(ZoneType.ALWAYS);
        Job apart = Edits.zoneType(2, ZoneType.LOG_ONLY).on(job);
        Job changedApart = PointEdits.surveyed(
                        "type", Set.of(new PointId("02")), surveyed -> surveyed.withType(ZoneType.ALWAYS))
                .on(apart);
        assertThat(changedApart.zone(2).orElseThrow().type()).isEqualTo(ZoneType.LOG_ONLY);
    }

    @Test
    void removingTakesCableProofAndZoneAndFreesTheInput() {
        Job without = PointEdits.remove(List.of(new PointId("02"))).on(job);
        assertThat(ids(without)).containsExactly(new PointId("01"), new PointId("03"));
        assertThat(without.cableTo(new PointId("02"))).isEmpty();
        assertThat(without.proofOf(new PointId("02"))).isEmpty();
        assertThat(without.zone(2)).isEmpty();
        assertThat(without.inputs())
                .filteredOn(input -> input.pointId().isEmpty())
                .hasSize(2);
    }

    @Test
    void anotherNumberIsFollowedByEverythingThatNamesIt() {
        Job renumbered = PointEdits.renumber(new PointId("02"), new PointId("20"))
                .on(PracticeEdits.reason("scheme:02", "old loop").on(job));
        assertThat(ids(renumbered)).containsExactly(new PointId("01"), new PointId("20"), new PointId("03"));
        assertThat(renumbered.cableTo(new PointId("20")).orElseThrow().id()).isEqualTo(new CableId("C-02"));
        assertThat(renumbered.inputOf(new PointId("20"))).isPresent();
        assertThat(renumbered.proofOf(new PointId("20"))).isPresent();
        assertThat(renumbered.practice().reasons()).containsKey("scheme:20");
        assertThatThrownBy(() -> PointEdits.renumber(new PointId("02"), new PointId("03"))
                        .on(job))
                .hasMessageContaining("point 03 is there twice");
    }

    @Test
    void numberingAnewFollowsTheList() {
        Job moved = PointEdits.move(List.of(new PointId("03")), -2).on(job);
        assertThat(ids(moved)).containsExactly(new PointId("03"), new PointId("01"), new PointId("02"));
        Job anew = PointEdits.renumberAll().on(moved);
        assertThat(anew.points()).extracting(Point::name).containsExactly("Desk button", "Entrance", "Store door");
        assertThat(ids(anew)).containsExactly(new PointId("01"), new PointId("02"), new PointId("03"));
        assertThat(anew.proofOf(new PointId("03"))).isPresent();
    }

    @Test
    void severalPointsMoveTogetherAndStopAtTheEnds() {
        assertThat(ids(PointEdits.move(List.of(new PointId("02"), new PointId("03")), -1)
                        .on(job)))
                .containsExactly(new PointId("02"), new PointId("03"), new PointId("01"));
        assertThat(ids(PointEdits.move(List.of(new PointId("01"), new PointId("02")), 9)
                        .on(job)))
                .containsExactly(new PointId("03"), new PointId("01"), new PointId("02"));
        assertThat(PointEdits.move(List.of(new PointId("01")), -1).on(job)).isEqualTo(job);
    }

    @Test
    void aCopyComesWithACableOfTheSameLengthAndNoInput() {
        Job copied = PointEdits.duplicate(new PointId("02"), new PointId("04"), "Store door 2")
                .on(job);
        assertThat(ids(copied))
                .containsExactly(new PointId("01"), new PointId("02"), new PointId("04"), new PointId("03"));
        assertThat(copied.cableTo(new PointId("04")).map(Cable::metres)).contains(100.0);
        assertThat(copied.inputOf(new PointId("04"))).isEmpty();
    }

    @Test
    void aCableIsMadeWhereThereWasNone() {
        Job bare = job.withCables(List.of());
        Job run = PointEdits.cable(new PointId("02"), 35, SmallJob.THIN).on(bare);
        assertThat(run.cableTo(new PointId("02")).orElseThrow())
                .isEqualTo(new Cable(new CableId("C-02"), new PointId("02"), 35, SmallJob.THIN, 5, 35));
        assertThat(PointEdits.cable(new PointId("02"), 40, SmallJob.THIN)
                        .on(run)
                        .cableTo(new PointId("02"))
                        .orElseThrow()
                        .metres())
                .isEqualTo(40);
        assertThatThrownBy(() ->
                        PointEdits.cable(new PointId("02"), -1, SmallJob.THIN).on(run))
                .hasMessageContaining("is -1");
    }

    @Test
    void anAreaWithPointsStays() {
        assertThatThrownBy(() -> AreaEdits.remove(1).on(job)).hasMessageContaining("area 1 has 2 points");
        Job added = AreaEdits.add(3, "Loft").on(job);
        assertThat(AreaEdits.name(3, "Attic").on(added).area(3).orElseThrow().name())
                .isEqualTo("Attic");
        assertThat(AreaEdits.remove(3).on(added)).isEqualTo(job);
    }

    @Provide
    Arbitrary<Edit> edits() {
        return Arbitraries.of(
                PointEdits.name(new PointId("02"), "Another"),
                PointEdits.surveyed(
                        "type",
                        Set.of(new PointId("01"), new PointId("03")),
                        surveyed -> surveyed.withType(ZoneType.ALWAYS)),
                PointEdits.surveyed("area", Set.of(new PointId("02")), surveyed -> surveyed.withArea(Optional.empty())),
                PointEdits.move(List.of(new PointId("01"), new PointId("02")), 1),
                PointEdits.renumberAll(),
                PointEdits.remove(List.of(new PointId("03"))),
                PointEdits.duplicate(new PointId("01"), new PointId("31"), "Copy"),
                PracticeEdits.option("wording", PracticeOption.ARM_DISARM),
                PracticeEdits.figure("entry", RuleFigure.ENTRY_SECONDS, 20),
                PracticeEdits.reason("school:WORDING", "the client says so"),
                AreaEdits.add(7, "Yard"),
                CapacityEdits.giveInputs(),
                CapacityEdits.wire(new PointId("02"), Optional.of(new InputId("P.4"))),
                TakeOverEdits.addContact(new PointId("01"), "Fanlight", SmallKinds.WINDOW),
                TakeOverEdits.split(new PointId("01")));
    }

    /// Whatever is done at the survey, every step back gives exactly the job there was.
    @Property(tries = 300)
    void everyStepCanBeTakenBack(@ForAll @Size(max = 12) List<@From("edits") Edit> edits) {
        History history = History.of(job);
        List<Job> seen = new java.util.ArrayList<>(List.of(job));
        for (Edit edit : edits) {
            if (edit.tried(history.present()) instanceof Edited.Done made) {
                history = history.after(edit.what(), made);
            }
            if (history.present() != seen.getLast()) {
                seen.add(history.present());
            }
        }
        for (int i = seen.size() - 1; i >= 0; i--) {
            assertThat(history.present()).isEqualTo(seen.get(i));
            history = i == 0 ? history : history.undo();
        }
        assertThat(history.undoName()).isEmpty();
    }
}
