package io.answerback.desktop;

import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.edit;
import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.press;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.settle;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static io.answerback.desktop.Screen.write;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Proof;
import io.answerback.core.setup.SetupState;
import io.answerback.desktop.handover.HandOverSheets;
import io.answerback.desktop.prove.ProveSheets;
import io.answerback.desktop.setup.SetupSheet;
import io.answerback.desktop.work.SurveySheet;
import io.answerback.files.folder.Remembered;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/// Nothing in the window does what it was not asked to do, moves while it is clicked, or loses a key.
class AtHandWindowTest extends DemoWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Test
    void savingLeavesAnOpenDoorOpenAndItsProofWaitingForTheRestore(FxRobot robot) throws Exception {
        at(Stop.LOOP, "07");
        onScreen(() -> application.keeper().saveAs(folder.resolve("yard.answerback.json")));
        // the file is there before the window knows that it is saved
        until(() -> reads(robot, "Saved yard.answerback.json"));
        focusList(robot);
        type(KeyCode.SPACE);
        until(() -> reads(robot, "Shut the door") && !reads(robot, "Saved yard.answerback.json"));
        control(robot, KeyCode.S);
        until(() -> reads(robot, "Saved yard.answerback.json"));
        assertThat(application.openJob().now().active()).containsExactly(new PointId("07"));
        type(KeyCode.SPACE);
        until(() -> job().proofOf(new PointId("07")).flatMap(Proof::restoredAt).isPresent());
    }

    private static void focusList(FxRobot robot) {
        WaitForAsyncUtils.waitForAsyncFx(5_000, () -> named(robot, "Points").requestFocus());
        settle();
    }

    @Test
    void aNoticeMovesNothingAndGoesWithTheNextThingThatIsDone(FxRobot robot) {
        at(Stop.LOOP, "07");
        Bounds before = where(robot);
        onScreen(() -> application.openJob().tell("The length has to be a number of metres. ".repeat(8)));
        until(() -> reads(robot, "The length has to be"));
        assertThat(where(robot)).isEqualTo(before);
        control(robot, KeyCode.DIGIT3);
        until(() -> !reads(robot, "The length has to be"));
        onScreen(() -> application.openJob().warn("The disk is full."));
        control(robot, KeyCode.DIGIT2);
        assertThat(reads(robot, "The disk is full.")).isTrue();
        focusList(robot);
        type(KeyCode.ESCAPE);
        until(() -> !reads(robot, "The disk is full."));
    }

    private static Bounds where(FxRobot robot) {
        Node value = named(robot, "Cable length 62 m");
        return WaitForAsyncUtils.waitForAsyncFx(5_000, () -> value.localToScene(value.getBoundsInLocal()));
    }

    @Test
    void spaceTriesAPointOnlyWhereTheListHasTheKeyboardAndOnlyOnceWhileItIsHeld(FxRobot robot) {
        at(Stop.LOOP, "07");
        edit(robot, "Cable length 62 m", "63");
        until(() -> job().cables().stream().anyMatch(cable -> cable.metres() == 63));
        write(robot, "a long name with spaces");
        type(KeyCode.ESCAPE);
        assertThat(application.openJob().now().active()).isEmpty();
        focusList(robot);
        write(robot, "dock roller door 2");
        onScreen(() -> assertThat(application.openJob().now().active()).isEmpty());
        assertThat(robot.lookup(".filter").<TextField>query().getText()).isEqualTo("dock roller door 2");
        focusList(robot);
        Node list = named(robot, "Points");
        onScreen(() -> {
            for (int i = 0; i < 5; i++) {
                list.fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, " ", "", KeyCode.SPACE, false, false, false, false));
            }
        });
        until(() -> !application.openJob().now().active().isEmpty());
    }

    /// The side sheet moves below the bench in large text, and back beside it; what stands in the list has the
    /// size of the text.
    @Test
    void largeTextAndBackLeavesTheWindowAsItWas(FxRobot robot) {
        onScreen(() -> application.openJob().go(Stop.LOOP));
        until(() -> reads(robot, "What a meter should show"));
        Set<Double> usual = markHeights(robot);
        onScreen(() -> application.look().textPercent().set(150));
        until(() -> reads(robot, "What a meter should show"));
        assertThat(markHeights(robot)).doesNotContainAnyElementsOf(usual);
        onScreen(() -> application.look().textPercent().set(100));
        until(() -> reads(robot, "What a meter should show"));
        assertThat(markHeights(robot)).isEqualTo(usual);
    }

    private static Set<Double> markHeights(FxRobot robot) {
        return Screen.onFx(() -> robot.lookup(".point-list .mark").queryAll().stream()
                .filter(Screen::shown)
                .map(mark -> mark.getLayoutBounds().getHeight())
                .collect(Collectors.toSet()));
    }

    @Test
    void theTextGrowsWithTheKeysOfOtherKeyboards(FxRobot robot) {
        for (Set<KeyCode> keys : Set.of(
                EnumSet.of(KeyCode.EQUALS), EnumSet.of(KeyCode.ADD), EnumSet.of(KeyCode.EQUALS, KeyCode.SHIFT))) {
            onScreen(() -> application.look().textPercent().set(100));
            Set<KeyCode> held = EnumSet.of(KeyCode.CONTROL);
            held.addAll(keys);
            KeyCode key = keys.iterator().next() == KeyCode.SHIFT
                    ? KeyCode.EQUALS
                    : keys.iterator().next();
            press(key, held);
            assertThat(application.look().textPercent().get()).as("%s", keys).isEqualTo(110);
        }
    }

    @Test
    void noEnterOfAHeldKeyIsLostOnTheRunSheet(FxRobot robot) {
        openRunSheet();
        int open = openEntries();
        Node card = robot.lookup(".run-card").query();
        onScreen(() -> {
            card.requestFocus();
            application.openJob().waitUpTo(java.time.Duration.ZERO);
            for (int i = 0; i < 12; i++) {
                card.fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.ENTER, false, false, false, false));
            }
        });
        until(() -> openEntries() == open - 12);
    }

    @Test
    void theCardKeepsTheKeyboardWhenItLeavesTheWholeWindow(FxRobot robot) {
        openRunSheet();
        click(robot, "Whole window");
        until(() -> application.openJob().fillsWindow());
        until(() -> robot.lookup(".run-card").<Node>query().isFocused());
        type(KeyCode.ESCAPE);
        until(() -> !application.openJob().fillsWindow());
        int open = openEntries();
        type(KeyCode.ENTER);
        until(() -> openEntries() == open - 1);
    }

    /// Who works here is asked once: given on the plan, it counts on the walk, for ticks before leaving and in
    /// the log, and is there again at the next start.
    @Test
    void whoIAmIsAskedOnceAndKept(FxRobot robot) throws Exception {
        onScreen(() -> {
            application.openJob().go(Stop.PROVE);
            application.benches().prove().open(ProveSheets.PLAN);
        });
        edit(robot, "Initials", "mk");
        onScreen(() -> application.benches().prove().open(ProveSheets.WALK));
        until(() -> named(robot, "Initials mk") != null);
        onScreen(() -> {
            application.openJob().go(Stop.HAND_OVER);
            application.benches().handOver().open(HandOverSheets.LEAVING);
        });
        until(() -> named(robot, "Initials mk") != null);
        assertThat(Remembered.load(home).person()).isEqualTo("mk");
    }

    /// A refusal stands under the field, which still shows what was typed.
    @Test
    void aRefusalStandsUnderTheFieldItSpeaksOf(FxRobot robot) {
        at(Stop.LOOP, "07");
        edit(robot, "Cable length 62 m", "sixty-two");
        until(() -> reads(robot, "is \"sixty-two\""));
        Node notice = robot.lookup(".notice").query();
        onScreen(() -> {
            TextField field = (TextField) notice.getScene().getFocusOwner();
            assertThat(field.getText()).isEqualTo("sixty-two");
            Bounds its = field.localToScene(field.getBoundsInLocal());
            Bounds says = notice.localToScene(notice.getBoundsInLocal());
            assertThat(says.getMinY()).isBetween(its.getMaxY() - 2, its.getMaxY() + 4);
            assertThat(says.getMinX()).isLessThanOrEqualTo(its.getMaxX());
        });
        assertThat(job().cableTo(new PointId("07")).orElseThrow().metres()).isEqualTo(62);
    }

    /// Cells of a spreadsheet are a table: what is in them is seen, and nothing is in the job before it is taken
    /// in.
    @Test
    void aPastedTableIsOfferedAsAnImport(FxRobot robot) {
        onScreen(() -> {
            application.openJob().open(SurveySheet.ROOMS);
            application.benches().survey().focusEntry();
        });
        int before = job().points().size();
        onScreen(() -> {
            ClipboardContent cells = new ClipboardContent();
            cells.putString("name\tkind\nYard gate\tcontact\nYard hatch\tcontact\n");
            Clipboard.getSystemClipboard().setContent(cells);
            ((TextField) named(robot, "Type a point")).paste();
        });
        until(() -> reads(robot, "Yard hatch"));
        assertThat(job().points()).hasSize(before);
        assertThat(reads(robot, "pasted points")).isTrue();
    }

    private void openRunSheet() {
        onScreen(() -> {
            application.openJob().go(Stop.SET_UP);
            application.benches().setup().open(SetupSheet.TYPING);
        });
    }

    private int openEntries() {
        return application
                .openJob()
                .now()
                .assessment()
                .get(SetupState.FACT)
                .sheet()
                .open()
                .size();
    }
}
