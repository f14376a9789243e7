package io.answerback.print;

import static org.assertj.core.api.Assertions.assertThat;

import io.answerback.core.engine.edit.PointEdits;
import io.answerback.core.model.cable.CableInstallation;
import io.answerback.core.model.id.CableId;
import io.answerback.core.model.id.PointId;
import io.answerback.core.model.power.Power;
import io.answerback.core.model.site.Job;
import io.answerback.core.paper.BoxPaper;
import io.answerback.core.paper.CableLabelSheet;
import io.answerback.core.paper.CableSchedule;
import io.answerback.core.paper.CoreSchedule;
import io.answerback.core.paper.LabelStock;
import io.answerback.core.paper.Paper;
import io.answerback.core.paper.PaperElement;
import io.answerback.core.paper.PowerPaper;
import io.answerback.core.paper.Table;
import io.answerback.core.paper.TableSetter;
import io.answerback.core.supply.Supplies;
import io.answerback.core.wiring.cabling.CableEdits;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import java.io.IOException;
import java.io.StringReader;
import java.time.LocalDate;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.xml.sax.InputSource;

/// What is printed of the demo jobs, read back by the library's own reader.
class PaperTest {
    private static final LocalDate DATE = LocalDate.parse("2026-05-12");

    private final Job job = DemoJobs.job(1);
    private final CorePlan plan = CorePlan.of(job);

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    private static int pages(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return document.getNumberOfPages();
        }
    }

    @Test
    void theCoreScheduleNamesEveryCableAndEveryPlace() throws IOException {
        Table table = CoreSchedule.of(job, plan);
        byte[] pdf = PdfWriter.write(measure -> TableSetter.set(table, measure)).bytes();
        String text = text(pdf);
        assertThat(text).contains("Brinewell Cold Store, core schedule", "joins ", "spare, folded back", "0V beside 7");
        job.cables().forEach(cable -> assertThat(text).contains(cable.id().text()));
        assertThat(pages(pdf)).isGreaterThan(3);
        assertThat(text).contains("page 1 of " + pages(pdf));
        assertThat(table.rows())
                .hasSize(job.cables().stream()
                        .mapToInt(cable -> cable.installation()
                                .type()
                                .orElseThrow()
                                .colours()
                                .size())
                        .sum());
    }

    @Test
    void aLongNameIsBrokenAndNoRowLeavesItsPage() {
        Job named = PointEdits.name(
                        new PointId("01"), "The door at the far end of the office corridor beside the old boiler house")
                .on(job);
        var paper = PdfWriter.write(measure -> TableSetter.set(CableSchedule.of(named, CorePlan.of(named)), measure))
                .paper();
        assertThat(paper.pages().stream().flatMap(List::stream))
                .filteredOn(PaperElement.Text.class::isInstance)
                .allMatch(mark -> ((PaperElement.Text) mark).baseline() < paper.heightMillimetres());
    }

    @Test
    void everyCableGetsTwoLabelsAndWhatDoesNotFitIsSaid() throws IOException {
        LabelStock small = DataFiles.labelStocks().stream()
                .filter(stock -> stock.id().equals("a4-5x13"))
                .findFirst()
                .orElseThrow();
        var written = PdfWriter.write(measure -> CableLabelSheet.of(job, plan, small, measure));
        assertThat(text(written.bytes()).split("C-17", -1)).hasSize(3);
        assertThat(pages(written.bytes()))
                .isEqualTo(Math.ceilDiv(2 * job.cables().size(), 5 * 13));
        Job named = PointEdits.name(
                        new PointId("07"), "Dock roller door 2, the one that the lorries for the south use at night")
                .on(job);
        var cut = PdfWriter.write(measure -> CableLabelSheet.of(named, CorePlan.of(named), small, measure));
        assertThat(cut.paper().problems()).hasSize(1).first().asString().contains("too long for a label of 38 mm");
        assertThat(text(cut.bytes())).contains("…");
    }

    @Test
    void aTapeIsOneLabelAPage() throws IOException {
        LabelStock tape = DataFiles.labelStocks().getLast();
        assertThat(pages(PdfWriter.write(measure -> CableLabelSheet.of(job, plan, tape, measure))
                        .bytes()))
                .isEqualTo(2 * job.cables().size());
    }

    @Test
    void aCableThatIsNotDecidedIsPrintedWithItsGap() throws IOException {
        Job bare = CableEdits.installation("", new CableId("C-17"), installation -> CableInstallation.PLANNED)
                .on(job);
        byte[] pdf = PdfWriter.write(measure -> TableSetter.set(CoreSchedule.of(bare, CorePlan.of(bare)), measure))
                .bytes();
        assertThat(text(pdf)).contains("its type is not decided");
    }

    @Test
    void theBoxesAreDrawnAPageEach() throws IOException {
        var written = PdfWriter.write(measure -> BoxPaper.of(job, plan, DATE, measure));
        assertThat(pages(written.bytes())).isEqualTo(plan.boxes().size());
        assertThat(text(written.bytes()))
                .contains("Expander 1", "Outside the ring: C-20", "to Keypad 3 · 4-core alarm");
    }

    @Test
    void aJointBoxSaysWhatIsJoinedToWhat() throws IOException {
        Job pottery = DemoJobs.job(2);
        var written = PdfWriter.write(measure -> BoxPaper.of(pottery, CorePlan.of(pottery), DATE, measure));
        assertThat(text(written.bytes())).contains("Joined", "Yellow of C-05 to yellow of C-07");
        assertThat(written.paper().problems()).isEmpty();
    }

    @Test
    void aLabelSaysWhereItsOtherEndIs() throws IOException {
        LabelStock sheet = DataFiles.labelStocks().getFirst();
        String text = text(PdfWriter.write(measure -> CableLabelSheet.of(job, plan, sheet, measure))
                .bytes());
        assertThat(text).contains("to 07 Dock roller door 2\nat Expander 1", "to Expander 1\nat 07 Dock roller door 2");
    }

    @Test
    void everyMarkIsOnItsPage() {
        for (Paper paper : List.of(
                PdfWriter.set(measure -> BoxPaper.of(job, plan, DATE, measure)),
                PdfWriter.set(measure -> TableSetter.set(CoreSchedule.of(job, plan), measure)),
                PdfWriter.set(measure ->
                        CableLabelSheet.of(job, plan, DataFiles.labelStocks().getLast(), measure)))) {
            assertThat(paper.pages().stream().flatMap(List::stream))
                    .filteredOn(PaperElement.Text.class::isInstance)
                    .map(PaperElement.Text.class::cast)
                    .allSatisfy(mark -> {
                        assertThat(mark.x()).isBetween(0.0, paper.widthMillimetres());
                        assertThat(mark.baseline()).isBetween(0.0, paper.heightMillimetres());
                    });
        }
    }

    @Test
    void aSupplyIsPrintedWithItsFallItsLoadsAndItsVolts() throws IOException {
        Supplies supplies = Supplies.of(job, plan);
        var written = PdfWriter.write(
                measure -> PowerPaper.of(job, supplies, supplies.states().getFirst(), measure));
        String text = text(written.bytes());
        assertThat(text)
                .contains(
                        "Brinewell Cold Store, supply of Panel",
                        "rule: 30 h, then the alarm",
                        "Reaches 37.0 h",
                        "SHORT OF VOLTS: 20 Cold room B movement",
                        "maker's sheet",
                        "Together",
                        "8.34 V",
                        "what sounds, sounding for 10 min",
                        "link on loud",
                        "page 1 of 3",
                        "page 3 of 3");
        assertThat(written.paper().problems()).isEmpty();
        Job undecided = job.withPower(Power.UNDECIDED);
        Supplies bare = Supplies.of(undecided, plan);
        assertThat(PdfWriter.set(measure ->
                                PowerPaper.of(undecided, bare, bare.states().getFirst(), measure))
                        .problems())
                .containsExactly("No battery is decided for Panel.");
    }

    /// Letters such as ff and fi must come out of the file as they were typed, or a search finds nothing.
    @Test
    void everyWordOfAPaperCanBeSearchedFor() throws IOException {
        var schedule = CableSchedule.of(job, plan);
        String text = text(
                PdfWriter.write(measure -> TableSetter.set(schedule, measure)).bytes());
        assertThat(text).contains("Office", "Office fire exit");
        String folded = text.replaceAll("\\s+", "");
        schedule.rows().stream()
                .flatMap(List::stream)
                .flatMap(cell -> java.util.Arrays.stream(cell.split("\\s+")))
                .filter(word -> word.matches("[A-Za-z]{3,}"))
                .forEach(word -> assertThat(folded).contains(word));
    }

    @Test
    void lettersTheFaceDoesNotHaveAreReplacedAndNothingFails() throws IOException {
        Job named =
                PointEdits.name(new PointId("07"), "Tor \u6771 <2> & \"west\"").on(job);
        var written = PdfWriter.write(measure -> TableSetter.set(CableSchedule.of(named, CorePlan.of(named)), measure));
        assertThat(text(written.bytes())).contains("Tor ? <2>");
        for (String svg : SvgWriter.write(written.paper())) {
            assertThat(parsed(svg)).isEqualTo("svg");
        }
    }

    private static String parsed(String svg) {
        try {
            return DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .parse(new InputSource(new StringReader(svg)))
                    .getDocumentElement()
                    .getTagName();
        } catch (Exception broken) {
            throw new AssertionError(svg, broken);
        }
    }
}
