package io.answerback.desktop;

import static io.answerback.desktop.Screen.choose;
import static io.answerback.desktop.Screen.click;
import static io.answerback.desktop.Screen.named;
import static io.answerback.desktop.Screen.reads;
import static io.answerback.desktop.Screen.until;
import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.cable.CableInstallation;
import io.answerback.core.cabling.CableEdits;
import io.answerback.core.edit.PointEdits;
import io.answerback.core.finding.Stop;
import io.answerback.core.id.CableId;
import io.answerback.core.id.PointId;
import io.answerback.desktop.cable.CableSheet;
import io.answerback.desktop.cable.PrintKind;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/// What is printed of the cables: looked at, saved, and on the firm's own labels.
class PaperWindowTest extends DemoWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void atPaper() {
        at(Stop.CABLE, "07");
    }

    private String page(FxRobot robot) {
        return robot.lookup(".paper-page").query().getAccessibleText();
    }

    private void open(PrintKind kind) {
        onScreen(() -> application.benches().cable().openPaper(kind));
    }

    @Test
    void thePagesFollowTheJob(FxRobot robot) {
        click(robot, "Cable schedule");
        until(() -> reads(robot, "page 1 of 2"));
        assertThat(page(robot)).contains("Brinewell Cold Store, cable schedule", "07 Dock roller door 2");
        onScreen(() -> application.openJob().apply(PointEdits.name(new PointId("07"), "Roller shutter")));
        until(() -> page(robot).contains("07 Roller shutter"));
        click(robot, "On: the pages after");
        until(() -> reads(robot, "page 2 of 2") && page(robot).contains("page 2 of 2"));
    }

    @Test
    void aGapIsSaidBesideThePageAndPrintedAllTheSame(FxRobot robot) {
        onScreen(() -> application
                .openJob()
                .apply(CableEdits.installation("", new CableId("C-17"), its -> CableInstallation.PLANNED)));
        open(PrintKind.CORES);
        until(() -> reads(robot, "The cores of C-17 are not known: choose its type."));
        open(PrintKind.LABELS);
        until(() -> reads(robot, "None: everything is on it."));
    }

    @Test
    void theFirmsOwnLabelsAreTakenAndKept(FxRobot robot) throws Exception {
        Path own = Files.writeString(folder.resolve("van.labels.csv"), """
                id,name,page_width,page_height,left,top,label_width,label_height,step_x,step_y,columns,rows
                van,"Van roll, 40 x 20 mm",40,20,0,0,40,20,0,0,1,1
                """);
        onScreen(() -> application.open(own));
        until(() -> reads(robot, "van.labels.csv read: 1 label sheet on offer from now on"));
        open(PrintKind.LABELS);
        until(() -> reads(robot, "page 1 of 3"));
        choose(robot, "Label sheet", "Van roll, 40 x 20 mm");
        until(() -> reads(robot, "pages 1 to 24 of 66"));
        Path broken = Files.writeString(folder.resolve("reels.cables.csv"), """
                id,name,conductor,cores,screened,outdoor
                9-core,9-core,1 mm²,red|black,maybe,0
                """);
        onScreen(() -> application.open(broken));
        until(() -> reads(robot, "reels.cables.csv, on line 2: column conductor: \"1 mm²\" is none of"));
    }

    @Test
    void whereThereIsNoPrinterItSaysWhatToDo(FxRobot robot) {
        open(PrintKind.LABELS);
        until(() -> !named(robot, "Print…").isDisabled());
        click(robot, "Print…");
        until(() -> reads(robot, "Save it as PDF, and print that"));
        assertThat(named(robot, "Print…").isDisabled()).isFalse();
    }

    @Test
    void paperIsWrittenAndWhatBecameOfItIsTold(FxRobot robot) throws Exception {
        onScreen(() -> application.benches().cable().open(CableSheet.PAPER));
        Path pdf = folder.resolve("cores.pdf");
        onScreen(() -> application.benches().cable().print().write(PrintKind.CORES, pdf));
        until(() -> reads(robot, "Written: " + pdf));
        assertThat(Files.readString(pdf, StandardCharsets.ISO_8859_1)).startsWith("%PDF");
        Path csv = folder.resolve("cables.csv");
        onScreen(() -> application.benches().cable().print().write(PrintKind.CABLES, csv));
        until(() -> reads(robot, "Written: " + csv));
        assertThat(Files.readAllLines(csv)).hasSize(34).anyMatch(line -> line.startsWith("C-17,Expander 1,07 Dock"));
        Path nowhere = csv.resolve("labels.pdf");
        onScreen(() -> application.benches().cable().print().write(PrintKind.LABELS, nowhere));
        until(() -> reads(robot, "The disk refused"));
    }
}
