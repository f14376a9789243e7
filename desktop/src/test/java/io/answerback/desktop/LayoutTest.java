package io.answerback.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.check.Stop;
import io.answerback.check.SurveySheet;
import io.answerback.desktop.drawing.Drawing;
import io.answerback.desktop.loop.LoopSheet;
import io.answerback.edit.LoopEdits;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import io.answerback.job.Panel;
import io.answerback.job.ResistorPlace;
import io.answerback.job.SchemeKind;
import io.answerback.loop.DeviceState;
import io.answerback.loop.FaultKind;
import io.answerback.loop.FittedLoop;
import io.answerback.loop.LoopCase;
import io.answerback.loop.LoopFault;
import io.answerback.loop.TrialFaults;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
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
    private static final Set<String> MAY_GIVE_WAY =
            Set.of("point-name", "rules", "roll-code", "tile-name", "import-name", "import-says", "series-name");
    private static final double[][] SIZES = {{1100, 700, 100}, {1280, 800, 100}, {1280, 800, 150}};

    @TempDir
    static Path folder;

    private Workplace workplace;
    private Stage stage;

    @Start
    void start(Stage shown) throws Exception {
        stage = shown;
        Path fresh = Files.createTempDirectory(folder, "app");
        Opened opened = Opened.read(new Opening.Demo(1), fresh);
        workplace = new Workplace(stage, opened, fresh, InstantSource.system(), 0, Duration.ZERO);
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
        for (double[] size : SIZES) {
            resize(size);
            for (Stop stop : Stop.values()) {
                for (String point : List.of("07", "12", "15", "mains")) {
                    onScreen(() -> {
                        workplace.desk().select(point);
                        workplace.desk().go(stop);
                    });
                    wrong.addAll(faults(robot, stop + " of " + point, size));
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    private static List<String> faults(FxRobot robot, String what, double[] size) {
        String where = "%s at %.0f x %.0f, %.0f %%: ".formatted(what, size[0], size[1], size[2]);
        List<String> wrong = new ArrayList<>();
        cutOff(robot).forEach(text -> wrong.add(where + "cut off: " + text));
        overlaps(robot).forEach(pair -> wrong.add(where + "overlap: " + pair));
        tooWide(robot).forEach(style -> wrong.add(where + "wider than its sheet: " + style));
        return wrong;
    }

    /// Sheets that are only scrolled down must never be wider than what is seen of them.
    private static List<String> tooWide(FxRobot robot) {
        return robot
                .lookup((Node node) ->
                        node instanceof ScrollPane pane && pane.getHbarPolicy() != ScrollPane.ScrollBarPolicy.AS_NEEDED)
                .queryAllAs(ScrollPane.class)
                .stream()
                .filter(pane -> pane.getContent().getLayoutBounds().getWidth()
                        > pane.getViewportBounds().getWidth() + 1)
                .map(pane -> pane.getStyleClass().toString())
                .toList();
    }

    @Test
    void theSheetsOfTheSurveyAndTheStartSheetShowEveryWord(FxRobot robot) throws Exception {
        Path table = Files.writeString(folder.resolve("list.csv"), "name,kind\nSide gate,contact\nYard,laser\n");
        List<String> wrong = new ArrayList<>();
        for (int demo = 1; demo <= DemoJobs.COUNT; demo++) {
            var job = DemoJobs.job(demo);
            onScreen(() -> workplace.desk().put(job, Optional.empty(), ""));
            for (double[] size : SIZES) {
                resize(size);
                for (SurveySheet sheet : SurveySheet.values()) {
                    onScreen(() -> workplace.desk().open(sheet));
                    wrong.addAll(faults(robot, sheet + " of demo " + demo, size));
                }
            }
        }
        for (double[] size : SIZES) {
            resize(size);
            onScreen(() -> {
                workplace.desk().select("05");
                workplace.desk().go(Stop.LOOP);
            });
            wrong.addAll(faults(robot, "explained readings", size));
        }
        onScreen(() -> workplace.survey().read(table));
        onDisk();
        for (double[] size : SIZES) {
            resize(size);
            wrong.addAll(faults(robot, "import", size));
        }
        onScreen(() -> workplace.start().show(true));
        onDisk();
        for (double[] size : SIZES) {
            resize(size);
            wrong.addAll(faults(robot, "start", size));
        }
        assertThat(wrong).isEmpty();
    }

    /// Waits until the disk has nothing left to do, twice, for one thing may follow from another.
    private void onDisk() throws Exception {
        for (int i = 0; i < 2; i++) {
            CompletableFuture<Void> done = new CompletableFuture<>();
            workplace.disk().run(() -> null, nothing -> done.complete(null));
            done.get(10, TimeUnit.SECONDS);
        }
        onScreen(() -> {});
    }

    private void resize(double[] size) {
        onScreen(() -> {
            stage.setWidth(size[0]);
            stage.setHeight(size[1]);
            workplace.look().textPercent().set((int) size[2]);
        });
    }

    private static List<String> cutOff(FxRobot robot) {
        return robot
                .lookup((Node node) -> node instanceof Labeled && node.isVisible())
                .queryAllAs(Labeled.class)
                .stream()
                .filter(label -> label.getStyleClass().stream().noneMatch(MAY_GIVE_WAY::contains))
                .filter(label -> label.getText() != null && !label.getText().isEmpty() && label.getWidth() > 0)
                .filter(label -> drawnText(label).anyMatch(text -> !text.equals(label.getText())))
                .map(Labeled::getText)
                .toList();
    }

    /// The words a label draws itself, without those of a graphic in it.
    private static Stream<String> drawnText(Labeled label) {
        return label.getChildrenUnmodifiable().stream()
                .filter(Text.class::isInstance)
                .map(text -> ((Text) text).getText());
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
        onScreen(() -> workplace.desk().apply(LoopEdits.parts("", "06", wiring -> wiring.withEndOfLineOhms(3900))));
        assertThat(drawnInside(robot, ".band-normal")).isFalse();
    }

    /// Whether the first row's interval, the point at rest, lies inside a band.
    private static boolean drawnInside(FxRobot robot, String band) {
        Bounds interval = robot.lookup(".interval").query().getBoundsInParent();
        Bounds column = robot.lookup(band).query().getBoundsInParent();
        return interval.getMinX() >= column.getMinX() && interval.getMaxX() <= column.getMaxX();
    }

    @Test
    void everySchemeIsDrawnAsItIsWired(FxRobot robot) {
        var job = DemoJobs.job(1).withPanel(new Panel("Panel", DataFiles.profile("sample-d")));
        onScreen(() -> workplace.desk().put(job, Optional.empty(), ""));
        List<String> wrong = new ArrayList<>();
        for (SchemeKind scheme : List.of(
                SchemeKind.CLOSED_LOOP,
                SchemeKind.NORMALLY_OPEN,
                SchemeKind.SINGLE_END_OF_LINE,
                SchemeKind.END_OF_LINE_ACROSS)) {
            for (ResistorPlace place : ResistorPlace.values()) {
                onScreen(() -> {
                    workplace.desk().select("06");
                    workplace
                            .desk()
                            .apply(LoopEdits.parts(
                                    "", "06", its -> its.withScheme(scheme).withPlace(place)));
                    workplace.desk().switchTo(DeviceState.AT_REST, LoopFault.NONE);
                });
                wrong.addAll(faults(robot, scheme + " " + place, SIZES[1]));
                assertThat(robot.lookup(".resistor").queryAll()).hasSize(scheme.hasEndOfLine() ? 1 : 0);
                boolean open = scheme == SchemeKind.NORMALLY_OPEN || scheme == SchemeKind.END_OF_LINE_ACROSS;
                assertThat(bladeIsOpen(robot)).as(scheme + " at rest").isEqualTo(open);
                onScreen(() -> workplace.desk().switchTo(DeviceState.ACTIVE, LoopFault.NONE));
                assertThat(bladeIsOpen(robot)).as(scheme + " active").isNotEqualTo(open);
            }
        }
        assertThat(wrong).isEmpty();
    }

    /// The larger schemes, in each of their states and with each fault: a blade for each contact, a body for each
    /// resistor, no words on top of each other.
    @Test
    void theLargerSchemesAreDrawnWholeWithEveryFault(FxRobot robot) {
        List<String> wrong = new ArrayList<>();
        var points = Map.of("08", 3, "11", 2, "12", 1);
        for (double[] size : SIZES) {
            resize(size);
            points.forEach((point, contacts) -> {
                onScreen(() -> {
                    workplace.desk().go(Stop.LOOP);
                    workplace.desk().select(point);
                });
                assertThat(robot.lookup(".blade").queryAll()).hasSize(contacts);
                FittedLoop loop = workplace
                        .desk()
                        .now()
                        .point()
                        .wired()
                        .orElseThrow()
                        .fitted()
                        .orElseThrow();
                for (LoopCase loopCase : new TrialFaults(12_000).cases(loop)) {
                    onScreen(() -> workplace.desk().switchTo(loopCase.device(), loopCase.fault()));
                    wrong.addAll(faults(robot, point + " " + loopCase.id(), size));
                }
            });
        }
        assertThat(wrong).isEmpty();
    }

    @Test
    void twoBranchesATwoWireLoopAndTheSheetsBesideShowEveryWord(FxRobot robot) {
        List<String> wrong = new ArrayList<>();
        onScreen(() -> workplace.desk().put(DemoJobs.job(3), Optional.empty(), ""));
        for (double[] size : SIZES) {
            resize(size);
            for (String point : List.of("01", "06", "08", "10")) {
                onScreen(() -> {
                    workplace.desk().go(Stop.LOOP);
                    workplace.loopBench().open(LoopSheet.ONE_LOOP);
                    workplace.desk().select(point);
                });
                wrong.addAll(faults(robot, "gallery " + point, size));
                for (LoopSheet sheet : LoopSheet.values()) {
                    onScreen(() -> workplace.loopBench().open(sheet));
                    wrong.addAll(faults(robot, sheet + " of gallery " + point, size));
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    /// Whether the one contact's blade stands off its other end.
    private static boolean bladeIsOpen(FxRobot robot) {
        Bounds blade = robot.lookup(".blade").query().getBoundsInParent();
        return Math.min(blade.getWidth(), blade.getHeight()) > 8;
    }

    @Test
    void theDrawingShowsTheFaultAndTheSchemeThatAreSwitched(FxRobot robot) {
        onScreen(() -> {
            workplace.desk().select("06");
            workplace.desk().switchTo(DeviceState.ACTIVE, LoopFault.of(FaultKind.CUT));
        });
        assertThat(robot.lookup(".fault").queryAll()).hasSize(2);
        assertThat(robot.lookup(".resistor").queryAll()).hasSize(2);
        onScreen(() -> workplace.desk().switchTo(DeviceState.AT_REST, LoopFault.of(FaultKind.NO_RESISTOR)));
        assertThat(robot.lookup(".fault").queryAll()).isEmpty();
        assertThat(robot.lookup(".resistor").queryAll()).hasSize(1);
        for (FaultKind kind : List.of(FaultKind.DOUBLED, FaultKind.TWO_LOOPS)) {
            onScreen(() -> workplace.desk().switchTo(DeviceState.AT_REST, LoopFault.of(kind)));
            assertThat(robot.lookup(".resistor").queryAll()).as(kind.id()).hasSize(3);
            assertThat(robot.lookup(".band-row-on").queryAll()).as(kind.id()).hasSize(1);
        }
        onScreen(() -> workplace.desk().switchTo(DeviceState.AT_REST, LoopFault.NONE));
        onScreen(() ->
                workplace.desk().apply(LoopEdits.parts("", "06", its -> its.withScheme(SchemeKind.CLOSED_LOOP))));
        assertThat(robot.lookup(".resistor").queryAll()).isEmpty();
        onScreen(() -> workplace
                .desk()
                .apply(LoopEdits.parts(
                        "",
                        "06",
                        its -> its.withScheme(SchemeKind.SINGLE_END_OF_LINE).withPlace(ResistorPlace.IN_PANEL))));
        double resistor = robot.lookup(".resistor").query().getBoundsInParent().getCenterX();
        double device = robot.lookup(".device-box").query().getBoundsInParent().getMinX();
        assertThat(resistor).isLessThan(device);
    }
}
