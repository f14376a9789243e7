package io.answerback.desktop;

import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.control;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.type;
import static io.answerback.desktop.Screen.until;
import static io.answerback.desktop.Screen.write;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.ServiceEdits;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.service.VisitKind;
import io.answerback.desktop.handover.HandOverSheets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// From the last tick to a pack on the disk, in the real window.
class HandOverWindowTest extends DemoWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @Test
    void theLastTickThePackAndTheNextVisit(FxRobot robot) throws Exception {
        Path file = folder.resolve("brinewell.answerback.json");
        onScreen(() -> application.openJob().apply(ServiceEdits.begin(VisitKind.INSTALL, "new", "jk", NOW)));
        onScreen(() -> application.keeper().saveAs(file));
        until(() -> application.openJob().now().file().isPresent());
        control(robot, KeyCode.DIGIT9);
        until(() -> reads(robot, "What the client keeps"));
        until(() -> reads(robot, "sections, "));
        onScreen(() -> application.benches().handOver().open(HandOverSheets.LEAVING));
        for (String check : List.of(
                "Zones that are linked out or left out are written down",
                "Remote access closed again",
                "Covers and lids on, cables clear of screws",
                "Tools, off-cuts and rubbish taken away")) {
            click(robot, "Checked: " + check);
        }
        until(() -> reads(robot, "7 of 10 well") || reads(robot, "6 of 10 well"));
        assertThat(job().service().ticks()).hasSize(4);
        Path pack = folder.resolve("what the client keeps");
        onScreen(() -> application.benches().handOver().savePack(pack));
        until(() -> reads(robot, "files in"));
        assertThat(pack.resolve("pack.pdf")).exists();
        assertThat(pack.resolve("SHA256SUMS")).exists();
        onScreen(() -> application.benches().handOver().open(HandOverSheets.VISITS));
        click(robot, "End the visit");
        until(() -> job().service().last().isPresent());
        onScreen(() -> application.keeper().save());
        until(() -> !application.openJob().unsaved());
        Path log = folder.resolve("brinewell.log.jsonl");
        until(() -> Files.exists(log));
        onScreen(() -> application.open(file));
        until(() -> reads(robot, "The last visit has ended"));
        until(() -> reads(robot, "What a service visit has to do"));
        assertThat(application.openJob().now().stop()).isEqualTo(Stop.HAND_OVER);
        click(robot, "Reason of the visit");
        write(robot, "yearly");
        type(KeyCode.ENTER);
        until(() -> reads(robot, "yearly"));
    }
}
