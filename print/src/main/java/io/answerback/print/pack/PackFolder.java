package io.answerback.print.pack;

import io.answerback.core.assess.Assessment;
import io.answerback.core.handover.Pack;
import io.answerback.core.handover.PackPaper;
import io.answerback.core.handover.PackSection;
import io.answerback.core.model.site.Job;
import io.answerback.core.paper.BoxPaper;
import io.answerback.core.paper.Measure;
import io.answerback.core.paper.PageSize;
import io.answerback.core.paper.Paper;
import io.answerback.core.paper.Table;
import io.answerback.core.signal.event.EventTable;
import io.answerback.core.wiring.cores.CorePlan;
import io.answerback.core.work.servicing.DueDates;
import io.answerback.files.SafeFile;
import io.answerback.files.exchange.DueCalendar;
import io.answerback.files.exchange.TableCsv;
import io.answerback.files.record.Fingerprint;
import io.answerback.print.PdfWriter;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/// What the client keeps as a folder: one PDF, each table, a calendar, the job file, the photographs, and the
/// checksums of them all.
public final class PackFolder {
    private static final String PDF = "pack.pdf";
    private static final String CALENDAR = "due-dates.ics";
    private static final String JOB = "job.answerback.json";
    private static final String PHOTOGRAPHS = "photographs";
    private static final String SUMS = "SHA256SUMS";

    private final Assessment assessment;
    private final EventTable events;
    private final PageSize size;
    private final Instant now;

    /// @param events what events are called
    /// @param size the size of the pages
    /// @param now when it is written
    public PackFolder(Assessment assessment, EventTable events, PageSize size, Instant now) {
        this.assessment = assessment;
        this.events = events;
        this.size = size;
        this.now = now;
    }

    /// Writes everything. What is in the folder under the same names is replaced file by file; nothing else in it
    /// is touched. The checksums are written last, so that a folder without them is not whole.
    ///
    /// @param folder where to; made where it is not there
    /// @param jobText the job as it stands in its file
    /// @param photographs the photographs, by the name each has in the pack
    /// @return the files that were written, the checksums last
    /// @throws IOException when the disk refuses, with the file that could not be written
    public List<Path> write(Path folder, String jobText, Map<String, Path> photographs) throws IOException {
        Map<String, byte[]> files = new TreeMap<>();
        Map<String, byte[]> jpegs = new TreeMap<>();
        for (Map.Entry<String, Path> photograph : photographs.entrySet()) {
            jpegs.put(photograph.getKey(), Files.readAllBytes(photograph.getValue()));
        }
        files.put(PDF, pdf(jpegs));
        pack().sections().forEach(section -> tables(section, files));
        files.put(CALENDAR, utf8(calendar()));
        files.put(JOB, utf8(jobText));
        jpegs.forEach((name, bytes) -> files.put(PHOTOGRAPHS + "/" + name, bytes));
        return write(folder, files);
    }

    /// The sections of the pack.
    public Pack pack() {
        return Pack.of(assessment, events, day());
    }

    /// A pack that was set on paper.
    ///
    /// @param pack its sections
    /// @param paper its pages
    /// @param places where each section stands; behind them the drawings of the boxes
    public record Set(Pack pack, Paper paper, List<PackPaper.Place> places) {}

    /// The pack, set on paper without writing it.
    public Set set() {
        Pack pack = pack();
        List<PackPaper.Place> places = new ArrayList<>();
        Paper paper = PdfWriter.set(measure -> {
            PackPaper set = packPaper(pack, measure);
            places.addAll(set.places(measure));
            return set.paper(measure);
        });
        return new Set(pack, paper, List.copyOf(places));
    }

    private PackPaper packPaper(Pack pack, Measure measure) {
        Job job = assessment.job();
        Paper boxes = BoxPaper.of(job, assessment.get(CorePlan.FACT), day(), measure);
        return new PackPaper(
                pack, job.service().photographs(), boxes.pages(), job.site().name(), size);
    }

    private byte[] pdf(Map<String, byte[]> jpegs) {
        return PdfWriter.write(measure -> packPaper(pack(), measure).paper(measure), jpegs)
                .bytes();
    }

    private LocalDate day() {
        return now.atZone(ZoneOffset.UTC).toLocalDate();
    }

    /// The calendar of what falls due.
    public String calendar() {
        Job job = assessment.job();
        return DueCalendar.text(
                job.site().name(),
                job.site().place(),
                DueDates.from(assessment.get(DueDates.FACT), job.practice(), day()),
                now);
    }

    private static void tables(PackSection section, Map<String, byte[]> files) {
        int number = 1;
        for (Table table : section.tables()) {
            String name = section.tables().size() == 1 ? section.id() : section.id() + "-" + number++;
            files.put(name + ".csv", utf8(TableCsv.text(table)));
        }
    }

    private static List<Path> write(Path folder, Map<String, byte[]> files) throws IOException {
        Files.createDirectories(folder);
        List<Path> written = new ArrayList<>();
        StringBuilder sums = new StringBuilder();
        Path old = folder.resolve(SUMS);
        Files.deleteIfExists(old);
        for (Map.Entry<String, byte[]> file : files.entrySet()) {
            Path path = folder.resolve(file.getKey());
            Files.createDirectories(path.getParent());
            SafeFile.replace(path, file.getValue());
            written.add(path);
            sums.append(Fingerprint.of(file.getValue()))
                    .append("  ")
                    .append(file.getKey())
                    .append('\n');
        }
        SafeFile.replace(old, utf8(sums.toString()));
        written.add(old);
        return written;
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
