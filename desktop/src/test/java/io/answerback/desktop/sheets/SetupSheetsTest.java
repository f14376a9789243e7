package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.profile.Decision;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.setup.RunSheet;
import io.answerback.desktop.setup.FoundTable;
import io.answerback.files.JobCodec;
import io.answerback.files.JobDocument;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// What the sheets of the set-up bench show, and what is done on them.
class SetupSheetsTest extends DemoSheets {
    @BeforeEach
    void atSetUp() {
        at(Stop.SET_UP, "01");
    }

    private String entry(Decision decision, int number) {
        return RunSheet.of(job())
                .step(decision, number)
                .orElseThrow()
                .standing()
                .words();
    }

    @Test
    void aZoneThatIsWiredAndOffIsSaidAndProgrammed() {
        assertThat(reads("06 Accounts glass break")).isTrue();
        click("Program as surveyed");
        assertThat(!finds("zone-off:15")
                        && !finds("zone-without-area:20")
                        && entry(Decision.ZONE_BEHAVIOUR, 6).equals("to type"))
                .isTrue();
        undo();
        assertThat(finds("zone-off:15")).isTrue();
    }

    @Test
    void whatThePanelShowsIsExplained() {
        edit("Panel has at Sounder", "7");
        assertThat(reads("\"7\" means 14 min; wanted is 10 min, which is typed \"5\"."))
                .isTrue();
        edit("Panel has at Sounder", "99");
        assertThat(reads("No entry of Sounder is \"99\": it takes 1 to 15.")).isTrue();
    }

    @Test
    void aDecisionChangesWhatIsTypedAndWantsAReason() {
        click("Sheet Decisions");
        edit("Time to reach the keypad 01", "40");
        assertThat(reads("On this panel: 2 Times › 1 By area › Entry, area 1, type 040"))
                .isTrue();
        // within the rules' 45 s the time is made for the building
        assertThat(finds("decided-without-reason:ENTRY_TIME 1")).isFalse();
        edit("Time to reach the keypad 01", "50");
        assertThat(finds("decided-without-reason:ENTRY_TIME 1")).isTrue();
        edit("Reason for Time to reach the keypad", "The lobby is long.");
        assertThat(!finds("decided-without-reason:ENTRY_TIME 1")).isTrue();
        edit("Time to reach the keypad 01", "soon");
        assertThat(reads("type a figure in s")).isTrue();
    }

    @Test
    void whatTheSelectedPointsZoneDoesIsDecidedInPlainWords() {
        click("Sheet Decisions");
        choose("Behaviour 01", "immediate");
        assertThat(job().zone(1).orElseThrow().type() == ZoneType.IMMEDIATE && finds("entries-to-repeat"))
                .isTrue();
        edit("Name 01", "Entrance");
        assertThat(reads("1 Zones › 5 Text › 01, type Entrance")).isTrue();
    }

    @Test
    void whatWasInThePanelComesFromATableAndIsExplained() throws Exception {
        Path table = folder.resolve("old panel" + FoundTable.ENDING);
        Files.writeString(table, "setting,number,entry\nsounder,,7\nzone-does,40,03\ntoaster,,1\n");
        when(files.toRead(any(), any())).thenReturn(Optional.of(table));
        click("Sheet Read out");
        click("From a table");
        assertThat(reads("2 entries were read, 1 were not: row 4: this panel has no setting \"toaster\""))
                .isTrue();
        click("Sheet Read out");
        assertThat(reads("14 min") && reads("What a zone does zone 40")).isTrue();
        click("The panel is at its defaults");
        assertThat(reads("1 of 114") && job().setup().found().isEmpty()).isTrue();
    }

    @Test
    void theWalkThatIsTooSlowIsMendedByWhatIsOffered() {
        click("Sheet Way in");
        assertThat(finds("way-in-too-slow:01")).isTrue();
        click("Give 40 s in area 01");
        assertThat(!finds("way-in-too-slow:01") && reads("they get in")).isTrue();
        undo();
        assertThat(finds("way-in-too-slow:01")).isTrue();
        edit("Seconds to the code", "29 s");
        assertThat(!finds("way-in-too-slow:01")).isTrue();
    }

    @Test
    void whatBecomesOfAZoneAtNightIsChosenInTheTable() {
        click("Sheet Day and night");
        choose("Zone 04 at night", "is left out");
        assertThat(job().setup().decided(Decision.ZONE_PART_SET, 4).isPresent()).isTrue();
        assertThat(entry(Decision.ZONE_PART_SET, 4)).isEqualTo("to type");
    }

    @Test
    void codesAreComparedAndNoDigitOfThemIsKept() throws Exception {
        click("Sheet Codes");
        edit("Areas of user 02", "1, 2");
        assertThat(job().setup().users().get(1).areas().equals(List.of(1, 2))).isTrue();
        click("Engineer's code changed yes");
        assertThat(!finds("code-still-the-makers:engineer-code 0")).isTrue();
        edit("Holder of Engineer's code", "4711 of the office");
        assertThat(reads("digits are never kept")).isTrue();
        edit("Digits of Engineer's code", "864213");
        edit("Digits of user 01, Manager", "864213");
        click("Compare, and forget the digits");
        assertThat(finds("code-same-as-another:engineer-code 0")).isTrue();
        assertThat(JobCodec.write(JobDocument.of(job()))).doesNotContain("864213");
    }

    @Test
    void aProfileIsBegunFromABlankFilledInAndUsedOnTheJob() {
        click("Sheet Profile");
        edit("Name of a blank profile", "Works panel");
        assertThat(job().panel().profile().name().equals("Works panel") && reads("missing: a kind of keypad"))
                .isTrue();
        click("Open Capacity");
        edit("Areas", "lots");
        assertThat(reads("type a figure")).isTrue();
        edit("Areas", "6");
        assertThat(job().panel().profile().capacity().areas() == 6).isTrue();
        click("Works panel");
        click("Open Setup");
        click("Open Settings");
        click("One more");
        assertThat(job().panel().profile().setup().settings().size() == 1).isTrue();
        assertThat(finds("setting-broken:new")).isTrue();
        click("Open 1, new");
        choose("Decision", "entry time");
        click("Open Form");
        edit("Unit", "s");
        edit("Step", "5");
        edit("Most", "20");
        edit("Digits", "2");
        assertThat(!finds("setting-broken:new")).isTrue();
        // the rules allow 45 s: nine counts of five
        click("Sheet Run sheet");
        assertThat(reads("Type  09") && reads("0 of 21 typed")).isTrue();
        click("Sheet Profile");
        click("Keep as our own");
        assertThat(reads("Kept as \"Works panel\"")).isTrue();
    }
}
