package io.answerback.desktop;

import static io.answerback.desktop.Screen.choose;
import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.edit;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static io.answerback.desktop.Screen.write;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.practice.PracticeQuestion;
import io.answerback.core.model.practice.RuleFigure;
import io.answerback.desktop.work.SurveySheet;
import io.answerback.files.DataFiles;
import io.answerback.files.SettingsFile;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// A firm's rules and profiles, kept and read back in the real window.
class FirmFilesWindowTest extends FreshWindow {
    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
    }

    @Test
    void aFirmKeepsItsRulesAndBeginsTheNextJobByThem(FxRobot robot) throws Exception {
        open(robot, 1, SurveySheet.HOUSE_RULES);
        edit(robot, "Answer within", "45 s");
        until(() -> job().practice().figure(RuleFigure.ANSWER_SECONDS) == 45);
        edit(robot, "Name for the firm's own rules", "Quayside way");
        until(() -> job().practice().firm().name().equals("Quayside way"));
        assertThat(job().practice().figures()).isEmpty();
        assertThat(SettingsFile.ownRules(fresh))
                .extracting(rules -> rules.name())
                .containsExactly("Quayside way");
        control(robot, KeyCode.N);
        until(() -> reads(robot, "Begin this job"));
        choose(robot, "House rules Graded, grade 2", "Quayside way");
        click(robot, "Site");
        write(robot, "Next Yard");
        type(KeyCode.ENTER);
        until(() -> job().site().name().equals("Next Yard"));
        assertThat(job().practice().figure(RuleFigure.ANSWER_SECONDS)).isEqualTo(45);
        assertThat(job().practice().option(PracticeQuestion.WORDING)).isEqualTo(PracticeOption.SET_UNSET);
    }

    @Test
    void aProfileThatBreaksItsSchemaIsRefusedWithItsFieldAndASoundOneIsKept(FxRobot robot) throws Exception {
        Path bad = fresh.resolve("bad" + SettingsFile.PROFILE_ENDING);
        SettingsFile.save(bad, DataFiles.profile("sample-b"));
        Files.writeString(bad, Files.readString(bad).replace("\"BOARD\"", "\"PLANK\""));
        Platform.runLater(() -> application.open(bad));
        until(() -> reads(robot, "/modules/0/sort"));
        Path good = fresh.resolve("good" + SettingsFile.PROFILE_ENDING);
        SettingsFile.save(good, DataFiles.profile("sample-b"));
        Files.writeString(
                good,
                Files.readString(good).replace("\"sample-b\"", "\"yard\"").replace("Sample panel B", "Yard panel"));
        Platform.runLater(() -> application.open(good));
        until(() -> reads(robot, "Yard panel"));
        assertThat(SettingsFile.ownProfiles(fresh))
                .extracting(its -> its.name())
                .containsExactly("Yard panel");
    }
}
