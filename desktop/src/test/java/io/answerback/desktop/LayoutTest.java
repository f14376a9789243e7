package io.answerback.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.check.Stop;
import io.answerback.desktop.drawing.Drawing;
import io.answerback.edit.Edits;
import io.answerback.job.ResistorPlace;
import io.answerback.job.SchemeKind;
import io.answerback.loop.CableState;
import io.answerback.loop.DeviceState;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/// Nothing is cut off and no words lie on others, at the least window and the usual one, at 100 % and 150 %
/// text; and what is drawn is where its numbers say.
@ExtendWith(ApplicationExtension.class)
class LayoutTest {
    /// Words that give way on purpose where there is no room; all are readable elsewhere or on hover.
    private static final Set<String> MAY_GIVE_WAY = Set.of("point-name", "rules", "roll-code");

    @TempDir
    static Path folder;

    private Workplace workplace;
    private Stage stage;

    @Start
    void start(Stage shown) throws Exception {
        stage = shown;
        Opened opened = Opened.read(new Opening.Demo(1), folder);
        workplace = new Workplace(stage, opened, folder, InstantSource.system(), 0, Duration.ZERO);
        workplace.show();
    }

    @AfterEach
    void stop() {
        WaitForAsyncUtils.waitForAsyncFx(10_000, workplace::close);
    }

    private void onScreen(Runnable change) {
        WaitForAsyncUtils.waitForAsyncFx(10_000, change);
        WaitForAsyncUtils.waitForFxEvents();
        WaitForAsyncUtils.waitForAsyncFx(10_000, () -> {
            stage.getScene().getRoot().applyCss();
            stage.getScene().getRoot().layout();
        });
    }

    @Test
    void nothingIsCutOffAndNoWordsOverlap(FxRobot robot) {
        List<String> wrong = new ArrayList<>();
        for (double[] size : new double[][] {{1100, 700, 100}, {1280, 800, 100}, {1280, 800, 150}}) {
            onScreen(() -> {
                stage.setWidth(size[0]);
                stage.setHeight(size[1]);
                workplace.look().textPercent().set((int) size[2]);
            });
            for (Stop stop : Stop.values()) {
                for (String point : List.of("07", "12", "15", "mains")) {
                    onScreen(() -> {
                        workplace.desk().select(point);
                        workplace.desk().go(stop);
                    });
                    String where =
                            "%s of %s at %.0f x %.0f, %.0f %%: ".formatted(stop, point, size[0], size[1], size[2]);
                    cutOff(robot).forEach(text -> wrong.add(where + "cut off: " + text));
                    overlaps(robot).forEach(pair -> wrong.add(where + "overlap: " + pair));
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    private static List<String> cutOff(FxRobot robot) {
        return robot
                .lookup((Node node) -> node instanceof Labeled && node.isVisible())
                .queryAllAs(Labeled.class)
                .stream()
                .filter(label -> label.getStyleClass().stream().noneMatch(MAY_GIVE_WAY::contains))
                .filter(label -> label.getText() != null && !label.getText().isEmpty() && label.getWidth() > 0)
                .filter(label -> label.lookup(".text") instanceof Text text
                        && !text.getText().equals(label.getText()))
                .map(Labeled::getText)
                .toList();
    }

    private static List<String> overlaps(FxRobot robot) {
        List<String> pairs = new ArrayList<>();
        for (Node drawing : robot.lookup((Node node) -> node instanceof Drawing).<Node>queryAll()) {
            List<Label> labels = drawing.lookupAll(".label").stream()
                    .filter(node ->
                            node instanceof Label label && !label.getText().isEmpty())
                    .map(Label.class::cast)
                    .toList();
            for (int i = 0; i < labels.size(); i++) {
                for (int j = i + 1; j < labels.size(); j++) {
                    if (overlap(labels.get(i), labels.get(j))) {
                        pairs.add(
                                labels.get(i).getText() + " | " + labels.get(j).getText());
                    }
                }
            }
        }
        return pairs;
    }

    /// Two pixels of line height may touch.
    private static boolean overlap(Label one, Label two) {
        Bounds a = one.localToScene(one.getBoundsInLocal());
        Bounds b = two.localToScene(two.getBoundsInLocal());
        double across = Math.min(a.getMaxX(), b.getMaxX()) - Math.max(a.getMinX(), b.getMinX());
        double down = Math.min(a.getMaxY(), b.getMaxY()) - Math.max(a.getMinY(), b.getMinY());
        return across > 1 && down > 3;
    }

    @Test
    void aSafeIntervalIsDrawnInsideItsBandAndABadOneBesideIt(FxRobot robot) {
        onScreen(() -> {
            workplace.desk().select("06");
            workplace.desk().go(Stop.LOOP);
        });
        assertThat(drawnInside(robot, ".band-normal")).isTrue();
        onScreen(() -> workplace.desk().apply(Edits.loop("", "06", wiring -> wiring.withEndOfLineOhms(3900))));
        assertThat(drawnInside(robot, ".band-normal")).isFalse();
    }

    /// Whether the first row's interval, the point at rest, lies inside a band.
    private static boolean drawnInside(FxRobot robot, String band) {
        Bounds interval = robot.lookup(".interval").query().getBoundsInParent();
        Bounds column = robot.lookup(band).query().getBoundsInParent();
        return interval.getMinX() >= column.getMinX() && interval.getMaxX() <= column.getMaxX();
    }

    @Test
    void theDrawingShowsTheFaultAndTheSchemeThatAreSwitched(FxRobot robot) {
        onScreen(() -> {
            workplace.desk().select("06");
            workplace.desk().switchTo(DeviceState.ACTIVE, CableState.CUT);
        });
        assertThat(robot.lookup(".fault").queryAll()).hasSize(2);
        assertThat(robot.lookup(".resistor").queryAll()).hasSize(2);
        onScreen(() -> workplace.desk().switchTo(DeviceState.AT_REST, CableState.NO_RESISTOR));
        assertThat(robot.lookup(".fault").queryAll()).isEmpty();
        assertThat(robot.lookup(".resistor").queryAll()).hasSize(1);
        onScreen(() -> workplace.desk().apply(Edits.loop("", "06", its -> its.withScheme(SchemeKind.CLOSED_LOOP))));
        assertThat(robot.lookup(".resistor").queryAll()).isEmpty();
        onScreen(() -> workplace
                .desk()
                .apply(Edits.loop(
                        "",
                        "06",
                        its -> its.withScheme(SchemeKind.SINGLE_END_OF_LINE).withPlace(ResistorPlace.IN_PANEL))));
        double resistor = robot.lookup(".resistor").query().getBoundsInParent().getCenterX();
        double device = robot.lookup(".device-box").query().getBoundsInParent().getMinX();
        assertThat(resistor).isLessThan(device);
    }
}
