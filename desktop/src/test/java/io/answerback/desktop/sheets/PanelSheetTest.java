package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.panel.operation.AreaMode;
import io.answerback.core.panel.operation.CaseWords;
import io.answerback.core.panel.operation.OperationRules;
import io.answerback.core.panel.operation.PanelCase;
import io.answerback.core.setup.SetupEdits;
import io.answerback.desktop.Sketch;
import io.answerback.desktop.live.PanelLine;
import io.answerback.desktop.live.PointCondition;
import io.answerback.desktop.prove.ProveSheets;
import io.answerback.files.exchange.CaseFile;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;

/// A panel to practise with, and stories on it.
class PanelSheetTest extends PanelOfDemo {
    @Test
    void settingWithADoorOpenIsRefusedAndThenForced() {
        openJob.apply(SetupEdits.decide(Decision.FORCED_SET, 0, "yes"));
        seen();
        click("Accounts office, at rest");
        click("Set: the area of the keypad");
        assertThat(mode()).isEqualTo(AreaMode.UNSET);
        assertThat(reads("Not set, open: Accounts office")).isTrue();
        click("leave out what is open");
        click("Set: the area of the keypad");
        assertThat(mode()).isEqualTo(AreaMode.LEAVING);
        assertThat(reads("zone left out")).isTrue();
        click("To the next thing");
        assertThat(mode()).isEqualTo(AreaMode.SET);
    }

    @Test
    void aLateCleanerAlarmsAndTheDrawingShowsTheEntryTimeBefore() {
        click("Set: the area of the keypad");
        click("A minute on");
        assertThat(mode()).isEqualTo(AreaMode.SET);
        click("Office entrance, at rest");
        assertThat(reads("Offices: entry time 30 s")).isTrue();
        Sketch sketch = sketch("timers-drawing");
        // 30 s of the two minutes that are drawn, over 590 of the 800 pixels
        assertThat(sketch.one("timers-entry").number(2)).isEqualTo(590 * 30 / 120.0);
        assertThat(reads("the entry time ends, and it alarms")).isTrue();
        click("A minute on");
        assertThat(mode()).isEqualTo(AreaMode.IN_ALARM);
        assertThat(reads("They sound: burglary.")).isTrue();
        assertThat(reads("sends entry/exit alarm, area 01, zone 001")).isTrue();
        click("Unset: the area of the keypad");
        assertThat(mode()).isEqualTo(AreaMode.UNSET_AFTER_ALARM);
        assertThat(reads("cancelled")).isTrue();
    }

    @Test
    void aSecondDetectorConfirms() {
        click("Area of the keypad 02 unset");
        click("Set: the area of the keypad");
        click("A minute on");
        click("Dock roller door 1, at rest");
        click("Dock movement, at rest");
        assertThat(reads("confirmed alarm")).isTrue();
    }

    @Test
    void aCutCableReachesThePanelAsWhatItsInputReads() {
        click("Set: the area of the keypad");
        choose("Done to the selected point", "cable cut");
        assertThat(reads("Accounts office: tamper")).isTrue();
        assertThat(reads("sends tamper, area 01, zone 004")).isTrue();
        choose("Done to the selected point", "at rest");
        assertThat(reads("sends end of tamper, area 01, zone 004")).isTrue();
    }

    @Test
    void aDampJointIsComputedAsAnyOtherFault() {
        choose("Done to the selected point", "damp joint");
        assertThat(panel.condition(new PointId("04"))).isEqualTo(PointCondition.DAMP);
        assertThat(panel.state().reads(4))
                .isEqualTo(openJob.now()
                        .point()
                        .wired()
                        .orElseThrow()
                        .loop()
                        .orElseThrow()
                        .byId("damp-at-rest")
                        .orElseThrow()
                        .reads()
                        .orElseThrow());
    }

    @Test
    void supplyAndPathCanBePulledAndAnotherDecisionBeginsAnew() {
        click("mains");
        click("cellular");
        assertThat(reads("path trouble")).isTrue();
        click("Set: the area of the keypad");
        assertThat(reads("Not set, a fault stands")).isTrue();
        openJob.apply(SetupEdits.decide(Decision.ENTRY_TIME, 1, "45"));
        seen();
        assertThat(panel.log()).isEmpty();
        assertThat(panel.state().power().mains()).isTrue();
    }

    @Test
    void storiesEndAsExpectedUntilADecisionChangesThem() {
        benches.prove().open(ProveSheets.STORIES);
        assertThat(reads("signals differ")).isFalse();
        click("The late cleaner, as expected");
        assertThat(reads("sends cancelled")).isTrue();
        openJob.apply(SetupEdits.decide(Decision.ENTRY_TIME, 1, "45"));
        assertThat(reads("What differs")).isTrue();
        assertThat(reads("expected and not sent: 20:30:30 1 134 area 01")).isTrue();
    }

    @Test
    void whatItSendsIsReallyAnsweredByThePracticeStation() throws Exception {
        click("Cash desk hold-up, at rest");
        assertThat(reads("on its way")).isTrue();
        awaitReads("Station A answered in ");
        assertThat(panel.log())
                .anyMatch(line -> line.reception()
                        .filter(its -> its.state() == PanelLine.State.ANSWERED)
                        .isPresent());
    }

    @Test
    void whatNobodyAnswersWaitsUntilTheCommunicatorIsBack() throws Exception {
        click("communicator");
        click("Cash desk hold-up, at rest");
        assertThat(reads("no path works, waits: hold-up")).isTrue();
        assertThat(reads("on its way")).isFalse();
        click("communicator");
        awaitReads("Station A answered in ");
    }

    @Test
    void theChainStandsAsThePracticePanelStands() throws Exception {
        click("Office entrance, at rest");
        assertThat(openJob.now().active()).containsExactly(new PointId("01"));
        click("Office entrance, active");
        assertThat(openJob.now().active()).isEmpty();
    }

    @Test
    void aKeypadWithAFixedLegendShowsLampsAndNumbers() {
        click("Keypad shown as fixed legend");
        assertThat(reads("● can be set   ○ set   ○ fault   ○ memory")).isTrue();
        click("Accounts office, at rest");
        assertThat(reads("○ can be set   ○ set   ○ fault   ○ memory")).isTrue();
        assertThat(reads("Accounts office: ")).isFalse();
        click("Leave out");
        assertThat(reads("● can be set   ○ set   ○ fault   ○ memory")).isTrue();
        assertThat(reads("Watch again")).isTrue();
    }

    @Test
    void whatHappenedIsSavedAsAStoryThatEndsTheSameAgain() throws Exception {
        Path file = folder.resolve("evening.case.json");
        Mockito.when(files.toWrite(Mockito.anyString(), Mockito.anyString(), Mockito.anyList()))
                .thenReturn(Optional.of(file));
        click("Set: the area of the keypad");
        click("A minute on");
        panel.pass(200);
        click("Accounts office, at rest");
        click("A minute on");
        click("Unset: the area of the keypad");
        click("Save as a story…");
        PanelCase saved = CaseFile.find(file.toString());
        assertThat(saved.happens()).hasSize(3);
        assertThat(saved.expects()).extracting(PanelCase.Expected::event).contains("401", "130", "406");
        assertThat(saved.on(OperationRules.of(job())).differs()).isEmpty();
        Mockito.when(files.toRead(Mockito.anyString(), Mockito.anyList())).thenReturn(Optional.of(file));
        benches.prove().open(ProveSheets.STORIES);
        click("Open a story…");
        assertThat(reads("A story")).isTrue();
        assertThat(reads("signals differ")).isFalse();
    }

    @Test
    void aStoryIsPlayedOnThePracticePanel() throws Exception {
        benches.prove().open(ProveSheets.STORIES);
        click("The late cleaner, as expected");
        Sketch strip = sketch("strip-drawing");
        assertThat(strip.styled("strip-frame").size()
                        + strip.styled("strip-frame-sounding").size())
                .isEqualTo(8);
        panel.play(CaseFile.find("late-cleaner"));
        assertThat(panel.state().atMillis()).isEqualTo(CaseWords.millis("17:59:55"));
        while (panel.toCome() > 0) {
            panel.toTheNext();
        }
        assertThat(panel.state().area(1).mode()).isEqualTo(AreaMode.UNSET_AFTER_ALARM);
        assertThat(panel.state().atMillis()).isEqualTo(CaseWords.millis("20:30:38"));
    }

    @Test
    void aDecisionIsTriedOnEveryStoryBeforeItIsTaken() {
        benches.prove().open(ProveSheets.STORIES);
        edit("Value to try", "45 s");
        assertThat(reads("The late cleaner would end otherwise: no longer sent: 20:30:30 1 134"))
                .isTrue();
        assertThat(reads("signals differ")).isFalse();
        click("Decide it so");
        assertThat(reads("signals differ")).isTrue();
        assertThat(OperationRules.of(job()).areas().get(2).entryMillis()).isEqualTo(45_000);
    }
}
