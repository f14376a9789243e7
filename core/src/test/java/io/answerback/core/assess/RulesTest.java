package io.answerback.core.assess;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.edit.LoopEdits;
import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.engine.finding.Finding;
import io.answerback.core.engine.finding.Grade;
import io.answerback.core.engine.finding.Mark;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.cable.CableInstallation.Progress;
import io.answerback.core.model.device.PointKind;
import io.answerback.core.model.device.ResistorPlace;
import io.answerback.core.model.device.SchemeKind;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.InputId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.ModuleKind;
import io.answerback.core.model.profile.UnusedTermination;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.receiver.Told;
import io.answerback.core.model.site.Edit;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Link;
import io.answerback.core.model.site.Proof;
import io.answerback.core.prove.proof.ProofBasis;
import io.answerback.core.setup.SetupEdits;
import io.answerback.core.survey.capacity.CapacityEdits;
import io.answerback.core.testing.Found;
import io.answerback.core.testing.SmallBands;
import io.answerback.core.testing.SmallJob;
import io.answerback.core.testing.SmallKinds;
import io.answerback.core.testing.SmallParts;
import io.answerback.core.wiring.cabling.CableEdits;
import java.time.Instant;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class RulesTest {
    private final Job job = SmallJob.job();

    private void assertFinds(Edit edit, String id, Grade grade, String says) {
        Found.after(edit, job, id, grade, says);
    }

    @Test
    void aSoundJobHasOnlyWhatIsNotProven() {
        assertThat(new Assessor(SmallJob.EVENTS)
                        .assess(job).findings().stream()
                                // nothing is known yet of its cables, terminals and supply
                                .filter(finding -> finding.stop() != Stop.CABLE && finding.stop() != Stop.POWER))
                .hasSize(7)
                .allMatch(finding -> finding.id().startsWith("never-proven"));
    }

    @Test
    void aWrongResistorIsUnsafe() {
        assertFinds(
                LoopEdits.parts("", new PointId("02"), its -> its.withEndOfLineOhms(4700)),
                "loop-unsafe:02",
                Grade.WRONG,
                "Shut reads between bands");
    }

    @Test
    void aNearlyWrongResistorIsTight() {
        assertFinds(
                LoopEdits.parts("", new PointId("02"), its -> its.withEndOfLineOhms(2700)),
                "loop-tight:02",
                Grade.TIGHT,
                "% inside its band");
    }

    @Test
    void aContactThatRestsTheOtherWayIsWrongForItsScheme() {
        assertFinds(
                LoopEdits.parts("", new PointId("02"), its -> its.withScheme(SchemeKind.NORMALLY_OPEN)),
                "contact-unlike-scheme:02",
                Grade.WRONG,
                "Its contact is normally closed");
        assertFinds(
                PointEdits.change("", Set.of(new PointId("02")), point -> point.withKind(SmallKinds.TWO_WIRE_SMOKE)),
                "contact-unlike-scheme:02",
                Grade.WRONG,
                "A two-wire detector on a double end-of-line");
    }

    @Test
    void aLoopOfLifeSafetyIsComputedAndNeverApproved() {
        Job gas = PointEdits.change("", Set.of(new PointId("02")), point -> point.withKind(SmallKinds.GAS))
                .on(job);
        var assessment = new Assessor(SmallJob.EVENTS).assess(gas);
        var loop = assessment.point(new PointId("02")).orElseThrow().chain().of(Link.LOOP);
        assertThat(loop.mark()).isEqualTo(Mark.NOT_DONE);
        assertThat(loop.line()).endsWith("computed, not approved");
        // two of three points are left to count
        assertThat(assessment.progress(Stop.LOOP).of()).isEqualTo(2);
    }

    @Test
    void aSchemeThePanelCannotReadIsWrong() {
        Edit edit = new Edit("", its -> its.withPoints(its.points()));
        assertThat(Found.in(edit.on(job), "scheme-unreadable:02")).isEmpty();
        var profile = job.panel().profile();
        var narrow = SmallJob.profile(List.of(SmallBands.CLOSED));
        Job other = job.withPanel(new io.answerback.core.model.site.Panel("P", narrow));
        assertThat(profile.reads(SchemeKind.DOUBLE_END_OF_LINE)).isPresent();
        assertThat(Found.in(other, "scheme-unreadable:02")).isPresent();
    }

    @Test
    void aPointWithoutACableOrAnInputIsFound() {
        assertFinds(new Edit("", its -> its.withCables(List.of())), "no-cable:02", Grade.NOTE, "No cable");
        assertFinds(new Edit("", its -> its.withInputs(List.of())), "no-input:02", Grade.WRONG, "Not wired");
    }

    @Test
    void aResistorInThePanelGivesTheCableAway() {
        assertFinds(
                LoopEdits.parts("", new PointId("02"), its -> its.withPlace(ResistorPlace.IN_PANEL)),
                "looks-normal:02",
                Grade.TIGHT,
                "a short");
    }

    @Test
    void aClosedLoopsBlindnessIsANote() {
        assertFinds(
                LoopEdits.parts("", new PointId("02"), its -> its.withScheme(SchemeKind.CLOSED_LOOP)),
                "looks-normal:02",
                Grade.NOTE,
                "a short");
    }

    @Test
    void aCutOrShortThatSilencesACallForHelpIsWrongAndNamesTheSchemeThatSeesIt() {
        Edit edit = LoopEdits.parts("", new PointId("03"), its -> its.withScheme(SchemeKind.CLOSED_LOOP));
        assertFinds(edit, "looks-normal:03", Grade.WRONG, "a short");
        assertThat(Found.in(edit.on(job), "looks-normal:03").orElseThrow().remedy())
                .isEqualTo("Wire it as double end-of-line or single end-of-line, which sees a cut and a short.");
    }

    /// In a single end-of-line a cut reads as the contact open: the key turned.
    @Test
    void aCutThatReadsAsATurnedKeyIsWrongAndTheFixTellsThemApart() {
        PointId key = new PointId("02");
        Job single = LoopEdits.parts("", key, its -> its.withScheme(SchemeKind.SINGLE_END_OF_LINE))
                .on(job);
        Job byKind = PointEdits.change("", Set.of(key), point -> point.withKind(SmallKinds.KEY_SWITCH))
                .on(single);
        Finding wrong = Found.in(byKind, "fault-reads-active:02").orElseThrow();
        assertThat(wrong.grade()).isEqualTo(Grade.WRONG);
        assertThat(wrong.says()).startsWith("With a cut").contains("turned");
        assertThat(Found.in(wrong.mend().orElseThrow().on(byKind), "fault-reads-active:02"))
                .isEmpty();
        assertThat(Found.in(wrong.mend().orElseThrow().on(byKind), "departure:scheme:02"))
                .isEmpty();
        Job byZone = Edits.zoneType(2, ZoneType.KEY_SWITCH_HELD).on(single);
        assertThat(Found.in(byZone, "fault-reads-active:02"))
                .map(Finding::grade)
                .contains(Grade.WRONG);
        assertThat(Found.in(single, "fault-reads-active:02"))
                .map(Finding::grade)
                .contains(Grade.NOTE);
        assertThat(Found.in(job, "fault-reads-active:02")).isEmpty();
    }

    /// A contact of a technical kind whose zone was surveyed or programmed as fire is a fire point: the strictest
    /// counts.
    @Test
    void whatSaysFireMakesAFireOfIt() {
        PointId id = new PointId("02");
        Job closed = LoopEdits.parts("", id, its -> its.withScheme(SchemeKind.CLOSED_LOOP))
                .on(job);
        assertThat(Found.in(closed, "looks-normal:02")).map(Finding::grade).contains(Grade.NOTE);
        Job programmed = Edits.zoneType(2, ZoneType.FIRE).on(closed);
        Job surveyed = PointEdits.surveyed("", Set.of(id), its -> its.withType(ZoneType.GAS))
                .on(closed);
        Job helps = Edits.zoneType(2, ZoneType.HOLD_UP_SILENT).on(closed);
        for (Job strict : List.of(programmed, surveyed, helps)) {
            assertThat(Found.in(strict, "looks-normal:02")).map(Finding::grade).contains(Grade.WRONG);
        }
        assertThat(Found.in(programmed, "life-safety:02")).isPresent();
        assertThat(Found.in(helps, "life-safety:02")).isEmpty();
    }

    /// A double end-of-line has no place for a masking relay. A reason settles it; so does a scheme that has one.
    @Test
    void aMaskingRelayThatIsNotConnectedIsFoundUntilItIsWiredOrExplained() {
        PointId id = new PointId("02");
        PointKind masking = SmallParts.pointKind(
                "masking",
                "masking detector",
                SmallKinds.MOVEMENT.family(),
                SmallKinds.MOVEMENT.words(),
                SmallKinds.MOVEMENT.contact(),
                new PointKind.Outputs(true, true, false),
                false,
                false,
                Optional.empty());
        Job fitted = PointEdits.change("", Set.of(id), point -> point.withKind(masking))
                .on(job);
        Finding nowhere = Found.in(fitted, "detector-output-unused:02").orElseThrow();
        assertThat(nowhere.says()).isEqualTo("Masking relay not connected");
        assertThat(nowhere.grade()).isEqualTo(Grade.TIGHT);
        assertThat(Found.in(
                        PracticeEdits.reason("output:02", "The client wants none.")
                                .on(fitted),
                        "detector-output-unused:02"))
                .isEmpty();
        assertThat(Found.in(
                        LoopEdits.parts("", id, its -> its.withScheme(SchemeKind.TRIPLE_END_OF_LINE))
                                .on(fitted),
                        "detector-output-unused:02"))
                .isEmpty();
    }

    @Test
    void aZoneThatShutsOffAfterOneAlarmMayNotBeACallForHelp() {
        Job once = SetupEdits.decide(Decision.MOST_ALARMS, 0, "1").on(job);
        assertThat(Found.in(once, "vital-zone-shuts-off").orElseThrow().why()).contains("03 must be heard");
        assertThat(Found.in(SetupEdits.decide(Decision.MOST_ALARMS, 0, "3").on(job), "vital-zone-shuts-off"))
                .isEmpty();
        Job doors = PointEdits.remove(Set.of(new PointId("03"))).on(once);
        assertThat(Found.in(doors, "vital-zone-shuts-off")).isEmpty();
    }

    /// The test panel takes four keypads.
    @Test
    void moreModulesOfAKindThanThePanelTakesAreWrong() {
        ModuleKind keypad = job.panel().profile().module("keypad").orElseThrow();
        Job four = CapacityEdits.fit("", Collections.nCopies(4, keypad)).on(job);
        assertThat(Found.in(four, "panel-limit:keypad")).isEmpty();
        Job five = CapacityEdits.fit("", List.of(keypad)).on(four);
        assertThat(Found.in(five, "panel-limit:keypad").orElseThrow().says())
                .isEqualTo("5 × keypad; the panel takes 4");
    }

    /// A gas alarm that was surveyed as a way in by mistake, and programmed as what it is.
    @Test
    void aSurveyThatIsWrongIsNotOfferedAsTheFix() {
        PointId id = new PointId("02");
        Job gas = Edits.zoneType(2, ZoneType.GAS)
                .on(PointEdits.change("", Set.of(id), point -> point.withKind(SmallKinds.GAS))
                        .on(job));
        Job wrong = PointEdits.surveyed("", Set.of(id), its -> its.withType(ZoneType.ENTRY_EXIT))
                .on(gas);
        Finding unlike = Found.in(wrong, "zone-unlike-survey:02").orElseThrow();
        assertThat(unlike.mend()).isEmpty();
        assertThat(unlike.remedy()).startsWith("Correct the survey first");
        Job door = Edits.zoneType(2, ZoneType.ENTRY_EXIT).on(job);
        assertThat(Found.in(door, "zone-unlike-survey:02").orElseThrow().mend()).isPresent();
    }

    /// The rules allow 45 s to come in.
    @Test
    void anEntryTimeWithinTheRulesNeedsNoReason() {
        Job within = SetupEdits.decide(Decision.ENTRY_TIME, 1, "40").on(job);
        assertThat(Found.in(within, "decided-without-reason:ENTRY_TIME 1")).isEmpty();
        Job beyond = SetupEdits.decide(Decision.ENTRY_TIME, 1, "60").on(job);
        assertThat(Found.in(beyond, "decided-without-reason:ENTRY_TIME 1")).isPresent();
        Job alarms = SetupEdits.decide(Decision.MOST_ALARMS, 0, "5").on(job);
        assertThat(Found.in(alarms, "decided-without-reason:MOST_ALARMS 0")).isPresent();
    }

    @Test
    void aDeadDetectorThatLooksAtRestIsWrongUntilARelayWatchesItsSupply() {
        var smoke = SmallParts.pointKind(
                "smoke",
                "smoke detector",
                io.answerback.core.model.device.KindFamily.FIRE,
                SmallKinds.GAS.words(),
                io.answerback.core.model.device.ContactForm.NORMALLY_OPEN,
                SmallKinds.GAS.outputs(),
                false,
                false,
                Optional.of(new io.answerback.core.model.device.Powering(8, 35, 10, 60)));
        Job across = job.withPanel(
                new io.answerback.core.model.site.Panel("P", SmallJob.profile(List.of(SmallBands.ACROSS))));
        Edit edit = new Edit(
                "",
                its -> LoopEdits.parts(
                                "", new PointId("02"), wiring -> wiring.withScheme(SchemeKind.END_OF_LINE_ACROSS))
                        .on(PointEdits.change("", Set.of(new PointId("02")), point -> point.withKind(smoke))
                                .on(its)));
        Found.after(edit, across, "supply-loss-unseen:02", Grade.WRONG, "Without its supply it reads normal");
        assertThat(Found.in(edit.on(across), "loop-unsafe:02")).isEmpty();
        Job watched = LoopEdits.parts("", new PointId("02"), wiring -> wiring.withSupplyRelay(true))
                .on(edit.on(across));
        assertThat(Found.in(watched, "supply-loss-unseen:02")).isEmpty();
    }

    @Test
    void aPointThatMustAlwaysBeWatchedIsWrongOnATypeThatIsNot() {
        assertFinds(
                Edits.zoneType(3, ZoneType.ENTRY_EXIT),
                "watches-only-when-set-programmed:03",
                Grade.WRONG,
                "Zone 03 is programmed as entry/exit");
        assertFinds(
                PointEdits.change("", Set.of(new PointId("02")), point -> point.withKind(SmallKinds.GAS)),
                "watches-only-when-set:02",
                Grade.WRONG,
                "that is immediate");
    }

    @Test
    void anUnusedInputNeedsItsResistorMostOfAllWhenItsZoneIsOn() {
        Edit bare = Edits.unusedFitted(new InputId("P.4"), UnusedTermination.NOTHING);
        assertFinds(bare, "unused-input:P.4", Grade.NOTE, "Panel · 4 has nothing across it");
        Edit open = new Edit(
                "",
                its -> CableEdits.installation("", new CableId("C-01"), cable -> cable.withProgress(Progress.RUN))
                        .on(bare.on(its)));
        assertFinds(open, "unused-input:P.4", Grade.TIGHT, "Panel · 4 has nothing across it");
        Finding finding = Found.in(open.on(job), "unused-input:P.4").orElseThrow();
        assertThat(finding.mend().orElseThrow().on(bare.on(job))).isEqualTo(job);
        Job watched = Edits.zoneType(4, ZoneType.IMMEDIATE).on(open.on(job));
        assertThat(Found.in(watched, "unused-input:P.4").orElseThrow().grade()).isEqualTo(Grade.WRONG);
    }

    @Test
    void aZoneThatIsOffOrHomelessIsWrong() {
        assertFinds(Edits.zoneType(2, ZoneType.NOT_USED), "zone-off:02", Grade.WRONG, "Zone 02 is off");
        assertFinds(Edits.zoneArea(2, Optional.empty()), "zone-without-area:02", Grade.WRONG, "is in no area");
        assertFinds(
                Edits.zoneArea(2, Optional.of(9)), "zone-without-area:02", Grade.WRONG, "area 09, which is not there");
    }

    @Test
    void anAreaWithoutAnAccountAndARouteWithoutAReceiverAreWrong() {
        assertFinds(Edits.account(2, ""), "account-missing:2", Grade.WRONG, "Area 02 Back has no account");
        Edit none = new Edit(
                "",
                its -> its.withReceivers(its.receivers().stream()
                        .map(told -> told.withReception(how -> how.toldOfEverything(Told.NEVER)))
                        .toList()));
        assertFinds(none, "no-receiver:ip", Grade.WRONG, "No receiver is told of anything");
    }

    @Test
    void proofsAreFoundNeverStaleOrHalf() {
        assertThat(Found.in(job, "never-proven:02")).isPresent();
        Proof half = new Proof(
                new PointId("02"),
                Instant.EPOCH,
                1,
                "station",
                "frame",
                Optional.empty(),
                ProofBasis.of(job, SmallJob.EVENTS, new PointId("02")));
        Job tried = Edits.keepProof(half).on(job);
        assertThat(Found.in(tried, "never-proven:02")).isEmpty();
        assertThat(Found.in(tried, "restore-not-seen:02")).isPresent();
        Job moved = Edits.cableMetres(new CableId("C-02"), 120).on(tried);
        assertThat(Found.in(moved, "proof-stale:02").orElseThrow().why()).contains("cable length was 100 m, now 120 m");
    }

    @Test
    void worstComesFirst() {
        Job bad = Edits.zoneType(2, ZoneType.NOT_USED).on(job);
        assertThat(new Assessor(SmallJob.EVENTS)
                        .assess(bad)
                        .findings()
                        .getFirst()
                        .grade())
                .isEqualTo(Grade.WRONG);
    }
}
