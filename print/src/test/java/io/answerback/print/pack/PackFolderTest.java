package io.answerback.print.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import io.answerback.core.assess.Assessment;
import io.answerback.core.assess.Assessor;
import io.answerback.core.engine.edit.PracticeEdits;
import io.answerback.core.engine.edit.ServiceEdits;
import io.answerback.core.handover.PackPaper;
import io.answerback.core.handover.PackSection;
import io.answerback.core.model.practice.PracticeOption;
import io.answerback.core.model.service.Photograph;
import io.answerback.core.model.site.Job;
import io.answerback.core.model.site.Site;
import io.answerback.core.paper.PageSize;
import io.answerback.core.paper.PaperElement;
import io.answerback.files.DataFiles;
import io.answerback.files.demo.DemoJobs;
import io.answerback.files.record.Fingerprint;
import io.answerback.files.record.Photographs;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import net.fortuna.ical4j.data.CalendarBuilder;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// What the client keeps, as a folder, read back.
class PackFolderTest {
    private static final Instant NOW = Instant.parse("2026-06-02T10:00:00Z");

    @TempDir
    Path folder;

    private static Assessment assessed(Job job) {
        return new Assessor(DataFiles.events()).on(LocalDate.of(2026, 6, 2)).assess(job);
    }

    private static PackFolder pack(Job job, PageSize size) {
        return new PackFolder(assessed(job), DataFiles.events(), size, NOW);
    }

    private static String page(PDDocument pdf, int number) throws IOException {
        PDFTextStripper stripper = new PDFTextStripper();
        stripper.setStartPage(number);
        stripper.setEndPage(number);
        return stripper.getText(pdf);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void everySectionStandsOnThePageTheContentsName(int demo) throws Exception {
        PackFolder pack = pack(DemoJobs.job(demo), PageSize.A4);
        pack.write(folder, "the job", Map.of());
        PackFolder.Set set = pack.set();
        try (PDDocument pdf = Loader.loadPDF(folder.resolve("pack.pdf").toFile())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(set.paper().pages().size());
            String contents = page(pdf, 1);
            List<PackSection> sections = set.pack().sections();
            for (int i = 0; i < sections.size(); i++) {
                PackPaper.Place place = set.places().get(i);
                assertThat(contents).contains(place.title());
                assertThat(page(pdf, place.page())).contains(sections.get(i).title());
            }
            assertThat(page(pdf, pdf.getNumberOfPages()))
                    .contains("page %1$d of %1$d".formatted(pdf.getNumberOfPages()));
        }
    }

    @Test
    void theFirstDemoReadsAsItIsBuilt() throws Exception {
        pack(DemoJobs.job(1), PageSize.A4).write(folder, "the job", Map.of());
        String zones = Files.readString(folder.resolve("zone-list.csv"));
        assertThat(zones.lines()).hasSize(25);
        assertThat(zones).contains("07,Dock roller door 2,Expander 1 · 7,15,").contains("nothing arrives");
        assertThat(Files.readString(folder.resolve("shown.csv")))
                .contains("104 dB(A), 3 m", "NOT SHOWN", "no longer holds");
        assertThat(Files.readString(folder.resolve("your-alarm-system.csv")))
                .contains("To set Offices", "to be filled in");
        assertThat(Files.readString(folder.resolve("programmed.csv"))).doesNotContain("1234");
        assertThat(Files.readString(folder.resolve("supplies-2.csv"))).contains("Together");
        assertThat(Files.readString(folder.resolve("left-open.csv"))).contains("deviation", "wrong");
        assertThat(new CalendarBuilder()
                        .build(Files.newBufferedReader(folder.resolve("due-dates.ics")))
                        .getComponents("VEVENT"))
                .isNotEmpty();
        for (String line : Files.readAllLines(folder.resolve("SHA256SUMS"))) {
            String[] parts = line.split("  ", 2);
            assertThat(Fingerprint.of(Files.readAllBytes(folder.resolve(parts[1]))))
                    .isEqualTo(parts[0]);
        }
    }

    @Test
    void photographsArePrintedAndAMissingOneIsSaid() throws Exception {
        Path picture = folder.resolve("door.png");
        ImageIO.write(new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB), "png", picture.toFile());
        Photographs beside = Photographs.beside(folder.resolve("a.answerback.json"));
        Photograph there = beside.take(picture, "Dock roller door 2", false);
        Photograph gone = beside.take(picture, "the panel's box", false);
        Job job =
                ServiceEdits.photograph(gone).on(ServiceEdits.photograph(there).on(DemoJobs.job(1)));
        PackFolder pack = pack(job, PageSize.A4);
        pack.write(folder, "the job", Map.of(there.file(), beside.file(there)));
        PackPaper.Place place = pack.set().places().stream()
                .filter(its -> its.title().equals("Photographs, printed"))
                .findFirst()
                .orElseThrow();
        try (PDDocument pdf = Loader.loadPDF(folder.resolve("pack.pdf").toFile())) {
            assertThat(page(pdf, place.page()))
                    .contains("Dock roller door 2", "the panel's box", gone.file() + " not found")
                    .doesNotContain(there.file() + " not found");
            PDResources resources = pdf.getPage(place.page() - 1).getResources();
            assertThat(resources.getXObjectNames()).hasSize(1);
            PDImageXObject image = (PDImageXObject)
                    resources.getXObject(resources.getXObjectNames().iterator().next());
            assertThat(image.getWidth()).isEqualTo(640);
        }
    }

    @Test
    void labelsStandInBoxesOfTheirOwnOnAPageOfTheirOwn() {
        PackFolder.Set set = pack(DemoJobs.job(1), PageSize.A4).set();
        PackPaper.Place place = set.places().stream()
                .filter(its -> its.title().startsWith("Labels for batteries"))
                .findFirst()
                .orElseThrow();
        List<PaperElement> page = set.paper().pages().get(place.page() - 1);
        List<String> words = page.stream()
                .filter(PaperElement.Text.class::isInstance)
                .map(its -> ((PaperElement.Text) its).words())
                .toList();
        assertThat(words)
                .contains("On the battery of Panel", "12 V 34.0 Ah", "On the lid of Panel", "Mains voltage inside");
        assertThat(page.stream().filter(PaperElement.Rule.class::isInstance)).hasSize(2 * 4);
        assertThat(words).hasSize(1 + 2 * 5 + 1);
    }

    @Test
    void theWordsAndThePaperAreTheFirms() throws Exception {
        Job job = PracticeEdits.option("", PracticeOption.ARM_DISARM).on(DemoJobs.job(1));
        Job named = job.withSite(new Site("Ærø Łódź 東京 & \"Söhne\"", "Quay", 3));
        pack(named, PageSize.LETTER).write(folder, "the job", Map.of());
        assertThat(Files.readString(folder.resolve("your-alarm-system.csv")))
                .contains("To arm Offices", "To disarm Offices")
                .doesNotContain("To set Offices");
        try (PDDocument pdf = Loader.loadPDF(folder.resolve("pack.pdf").toFile())) {
            assertThat(pdf.getPage(0).getMediaBox().getWidth()).isBetween(791f, 793f);
            assertThat(page(pdf, 1)).contains("Ærø Łódź");
        }
    }

    @Test
    void aPackThatCannotBeWrittenIsNotTakenForWhole() throws Exception {
        PackFolder pack = pack(DemoJobs.job(2), PageSize.A4);
        pack.write(folder, "the job", Map.of());
        assertThat(folder.resolve("SHA256SUMS")).exists();
        assertThatThrownBy(
                        () -> pack.write(folder, "the job", Map.of("gone.jpg", folder.resolve("no such picture.jpg"))))
                .isInstanceOf(IOException.class);
        Path file = Files.writeString(folder.resolve("in the way"), "");
        assertThatThrownBy(() -> pack.write(file, "the job", Map.of())).isInstanceOf(IOException.class);
    }
}
