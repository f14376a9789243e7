package io.answerback.desktop;

import static io.answerback.desktop.Screen.choose;
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

import io.answerback.core.model.id.PointId;
import io.answerback.core.model.profile.ZoneType;
import io.answerback.core.model.site.Point;
import io.answerback.desktop.work.SurveySheet;
import io.answerback.files.Recovery;
import io.answerback.files.Unsaved;
import java.util.List;
import java.util.Set;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// Drives the survey in the real window, from the start sheet on.
class SurveyWindowTest extends FreshWindow {
    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
    }

    /// Twenty-four points as a surveyor would type them, walking through the building.
    private static final List<String> WALK = List.of(
            "main entrance, contact, offices, entry/exit, 14 m",
            "pir reception entry route",
            "corridor movement, entry route",
            "accounts office, contact",
            "cash desk button",
            "office window, reed",
            "office glass break",
            "office fire exit",
            "roller door dock 1, contact, dock, immediate, 58 m",
            "roller door dock 2, contact, immediate, 62 m",
            "pir dock",
            "dock side door",
            "dock fire exit, contact, 24-hour",
            "dock office movement",
            "roof hatch",
            "dock key switch",
            "cold room A door, contact, cold rooms, 48 m",
            "cold room B door",
            "cold room A movement",
            "freezer failure, freezer contact, technical",
            "ammonia gas alarm, 71 m",
            "plant room door",
            "plant room flood",
            "plant room technical");

    private boolean finds(String id) {
        return application.openJob().now().assessment().findings().stream()
                .anyMatch(finding -> finding.id().equals(id));
    }

    @Test
    void theStartSheetSaysHowEachJobStands(FxRobot robot) {
        until(() -> reads(robot, "05 C-20 is outside the tamper ring"));
        assertThat(named(robot, "Survey 24 of 24, sound")).isNotNull();
        assertThat(reads(robot, "visit was due 14 Jun 2026")).isTrue();
        assertThat(reads(robot, "Pike Lane Pottery") && reads(robot, "not saved yet"))
                .isTrue();
        assertThat(reads(robot, "bent.answerback.json, line 1")).isTrue();
        click(robot, "Pike Lane Pottery. ");
        until(() -> job().site().name().equals("Pike Lane Pottery"));
        assertThat(application.start().isVisible()).isFalse();
    }

    @Test
    void aJobOf24PointsIsTypedByKeyboardAloneAndUndoneStepByStep(FxRobot robot) {
        until(() -> reads(robot, "Begin this job"));
        write(robot, "Harbour Hall");
        type(KeyCode.ENTER);
        until(() -> reads(robot, "Nothing is watched yet"));
        settle();
        for (String line : WALK) {
            write(robot, line);
            until(() -> reads(robot, "Enter adds it"));
            type(KeyCode.ENTER);
        }
        until(() -> job().points().size() == 24);
        assertThat(job().areas()).extracting(area -> area.name()).containsExactly("Offices", "Dock", "Cold rooms");
        assertThat(job().point(new PointId("02")).map(Point::name)).contains("Reception movement");
        assertThat(job().point(new PointId("13")).orElseThrow().surveyed().type())
                .isEqualTo(ZoneType.ALWAYS);
        assertThat(job().point(new PointId("22")).orElseThrow().surveyed().area())
                .contains(3);
        assertThat(job().cableTo(new PointId("21")).orElseThrow().metres()).isEqualTo(71);
        assertThat(reads(robot, "24 points in 3 areas")).isTrue();

        for (int left = 23; left >= 0; left--) {
            int points = left;
            control(robot, KeyCode.Z);
            until(() -> job().points().size() == points);
        }
        assertThat(job().areas()).isEmpty();
        for (int i = 0; i < WALK.size(); i++) {
            control(robot, KeyCode.Y);
        }
        until(() -> job().points().size() == 24);
    }

    @Test
    void aNewJobIsKeptAgainstACrashThoughItHasNoFile(FxRobot robot) {
        write(robot, "Harbour Hall");
        type(KeyCode.ENTER);
        until(() -> reads(robot, "Nothing is watched yet"));
        write(robot, "main entrance, contact, hall");
        type(KeyCode.ENTER);
        until(() -> job().points().size() == 1);
        control(robot, KeyCode.N);
        until(() -> application.start().isVisible());
        until(() -> new Recovery(fresh)
                .newJobs().values().stream()
                        .filter(Unsaved.Kept.class::isInstance)
                        .map(unsaved -> ((Unsaved.Kept) unsaved).document().job())
                        .anyMatch(kept -> kept.site().name().equals("Harbour Hall")
                                && kept.points().size() == 1));
        type(KeyCode.ESCAPE);
        until(() -> !application.start().isVisible());
    }

    @Test
    void aLineSaysWhatItLacksAndTabTakesTheWordOffered(FxRobot robot) {
        open(robot, 1, SurveySheet.ROOMS);
        control(robot, KeyCode.T);
        settle();
        write(robot, "07 side gate, contact, do");
        until(() -> reads(robot, "point 07 is there already") && reads(robot, "Tab: Dock"));
        type(KeyCode.ENTER);
        settle();
        assertThat(job().points()).hasSize(24);
        type(KeyCode.TAB);
        until(() -> reads(robot, "02 Dock"));
        type(KeyCode.ESCAPE);
        until(() -> reads(robot, "Name first, then what it is"));
    }

    @Test
    void severalPointsAreChangedInOneStep(FxRobot robot) {
        open(robot, 1, SurveySheet.ROOMS);
        Platform.runLater(() -> application.openJob().select(new PointId("06")));
        until(() -> application.openJob().now().selected().equals(new PointId("06")));
        press(KeyCode.DOWN, Set.of(KeyCode.SHIFT));
        press(KeyCode.DOWN, Set.of(KeyCode.SHIFT));
        until(() -> reads(robot, "3 points: 06, 07, 08"));
        choose(robot, "Type immediate", "24-hour");
        until(() -> job().point(new PointId("08")).orElseThrow().surveyed().type() == ZoneType.ALWAYS);
        assertThat(application.openJob().now().history().undoName()).contains("type of 3 points");
        control(robot, KeyCode.Z);
        until(() -> job().equals(demo(1)));
        press(KeyCode.UP, Set.of(KeyCode.ALT));
        until(() -> job().points().get(4).id().equals(new PointId("06")));
        control(robot, KeyCode.Z);
        until(() -> job().equals(demo(1)));
        Platform.runLater(() -> application.openJob().select(new PointId("06")));
        until(() -> application.openJob().now().picked().equals(List.of(new PointId("06"))));
        edit(robot, "Number of point 06", "60");
        until(() -> application.openJob().now().selected().equals(new PointId("60")));
        edit(robot, "Name of point 60", "Quay door");
        until(() -> job().point(new PointId("60")).orElseThrow().name().equals("Quay door"));
        press(KeyCode.D, Set.of(KeyCode.CONTROL, KeyCode.SHIFT));
        until(() -> job().point(new PointId("61")).map(Point::name).equals(java.util.Optional.of("Quay door 2")));
        control(robot, KeyCode.DELETE);
        until(() -> job().point(new PointId("61")).isEmpty());
    }
}
