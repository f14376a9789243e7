package io.answerback.desktop;

import static io.answerback.desktop.Screen.choose;
import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.edit;
import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.finding.Stop;
import io.answerback.core.profile.Decision;
import io.answerback.core.profile.ZoneType;
import io.answerback.core.setup.RunSheet;
import io.answerback.desktop.setup.FoundTable;
import io.answerback.files.JobCodec;
import io.answerback.files.JobDocument;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// The set-up bench, driven by keys and clicks.
class SetupWindowTest extends DemoWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

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
    void entriesAreTypedByKeyboardOneAfterTheOther(FxRobot robot) {
        until(() -> reads(robot, "41 of 96 typed") && reads(robot, "Type  5"));
        onScreen(() -> named(robot, "Type  5. Sounders sound").requestFocus());
        robot.type(KeyCode.ENTER);
        until(() -> entry(Decision.SOUNDER_TIME, 0).equals("typed") && reads(robot, "42 of 96 typed"));
        robot.type(KeyCode.BACK_SPACE);
        until(() -> entry(Decision.SOUNDER_TIME, 0).equals("to type"));
        robot.type(KeyCode.DOWN);
        until(() -> reads(robot, "Type  30"));
    }

    @Test
    void aZoneThatIsWiredAndOffIsSaidAndProgrammed(FxRobot robot) {
        until(() -> reads(robot, "06 Accounts glass break"));
        click(robot, "Program as surveyed");
        until(() -> !finds("zone-off:15")
                && !finds("zone-without-area:20")
                && entry(Decision.ZONE_BEHAVIOUR, 6).equals("to type"));
        control(robot, KeyCode.Z);
        until(() -> finds("zone-off:15"));
    }

    @Test
    void whatThePanelShowsIsExplained(FxRobot robot) {
        edit(robot, "Panel has at Sounder", "7");
        until(() -> reads(robot, "\"7\" means 14 min; wanted is 10 min, which is typed \"5\"."));
        edit(robot, "Panel has at Sounder", "99");
        until(() -> reads(robot, "No entry of Sounder is \"99\": it takes 1 to 15."));
        robot.type(KeyCode.ESCAPE);
    }

    @Test
    void aDecisionChangesWhatIsTypedAndWantsAReason(FxRobot robot) {
        click(robot, "Sheet Decisions");
        edit(robot, "Time to reach the keypad 01", "40");
        until(() -> reads(robot, "On this panel: 2 Times › 1 By area › Entry, area 1, type 040"));
        assertThat(finds("decided-without-reason:ENTRY_TIME 1")).isTrue();
        edit(robot, "Reason for Time to reach the keypad", "The lobby is long.");
        until(() -> !finds("decided-without-reason:ENTRY_TIME 1"));
        edit(robot, "Time to reach the keypad 01", "soon");
        until(() -> reads(robot, "type a figure in s"));
        robot.type(KeyCode.ESCAPE);
    }

    @Test
    void whatTheSelectedPointsZoneDoesIsDecidedInPlainWords(FxRobot robot) {
        click(robot, "Sheet Decisions");
        choose(robot, "Behaviour 01", "immediate");
        until(() -> job().zone(1).orElseThrow().type() == ZoneType.IMMEDIATE && finds("entries-to-repeat"));
        edit(robot, "Name 01", "Entrance");
        until(() -> reads(robot, "1 Zones › 5 Text › 01, type Entrance"));
    }

    @Test
    void whatWasInThePanelComesFromATableAndIsExplained(FxRobot robot) throws Exception {
        Path table = Files.createTempDirectory("read-out").resolve("old panel" + FoundTable.ENDING);
        Files.writeString(table, "setting,number,entry\nsounder,,7\nzone-does,40,03\ntoaster,,1\n");
        Platform.runLater(() -> application.open(table));
        until(() -> reads(robot, "2 entries were read, 1 were not: row 4: this panel has no setting \"toaster\""));
        click(robot, "Sheet Read out");
        until(() -> reads(robot, "14 min") && reads(robot, "What a zone does zone 40"));
        click(robot, "The panel is at its defaults");
        until(() -> reads(robot, "1 of 96") && job().setup().found().isEmpty());
    }

    @Test
    void theWalkThatIsTooSlowIsMendedByWhatIsOffered(FxRobot robot) {
        click(robot, "Sheet Way in");
        until(() -> finds("way-in-too-slow:01"));
        click(robot, "Give 40 s in area 01");
        until(() -> !finds("way-in-too-slow:01") && reads(robot, "they get in"));
        control(robot, KeyCode.Z);
        until(() -> finds("way-in-too-slow:01"));
        edit(robot, "Seconds to the code", "29 s");
        until(() -> !finds("way-in-too-slow:01"));
    }

    @Test
    void whatBecomesOfAZoneAtNightIsChosenInTheTable(FxRobot robot) {
        click(robot, "Sheet Day and night");
        choose(robot, "Zone 04 at night", "is left out");
        until(() -> job().setup().decided(Decision.ZONE_PART_SET, 4).isPresent());
        assertThat(entry(Decision.ZONE_PART_SET, 4)).isEqualTo("to type");
    }

    @Test
    void codesAreComparedAndNoDigitOfThemIsKept(FxRobot robot) throws Exception {
        click(robot, "Sheet Codes");
        edit(robot, "Areas of user 02", "1, 2");
        until(() -> job().setup().users().get(1).areas().equals(List.of(1, 2)));
        click(robot, "Engineer's code changed yes");
        until(() -> !finds("code-still-the-makers:engineer-code 0"));
        edit(robot, "Holder of Engineer's code", "4711 of the office");
        until(() -> reads(robot, "digits are never kept"));
        robot.type(KeyCode.ESCAPE);
        robot.clickOn(named(robot, "Digits of Engineer's code")).write("864213", 0);
        robot.clickOn(named(robot, "Digits of user 01, Manager")).write("864213", 0);
        click(robot, "Compare, and forget the digits");
        until(() -> finds("code-same-as-another:engineer-code 0"));
        assertThat(JobCodec.write(JobDocument.of(job()))).doesNotContain("864213");
    }

    @Test
    void aProfileIsBegunFromABlankFilledInAndUsedOnTheJob(FxRobot robot) {
        click(robot, "Sheet Profile");
        edit(robot, "Name of a blank profile", "Works panel");
        until(() -> job().panel().profile().name().equals("Works panel") && reads(robot, "missing: a kind of keypad"));
        click(robot, "Open Capacity");
        edit(robot, "Areas", "lots");
        until(() -> reads(robot, "type a figure"));
        robot.type(KeyCode.ESCAPE);
        edit(robot, "Areas", "6");
        until(() -> job().panel().profile().capacity().areas() == 6);
        click(robot, "Works panel");
        click(robot, "Open Setup");
        click(robot, "Open Settings");
        click(robot, "One more");
        until(() -> job().panel().profile().setup().settings().size() == 1);
        until(() -> finds("setting-broken:new"));
        click(robot, "Open 1, new");
        choose(robot, "Decision", "entry time");
        click(robot, "Open Form");
        edit(robot, "Unit", "s");
        edit(robot, "Step", "5");
        edit(robot, "Most", "20");
        edit(robot, "Digits", "2");
        until(() -> !finds("setting-broken:new"));
        // the rules allow 45 s: nine counts of five
        click(robot, "Sheet Run sheet");
        until(() -> reads(robot, "Type  09") && reads(robot, "0 of 3 typed"));
        click(robot, "Sheet Profile");
        click(robot, "Keep as our own");
        until(() -> reads(robot, "Kept as \"Works panel\""));
    }
}
