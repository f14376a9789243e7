package io.answerback.desktop.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.engine.finding.Stop;
import io.answerback.core.model.cable.CableInstallation;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.desktop.cable.CableSheet;
import io.answerback.desktop.cable.PrintKind;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// What is printed of the cables: looked at, saved, and on the firm's own labels.
class PaperSheetTest extends DemoSheets {
    @BeforeEach
    void atPaper() {
        at(Stop.CABLE, "07");
    }

    private void open(PrintKind kind) {
        benches.cable().openPaper(kind);
    }

    @Test
    void thePagesFollowTheJob() {
        click("Cable schedule");
        assertThat(reads("page 1 of 2")).isTrue();
        assertThat(page()).contains("Brinewell Cold Store, cable schedule", "07 Dock roller door 2");
        openJob.apply(PointEdits.name(new PointId("07"), "Roller shutter"));
        assertThat(page().contains("07 Roller shutter")).isTrue();
        click("On: the pages after");
        assertThat(reads("page 2 of 2") && page().contains("page 2 of 2")).isTrue();
    }

    @Test
    void aGapIsSaidBesideThePageAndPrintedAllTheSame() {
        openJob.apply(CableEdits.installation("", new CableId("C-17"), its -> CableInstallation.PLANNED));
        open(PrintKind.CORES);
        assertThat(reads("The cores of C-17 are not known: choose its type.")).isTrue();
        open(PrintKind.LABELS);
        assertThat(reads("None: everything is on it.")).isTrue();
    }

    @Test
    void theFirmsOwnLabelsAreTakenAndKept() throws Exception {
        Path own = Files.writeString(folder.resolve("van.labels.csv"), """
                id,name,page_width,page_height,left,top,label_width,label_height,step_x,step_y,columns,rows
                van,"Van roll, 40 x 20 mm",40,20,0,0,40,20,0,0,1,1
                """);
        cables.take(own, openJob::tell, openJob::tell);
        assertThat(reads("van.labels.csv read: 1 label sheet on offer from now on"))
                .isTrue();
        open(PrintKind.LABELS);
        assertThat(reads("page 1 of 3")).isTrue();
        choose("Label sheet", "Van roll, 40 x 20 mm");
        assertThat(reads("pages 1 to 24 of 66")).isTrue();
        Path broken = Files.writeString(folder.resolve("reels.cables.csv"), """
                id,name,conductor,cores,screened,outdoor
                9-core,9-core,1 mm²,red|black,maybe,0
                """);
        cables.take(broken, openJob::tell, openJob::tell);
        assertThat(reads("reels.cables.csv, on line 2: column conductor: \"1 mm²\" is none of"))
                .isTrue();
    }

    @Test
    void paperIsWrittenAndWhatBecameOfItIsTold() throws Exception {
        benches.cable().open(CableSheet.PAPER);
        Path pdf = folder.resolve("cores.pdf");
        benches.cable().print().write(PrintKind.CORES, pdf);
        assertThat(reads("Written: " + pdf)).isTrue();
        assertThat(Files.readString(pdf, StandardCharsets.ISO_8859_1)).startsWith("%PDF");
        Path csv = folder.resolve("cables.csv");
        benches.cable().print().write(PrintKind.CABLES, csv);
        assertThat(reads("Written: " + csv)).isTrue();
        assertThat(Files.readAllLines(csv)).hasSize(34).anyMatch(line -> line.startsWith("C-17,Expander 1,07 Dock"));
        Path nowhere = csv.resolve("labels.pdf");
        benches.cable().print().write(PrintKind.LABELS, nowhere);
        assertThat(reads("The disk refused")).isTrue();
    }
}
