package io.answerback.core.bus;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.Edits;
import io.answerback.core.loop.zone.ZoneMap;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.ModuleId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Meaning;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.Proof;
import io.answerback.core.panel.PanelInput;
import io.answerback.core.panel.PanelReducer;
import io.answerback.core.panel.PanelState;
import io.answerback.core.prove.proof.ProofBasis;
import io.answerback.core.prove.proof.ProofState;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.testing.SmallJob;
import java.time.Instant;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// A keypad that takes over a zone of an expander.
class TakenOverZoneTest extends AddressedJob {
    /// Point 03 moved to the input of keypad 2, and that to zone 10: expander 1, place 6.
    private static Job takenOver() {
        Job job = CapacityEdits.wire(new PointId("03"), Optional.of(new InputId("Keypad 2.1")))
                .on(addressed());
        return BusEdits.takeOver(new InputId("Keypad 2.1"), 10).on(job);
    }

    @Test
    void aMovedKeypadTakesItsOwnNumberWithItAndLeavesOneItTookOver() {
        // at 11 the fourth keypad's number: 31 + 3
        Job moved = BusEdits.address(new ModuleId("Keypad 2"), 11).on(addressed());
        assertThat(ZoneMap.of(moved)
                        .zone(34)
                        .orElseThrow()
                        .source()
                        .orElseThrow()
                        .id())
                .isEqualTo(new InputId("Keypad 2.1"));
        assertThat(ZoneMap.of(moved).lines()).noneMatch(ZoneMap.Line::takenOver);
        Job taken = BusEdits.address(new ModuleId("Keypad 2"), 11).on(takenOver());
        assertThat(ZoneMap.of(taken).zone(10).orElseThrow().takenOver()).isTrue();
    }

    @Test
    void aKeypadsInputWinsTheZoneUntilItIsReleased() {
        Job job = takenOver();
        ZoneMap.Line line = ZoneMap.of(job).zone(10).orElseThrow();
        assertThat(line.takenOver()).isTrue();
        assertThat(line.source().orElseThrow().id()).isEqualTo(new InputId("Keypad 2.1"));
        assertThat(line.ignored()).extracting(input -> input.id()).containsExactly(new InputId("Expander 1.6"));
        assertThat(job.zone(10).orElseThrow().type()).isEqualTo(ZoneType.HOLD_UP);
        assertThat(found(job)).contains("zone-taken-over:10").doesNotContain("input-ignored:Expander 1.6");
        Job released = BusEdits.release(new InputId("Keypad 2.1")).on(job);
        ZoneMap.Line back = ZoneMap.of(released).zone(10).orElseThrow();
        assertThat(back.takenOver()).isFalse();
        assertThat(back.source().orElseThrow().id()).isEqualTo(new InputId("Expander 1.6"));
        assertThat(back.programmed()).as("what is programmed stays").isPresent();
        assertThat(ZoneMap.of(released).zone(32).orElseThrow().programmed()).isEmpty();
    }

    @Test
    void thePanelLooksAtTheSourceOfAZoneOnly() {
        Job job = CapacityEdits.wire(new PointId("02"), Optional.of(new InputId("Expander 1.6")))
                .on(takenOver());
        assertThat(found(job)).contains("input-ignored:Expander 1.6");
        PanelReducer panel = new PanelReducer(job);
        PanelState set = PanelState.allSet(job);
        var deaf = panel.step(
                set, new PanelInput.InputReads(new InputId("Expander 1.6"), Optional.of(Meaning.ALARM)), NOW);
        assertThat(deaf.signals()).isEmpty();
        assertThat(why(deaf)).isEqualTo("Expander 1 · 6 is not monitored: zone 10 is read from Keypad 2 · 1");
        var heard =
                panel.step(set, new PanelInput.InputReads(new InputId("Keypad 2.1"), Optional.of(Meaning.ALARM)), NOW);
        assertThat(heard.signals())
                .singleElement()
                .satisfies(signal -> assertThat(signal.zone()).isEqualTo(10));
        // released, the zone falls back to the expander's input
        Job released = BusEdits.release(new InputId("Keypad 2.1")).on(job);
        var after = new PanelReducer(released)
                .step(set, new PanelInput.InputReads(new InputId("Expander 1.6"), Optional.of(Meaning.ALARM)), NOW);
        assertThat(after.signals())
                .singleElement()
                .satisfies(signal -> assertThat(signal.zone()).isEqualTo(10));
    }

    @Test
    void aProofGoesStaleWhenItsZoneIsReadFromElsewhere() {
        Job wired = CapacityEdits.wire(new PointId("02"), Optional.of(new InputId("Expander 1.6")))
                .on(addressed());
        var now = Instant.parse("2026-05-12T09:00:00Z");
        Job proven = Edits.keepProof(new Proof(
                        new PointId("02"),
                        now,
                        10,
                        "practice station",
                        "frame",
                        Optional.of(now),
                        ProofBasis.of(wired, SmallJob.EVENTS, new PointId("02"))))
                .on(wired);
        assertThat(state(proven)).isInstanceOf(ProofState.Proven.class);
        Job moved = CapacityEdits.wire(new PointId("03"), Optional.of(new InputId("Keypad 2.1")))
                .on(proven);
        Job taken = BusEdits.takeOver(new InputId("Keypad 2.1"), 10).on(moved);
        assertThat(state(taken))
                .isInstanceOfSatisfying(
                        ProofState.Stale.class,
                        stale -> assertThat(stale.why()).contains("read in its place", "Keypad 2 · 1"));
        assertThat(new Assessor(SmallJob.EVENTS)
                        .assess(taken)
                        .point(new PointId("02"))
                        .orElseThrow()
                        .chain()
                        .of(Link.ZONE)
                        .line())
                .contains("read from Keypad 2 · 1");
    }

    private static ProofState state(Job job) {
        return new Assessor(SmallJob.EVENTS)
                .assess(job)
                .point(new PointId("02"))
                .orElseThrow()
                .proof();
    }

    @Test
    void onlyAKeypadTakesOverAndOnlyAZoneThereIs() {
        assertThatThrownBy(
                        () -> BusEdits.takeOver(new InputId("Expander 1.6"), 3).on(addressed()))
                .hasMessageContaining("is on no keypad");
        assertThatThrownBy(
                        () -> BusEdits.takeOver(new InputId("Keypad 1.1"), 41).on(addressed()))
                .hasMessage("the panel has zones 1 to 40; there is no zone 41");
    }

    @Test
    void aTakenOverHoldUpZoneProgrammedImmediateIsWrong() {
        assertThat(found(takenOver())).doesNotContain("watches-only-when-set-programmed:03");
        assertThat(found(Edits.zoneType(10, ZoneType.IMMEDIATE).on(takenOver())))
                .contains("watches-only-when-set-programmed:03");
    }

    @Test
    void twoKeypadsOnOneZoneAreAConflictAndNotAnOrder() {
        Job both = BusEdits.takeOver(new InputId("Keypad 1.1"), 10).on(takenOver());
        assertThat(found(both)).contains("zone-taken-twice:10");
        assertThat(found(takenOver())).doesNotContain("zone-taken-twice:10");
    }
}
