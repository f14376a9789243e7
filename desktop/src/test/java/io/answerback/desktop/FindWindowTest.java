package io.answerback.desktop;

import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static io.answerback.desktop.Screen.write;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.finding.Stop;
import io.answerback.desktop.find.Hit;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// Find anything knows every sheet and every command, by its name and by what people call it.
class FindWindowTest extends DemoWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private List<String> found(FxRobot robot, String typed) {
        return Screen.onFx(() -> {
            ListView<Hit> hits = robot.lookup(".palette .list-view").queryListView();
            robot.lookup(".palette .text-field").queryTextInputControl().setText(typed);
            return hits.getItems().stream().map(Hit::title).toList();
        });
    }

    @Test
    void everySheetIsFoundByItsNameAndEnterGoesThere(FxRobot robot) {
        List<String> sheets = new ArrayList<>();
        onScreen(() -> application.benches().sheets().forEach(sheet -> sheets.add(sheet.title() + "/" + sheet.stop())));
        assertThat(sheets).hasSizeGreaterThan(50);
        control(robot, KeyCode.K);
        for (String sheet : sheets) {
            String[] both = sheet.split("/");
            assertThat(found(robot, both[0] + " " + both[1])).as(sheet).contains(both[0]);
        }
        type(KeyCode.ESCAPE);
        control(robot, KeyCode.K);
        write(robot, "run sheet");
        type(KeyCode.ENTER);
        until(() -> reads(robot, "What to type"));
        assertThat(application.openJob().now().stop()).isEqualTo(Stop.SET_UP);
    }

    @Test
    void whatPeopleCallAThingFindsIt(FxRobot robot) {
        control(robot, KeyCode.K);
        assertThat(found(robot, "print")).contains("Paper", "Pack");
        assertThat(found(robot, "standby")).contains("How long");
        assertThat(found(robot, "walk test")).contains("Live walk");
        assertThat(found(robot, "EOL")).contains("This loop");
        assertThat(found(robot, "volt drop")).contains("Volts");
        assertThat(found(robot, "parts list")).contains("Materials");
        assertThat(found(robot, "PIN")).contains("Codes");
        assertThat(found(robot, "ARC")).contains("Receivers");
        assertThat(found(robot, "firewall")).contains("Network");
        assertThat(found(robot, "certificate")).contains("Pack");
        assertThat(found(robot, "next")).contains("What is next", "Next sheet");
        assertThat(found(robot, "undo")).contains("Undo");
        assertThat(found(robot, "save")).contains("Save", "Save as");
    }

    @Test
    void keysTurnToTheNextSheetAndTheOneBefore(FxRobot robot) {
        at(Stop.BUS, "07");
        control(robot, KeyCode.PAGE_DOWN);
        until(() -> reads(robot, "Where each zone really is"));
        control(robot, KeyCode.PAGE_UP);
        control(robot, KeyCode.PAGE_UP);
        until(() -> reads(robot, "Converters"));
    }

    /// All that is not done, stop after stop; Enter goes to the first of it.
    @Test
    void whatIsNextIsListedInTheOrderOfWork(FxRobot robot) {
        at(Stop.PROVE, "07");
        control(robot, KeyCode.J);
        ListView<Hit> hits = robot.lookup(".palette .list-view").queryListView();
        List<String> abouts = new ArrayList<>();
        onScreen(() -> hits.getItems().forEach(hit -> abouts.add(hit.about())));
        assertThat(abouts).hasSizeGreaterThan(10);
        List<Integer> stops = abouts.stream()
                .map(about -> List.of(Stop.values()).stream()
                        .filter(stop -> about.startsWith(stop.title() + ",") || about.equals("stop " + stop.number()))
                        .findFirst()
                        .orElseThrow()
                        .number())
                .toList();
        assertThat(stops).isSorted();
        type(KeyCode.ENTER);
        until(() -> application.openJob().now().stop() != Stop.PROVE);
    }
}
