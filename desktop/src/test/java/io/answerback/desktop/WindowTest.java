package io.answerback.desktop;

import static io.answerback.desktop.Screen.choose;
import static io.answerback.desktop.Screen.clickOn;
import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.edit;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.settle;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static io.answerback.desktop.Screen.write;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.Edits;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Proof;
import io.answerback.files.demo.DemoJobs;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/// Drives the real window with demo data: real keys, real clicks, real frames over a real socket.
@ExtendWith(ApplicationExtension.class)
class WindowTest {
    @TempDir
    static Path folder;

    private static ApplicationWindow application;

    /// One window for all tests, on the first demo again for each; the test framework hides it after each.
    @Start
    void start(Stage stage) throws Exception {
        if (application == null) {
            application = new ApplicationWindow(
                    stage, Opened.read(new Opening.Demo(1), folder), folder, InstantSource.system(), 0, Duration.ZERO);
            stage.setWidth(1280);
            stage.setHeight(800);
            application.openJob().waitUpTo(Duration.ofSeconds(10));
        } else {
            application.openJob().put(DemoJobs.job(1), Optional.empty(), "");
            application.openJob().go(Stop.LOOP);
            application.practice().reset();
            application.leaveStart();
        }
        application.show();
    }

    @AfterAll
    static void stop() {
        WaitForAsyncUtils.waitForAsyncFx(10_000, application::close);
        application = null;
    }

    private Job job() {
        return application.openJob().now().job();
    }

    private Optional<Proof> proof(String point) {
        return job().proofOf(new PointId(point));
    }

    private void select(String point) {
        WaitForAsyncUtils.waitForAsyncFx(5_000, () -> application.openJob().select(new PointId(point)));
        settle();
    }

    @Test
    void spaceOpensTheDoorTheStationAnswersAndTheProofIsKept(FxRobot robot) {
        select("07");
        type(KeyCode.SPACE);
        until(() -> proof("07").isPresent());
        assertThat(proof("07").orElseThrow().frame()).contains("\"ADM-CID\"", "#7316|1130 02 015");
        assertThat(proof("07").orElseThrow().restoredAt()).isEmpty();
        until(() -> reads(robot, "answered") && reads(robot, "Shut the door"));
        type(KeyCode.SPACE);
        until(() -> proof("07").flatMap(Proof::restoredAt).isPresent());
        until(() -> reads(robot, "restore answered"));
        assertThat(application.openJob().now().point().proven()).isTrue();
    }

    @Test
    void theRollShowsTheOperatorsLine(FxRobot robot) {
        control(robot, KeyCode.DIGIT7);
        until(() -> reads(robot, "What leaves the building"));
        select("06");
        type(KeyCode.SPACE);
        until(() -> reads(robot, "burglary · Dock roller door 1"));
        until(() -> reads(robot, "7316 · 1130 · 02 · 014"));
    }

    @Test
    void aZoneThatIsOffStopsTheSignalAndSaysWhere(FxRobot robot) {
        select("15");
        type(KeyCode.SPACE);
        until(() -> reads(robot, "zone 6 is off: not monitored"));
        assertThat(proof("15")).isEmpty();
    }

    @Test
    void editingALengthOnTheDrawingRecomputesAtOnceAndUndoTakesItBack(FxRobot robot) {
        select("07");
        edit(robot, "Cable length 62 m", "700");
        until(() -> reads(robot, "Shut reads between bands"));
        assertThat(job().cableTo(new PointId("07")).orElseThrow().metres()).isEqualTo(700);
        control(robot, KeyCode.Z);
        until(() -> job().cableTo(new PointId("07")).orElseThrow().metres() == 62);
        assertThat(reads(robot, "Undone: length of C-17")).isTrue();
        control(robot, KeyCode.Y);
        until(() -> job().cableTo(new PointId("07")).orElseThrow().metres() == 700);
    }

    @Test
    void changingACableMakesAProofStaleWithItsReason(FxRobot robot) {
        select("06");
        edit(robot, "Cable length 54 m", "80");
        until(() -> reads(robot, "cable length was 54 m, now 80 m"));
    }

    @Test
    void arrowsWalkThePointsAndControlNumbersTheStops(FxRobot robot) {
        type(KeyCode.DOWN, KeyCode.DOWN);
        until(() -> application.openJob().now().selected().equals(new PointId("03")));
        type(KeyCode.UP);
        until(() -> application.openJob().now().selected().equals(new PointId("02")));
        control(robot, KeyCode.DIGIT8);
        until(() -> reads(robot, "Which lines have been answered"));
        control(robot, KeyCode.DIGIT2);
        until(() -> reads(robot, "What the input sees"));
    }

    @Test
    void thePaletteFindsACableAndACommand(FxRobot robot) {
        control(robot, KeyCode.K);
        write(robot, "c-26");
        type(KeyCode.ENTER);
        until(() -> application.openJob().now().selected().equals(new PointId("20")));
        control(robot, KeyCode.K);
        write(robot, "light and dark");
        type(KeyCode.ENTER);
        until(() -> application.look().dark().get());
        WaitForAsyncUtils.waitForAsyncFx(5_000, () -> application.look().dark().set(false));
    }

    @Test
    void everythingNotProvenIsSentAndWhatCannotArriveStays(FxRobot robot) {
        control(robot, KeyCode.DIGIT8);
        until(() -> reads(robot, "Send the 15 that are not proven"));
        clickOn(robot, "Send the 15 that are not proven");
        until(() -> reads(robot, "26 proven · 0 stale · 0 without a restore · 2 never"));
        assertThat(reads(robot, "cannot arrive: 06 · off, not monitored")).isTrue();
        assertThat(proof("15")).isEmpty();
        assertThat(proof("20")).isEmpty();
    }

    @Test
    void everyMarkAndLinkHasWordsForAScreenReader(FxRobot robot) {
        select("07");
        List<String> spoken = robot.lookup((Node node) -> node.getAccessibleText() != null).queryAll().stream()
                .map(Node::getAccessibleText)
                .toList();
        assertThat(spoken).anyMatch(text -> text.startsWith("Loop: 2") && text.endsWith("tight"));
        assertThat(spoken).anyMatch(text -> text.startsWith("07 Dock roller door 2, Loop: tight"));
        assertThat(robot.lookup(".mark").<Node>queryAll()).allMatch(mark -> mark.getAccessibleText() != null);
    }

    @Test
    void anUnsetAreaSendsNothingAndSaysSo(FxRobot robot) {
        select("07");
        clickOn(robot, "Area 02: set");
        until(() -> reads(robot, "Area 02: unset"));
        clickOn(robot, "Open the door");
        until(() -> reads(robot, "area 02 is unset: nothing is sent"));
        assertThat(proof("07")).isEmpty();
        WaitForAsyncUtils.waitForAsyncFx(5_000, application.practice()::reset);
        until(() -> reads(robot, "Area 02: set"));
    }

    @Test
    void givingAZoneATypeAndAnAreaMendsItsFindings(FxRobot robot) {
        select("15");
        control(robot, KeyCode.DIGIT7);
        until(() -> reads(robot, "Zone 06 is off"));
        choose(robot, "Zone type not used", "immediate");
        until(() -> reads(robot, "Zone 06 is in no area"));
        choose(robot, "Area none", "area 01 Offices");
        until(() -> !reads(robot, "Zone 06 is in no area"));
        control(robot, KeyCode.SPACE);
        until(() -> proof("15").isPresent());
    }

    @Test
    void theMenuNamesWhatUndoWouldTakeBack(FxRobot robot) {
        WaitForAsyncUtils.waitForAsyncFx(
                5_000, () -> application.openJob().apply(Edits.cableMetres(new CableId("C-17"), 70)));
        clickOn(robot, "Job");
        clickOn(robot, "Undo: length of C-17");
        until(() -> job().cableTo(new PointId("07")).orElseThrow().metres() == 62);
    }

    @Test
    void theKeysStillWorkAfterTheMenuWasOpenedWithNothingToUndo(FxRobot robot) {
        clickOn(robot, "Job");
        until(() -> reads(robot, "Nothing to undo"));
        type(KeyCode.ESCAPE);
        select("07");
        edit(robot, "Cable length 62 m", "70");
        until(() -> job().cableTo(new PointId("07")).orElseThrow().metres() == 70);
        control(robot, KeyCode.Z);
        until(() -> job().cableTo(new PointId("07")).orElseThrow().metres() == 62);
    }
}
