package io.answerback.desktop;

import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.practice.HouseRules;
import io.answerback.core.model.practice.Practice;
import io.answerback.core.model.profile.PanelProfile;
import io.answerback.files.DataFiles;
import io.answerback.files.JobDocument;
import io.answerback.files.JobFile;
import io.answerback.files.Recovery;
import java.nio.file.Path;
import java.util.List;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// The form for a new job says what will not work before the job is begun, and the list what waits.
class StartFormWindowTest extends FreshWindow {
    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
    }

    @Test
    void aPanelThatCannotReadTheSchemeOfTheRulesSaysSo(FxRobot robot) {
        HouseRules rules = DataFiles.rules().getFirst();
        List<PanelProfile> panels = DataFiles.profiles();
        for (int chosen = 0; chosen < panels.size(); chosen++) {
            click(robot, "Panel profile");
            // the menu begins at the panel that is chosen, the one before
            type(chosen == 0 ? KeyCode.SHIFT : KeyCode.DOWN, KeyCode.ENTER);
            boolean reads =
                    panels.get(chosen).reads(Practice.of(rules).scheme()).isPresent();
            until(() -> reads(robot, "No input of this panel reads a") != reads);
        }
        assertThat(panels)
                .anyMatch(panel -> panel.reads(Practice.of(rules).scheme()).isEmpty());
    }

    @Test
    void aJobWithUnsavedEditsSaysThatTheyWait(FxRobot robot) throws Exception {
        Path file = fresh.resolve("quay.answerback.json");
        new Recovery(fresh).keep(file.toAbsolutePath().toString(), JobDocument.of(demo(2)), List.of());
        assertThat(JobFile.open(file).job()).isNotEqualTo(demo(2));
        Platform.runLater(() -> application.start().show(true));
        until(() -> reads(robot, "Unsaved changes"));
    }
}
