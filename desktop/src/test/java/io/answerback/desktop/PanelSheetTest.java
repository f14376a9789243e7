package io.answerback.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.edit.SetupEdits;
import io.answerback.core.finding.Stop;
import io.answerback.core.operation.AreaMode;
import io.answerback.core.profile.Decision;
import io.answerback.desktop.live.PanelPractice;
import io.answerback.desktop.prove.ProveSheets;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// A panel to practise with, and stories on it.
class PanelSheetTest extends DemoSheets {
    private PanelPractice panel;

    @BeforeEach
    void prove() {
        at(Stop.PROVE, "04");
        seen();
        benches.prove().open(ProveSheets.PANEL);
        panel = benches.prove().panel();
        seen();
    }

    private AreaMode mode() {
        return panel.state().area(1).mode();
    }

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
    void supplyAndPathCanBePulledAndAnotherDecisionBeginsAnew() {
        click("mains");
        click("path works");
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
}
